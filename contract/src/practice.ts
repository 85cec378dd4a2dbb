import { z } from 'zod';
import { CAUSES } from '@open-palm/core/judge';
import { DRILLS, NEEDS } from '@open-palm/core/practice';
import { dateSchema } from './bounds';
import { idSchema } from './ids';
import { noSuch } from './noSuch';

/** A longer plan is none: the hand is looked at before. */
export const MOST_PLAN_DAYS = 62;
const MOST_DRILLS_A_DAY = 8;
const MOST_ROWS = 2000;

export const drillId = z.string().refine((id) => DRILLS.some((one) => one.id === id), {
  error: noSuch('drill'),
});
export const causeOfPlan = z.string().refine((id) => CAUSES.some((one) => one.id === id), {
  error: noSuch('cause'),
});

const stage = z.number().int().min(1).max(9);

/** A drill on a day, with its dose. */
export const plannedDrillSchema = z
  .object({
    drill: drillId,
    stage,
    turns: z.number().int().min(1).max(20),
    minutesATurn: z.number().int().min(0).max(20),
    load: z.union([z.literal(0), z.literal(1), z.literal(2)]),
  })
  .strict();

export const plannedDaySchema = z
  .object({
    on: dateSchema,
    /** Days with the same number have the same drills; null for a day of rest. */
    phase: z.number().int().min(1).max(9).nullable(),
    drills: z.array(plannedDrillSchema).max(MOST_DRILLS_A_DAY),
  })
  .strict();

/** What is practised until the next lesson, as it was agreed. */
export const planBody = {
  /** The plan before it, whose place it takes; null for the first one. */
  replaces: idSchema.nullable(),
  /** How the student is called on the card: a first name or a nickname. */
  called: z.string().trim().min(1).max(40),
  /** The day of the next lesson, which is not practised. */
  lesson: dateSchema,
  minutesADay: z.number().int().min(1).max(120),
  withoutInstrument: z.array(dateSchema).max(MOST_PLAN_DAYS),
  has: z.array(z.enum(NEEDS)),
  /** What it works on, each with how probable it was. */
  causes: z.record(causeOfPlan, z.number().min(0).max(1)),
  /** The stage of each drill that was open, where it was not the first. */
  stages: z.record(drillId, stage),
  days: z.array(plannedDaySchema).min(1).max(MOST_PLAN_DAYS),
};

/** What came of a turn. */
export const TURN_RESULTS = ['done', 'hard', 'hurt'] as const;
/** How a day felt. */
export const FELT = ['easy', 'fine', 'tired'] as const;

/** One turn of a drill on a day. */
export const practisedTurnSchema = z
  .object({
    day: dateSchema,
    drill: drillId,
    stage,
    turn: z.number().int().min(1).max(20),
    seconds: z.number().int().min(0).max(7200),
    result: z.enum(TURN_RESULTS),
    felt: z.enum(FELT).optional(),
  })
  .strict();

/** How a log came: from the card, ticked off paper, said aloud and tapped in, or practised together in the lesson. */
export const LOG_WAYS = ['card', 'paper', 'told', 'together'] as const;

/** What was practised of a plan. */
export const practisedBody = {
  of: idSchema,
  via: z.enum(LOG_WAYS),
  entries: z.array(practisedTurnSchema).max(MOST_ROWS),
};

/** What a card gives back: nothing of the student but what was done. docs/practice.md tells it in words. */
export const cardLogSchema = z
  .object({
    v: z.literal(1),
    /** The plan that the card was made of. */
    plan: idSchema,
    /** The card on that phone: a random text. */
    card: z.string().min(1).max(40),
    entries: z.array(practisedTurnSchema).max(MOST_ROWS),
  })
  .strict();

export type KeptPlannedDay = z.infer<typeof plannedDaySchema>;
export type KeptPlannedDrill = z.infer<typeof plannedDrillSchema>;
export type PractisedTurn = z.infer<typeof practisedTurnSchema>;
export type CardLog = z.infer<typeof cardLogSchema>;
export type LogWay = (typeof LOG_WAYS)[number];
export type Felt = (typeof FELT)[number];
