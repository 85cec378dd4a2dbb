import { z } from 'zod';
import { BOW_KINDS, evidenceSchema } from '../holds';
import { CONTEXTS, MEASURE_IDS } from '../measure';

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

const measureId = z.enum(MEASURE_IDS);
const bowKinds = z.array(z.enum(BOW_KINDS)).min(1);

/** What tells of a sign. */
const toldBySchema = z.union([
  z
    .object({
      measure: measureId,
      verdict: z.enum(['low', 'high']),
      /** Out of the band is not enough: only beyond this value, in the verdict's direction. */
      beyond: z.number().optional(),
      /** Other measures of which the same verdict tells of it too. */
      orMeasures: z.array(measureId).min(1).optional(),
      /** A category that tells of it too. */
      orCategories: z
        .object({ measure: measureId, categories: z.array(z.string()).min(1) })
        .strict()
        .optional(),
      /** Categories that are out and do not tell of it. */
      unless: z.array(z.string()).min(1).optional(),
    })
    .strict(),
  z.object({ measure: measureId, categories: z.array(z.string()).min(1) }).strict(),
  /** Only a person sees it. */
  z.object({ look: z.enum(LOOK_STATIONS) }).strict(),
  /** A whole-hand test shows it. */
  z.object({ test: z.string() }).strict(),
  /** Two others, seen at two places of the bow or at two times, are it. */
  z.object({ opposites: z.literal(true) }).strict(),
]);

/** Something that can be seen to be wrong: by a measure's verdict, by its category, by a test, or only by a person's look. */
export const signSchema = z
  .object({
    id: z.string(),
    from: toldBySchema,
    /** Kinds of bow on which it can be seen; all of them when left out. */
    bows: bowKinds.optional(),
    /** Alone it is noted, and nothing is changed for it. */
    minor: z.literal(true).optional(),
    /** Everything else depends on it: it comes first however likely its cause is. */
    firstInLine: z.literal(true).optional(),
    /** A measure tells of it only where one of these is there too; a person's word needs none. */
    onlyWith: z
      .object({ bows: bowKinds.optional(), signs: z.array(z.string()).min(1) })
      .strict()
      .optional(),
    /** Only holds that have a band for it know it. */
    needsBand: z.literal(true).optional(),
    /** Only where the index leads by too much or is nearly straight: otherwise all fingers are far apart. */
    loneIndex: z.literal(true).optional(),
    /** Only a bow that moves on the string can show it, or its absence. */
    seenIn: z.literal('stroke').optional(),
    /** Levels at which it is a fault; later it may be a means. */
    levels: z
      .array(z.enum(['beginner']))
      .min(1)
      .optional(),
    /** What is said of it where no cause is likely enough: the first that fits the hold. */
    cues: z.array(z.string()).min(1),
    /** Signs that rest on the same point: one bad mark must not look like several faults. */
    group: z.string(),
    standing: evidenceSchema,
  })
  .strict();

/** Where to put it · how it should feel, or an image · another way to come there. */
export const CUE_KINDS = ['where', 'feel', 'otherwise'] as const;

/** Something to say. It fits a hold whose bands allow what it asks for. */
export const cueSchema = z
  .object({
    id: z.string(),
    kind: z.enum(CUE_KINDS),
    /** Kinds of bow that it is meant for; all of them when left out. */
    bows: bowKinds.optional(),
    /** What the hand does when it is followed: one of these categories, or about this value. */
    asks: z.partialRecord(measureId, z.union([z.array(z.string()).min(1), z.number()])).optional(),
    /** Signs of which one must have been seen: without it the words would claim it. */
    onlyFor: z.array(z.string()).min(1).optional(),
    /** Which way it moves a measure: never the way that is wrong already. */
    moves: z.partialRecord(measureId, z.enum(['up', 'down'])).optional(),
    standing: evidenceSchema,
  })
  .strict();

/** Why a hold goes wrong: the signs that it brings about, strongest first, and what is said and practised against it. */
export const causeSchema = z
  .object({
    id: z.string(),
    part: z.enum(PARTS),
    /** Kinds of bow on which it happens; all of them when left out. */
    bows: bowKinds.optional(),
    /** Kinds of bow on which it is the commonest. */
    commonestOn: bowKinds.optional(),
    /** Ages at which it is commoner than at others. */
    commonerAt: z.array(z.enum(AGE_BANDS)).min(1).optional(),
    /** Signs that can be looked at, felt or tested: without one of them it is asked, never said. */
    toldBy: z.array(z.string()).min(1).optional(),
    /** Rank 1 is a sign that it nearly always brings. */
    signs: z
      .array(z.object({ sign: z.string(), rank: z.number().int().min(1).max(4) }).strict())
      .min(1),
    /** The ladder of cues: the first one that fits is said first. Their words lie in the strings catalogues. */
    cues: z.array(z.string()).min(3),
    standing: evidenceSchema,
  })
  .strict();

/** Causes of which one is there, or none: too far back or too far forward. */
export const exclusiveSchema = z.array(z.string()).min(2);

const seenAtSchema = z.object({ sign: z.string(), at: z.array(z.enum(CONTEXTS)).min(1) }).strict();

/** Two opposite signs at two places of the bow or two times of a lesson, which together are one of their own. */
export const oppositesSchema = z
  .object({
    one: seenAtSchema,
    other: seenAtSchema,
    becomes: z.string(),
    standing: evidenceSchema,
  })
  .strict();

/** Two signs that cannot both be: which of them was seen is asked, and until then neither counts. */
export const contradictionSchema = z
  .object({ signs: z.tuple([z.string(), z.string()]), standing: evidenceSchema })
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
    /** How probable a cause must be to be named at all: below it what was seen is corrected by itself. */
    namedFrom: probability,
    /** From here on the part of the hand counts for a cause: before it, what is likelier comes first. */
    graveFrom: probability,
    /** Below this it is said with a perhaps. */
    surelyFrom: probability,
    /** What a question must bring at least to be asked. */
    leastGain: probability,
    standing: evidenceSchema,
  })
  .strict();

export type LookStation = (typeof LOOK_STATIONS)[number];
export type AgeBand = (typeof AGE_BANDS)[number];
export type Contradiction = z.infer<typeof contradictionSchema>;
export type Part = (typeof PARTS)[number];
export type Sign = z.infer<typeof signSchema>;
export type Cause = z.infer<typeof causeSchema>;
export type Cue = z.infer<typeof cueSchema>;
export type Opposites = z.infer<typeof oppositesSchema>;
export type DiagnosisNumbers = z.infer<typeof numbersSchema>;
