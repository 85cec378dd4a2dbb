import { z } from 'zod';
import { BOW_KINDS, standingSchema } from '../holds';
import { MEASURE_IDS } from '../measure';

/** Parts of the body and the bow that a cause sits in; severity goes by them. */
export const PARTS = ['thumb', 'little', 'index', 'hand', 'wrist', 'arm', 'whole', 'bow'] as const;

/** Where in the look a sign is asked for that only a person can see. */
export const LOOK_STATIONS = [
  'setUp',
  'thumb',
  'fingers',
  'little',
  'wrist',
  'relaxation',
] as const;

/** Ages that priors go by: up to 11, 12 to 17, 18 and over. */
export const AGE_BANDS = ['child', 'youth', 'adult'] as const;

/** Something that can be seen to be wrong: by a measure's verdict, by its category, or only by a person's look. */
export const signSchema = z
  .object({
    id: z.string(),
    from: z.union([
      z.object({ measure: z.enum(MEASURE_IDS), verdict: z.enum(['low', 'high']) }).strict(),
      z.object({ measure: z.enum(MEASURE_IDS), categories: z.array(z.string()).min(1) }).strict(),
      z.object({ look: z.enum(LOOK_STATIONS) }).strict(),
    ]),
    /** Signs that rest on the same point: one bad mark must not look like several faults. */
    group: z.string(),
    standing: standingSchema,
  })
  .strict();

/** Why a hold goes wrong: the signs that it brings about, strongest first, and what is said and practised against it. */
export const causeSchema = z
  .object({
    id: z.string(),
    part: z.enum(PARTS),
    /** Kinds of bow on which it happens; all of them when left out. */
    bows: z.array(z.enum(BOW_KINDS)).min(1).optional(),
    /** Kinds of bow on which it is the commonest. */
    commonestOn: z.array(z.enum(BOW_KINDS)).min(1).optional(),
    /** Ages at which it is commoner than at others. */
    commonerAt: z.array(z.enum(AGE_BANDS)).min(1).optional(),
    /** Rank 1 is a sign that it nearly always brings. */
    signs: z
      .array(z.object({ sign: z.string(), rank: z.number().int().min(1).max(4) }).strict())
      .min(1),
    /** The ladder of cues: the first one is said first. Their words lie in the strings catalogues. */
    cues: z.array(z.string()).min(1),
    drills: z.array(z.string()),
    standing: standingSchema,
  })
  .strict();

/** An exercise; those that load the little finger are taken off when something hurts. */
export const drillSchema = z
  .object({ id: z.string(), loadsLittleFinger: z.boolean(), standing: standingSchema })
  .strict();

/** Two signs that cannot both be: which of them was seen is asked, and until then neither counts. */
export const contradictionSchema = z
  .object({ signs: z.tuple([z.string(), z.string()]), standing: standingSchema })
  .strict();

const probability = z.number().min(0).max(1);

/** The numbers of the network: estimates, in one place. */
export const numbersSchema = z
  .object({
    linkByRank: z.tuple([probability, probability, probability, probability]),
    leak: probability,
    prior: probability,
    priorOfCommonest: probability,
    priorOfCommonerAtAge: probability,
    severity: z.partialRecord(z.enum(PARTS), z.number().positive()),
    severityOtherwise: z.number().positive(),
    /** How many checks a prior weighs against what this student's checks showed. */
    pseudoChecks: z.number().positive(),
    /** Scores this close to each other, as a share of the larger, are a tie. */
    tieWithin: probability,
    /** How probable a second thing to work on must be to be named. */
    secondFrom: probability,
    standing: standingSchema,
  })
  .strict();

export type LookStation = (typeof LOOK_STATIONS)[number];
export type AgeBand = (typeof AGE_BANDS)[number];
export type Contradiction = z.infer<typeof contradictionSchema>;
export type Part = (typeof PARTS)[number];
export type Sign = z.infer<typeof signSchema>;
export type Cause = z.infer<typeof causeSchema>;
export type Drill = z.infer<typeof drillSchema>;
export type JudgeNumbers = z.infer<typeof numbersSchema>;
