import { z } from 'zod';
import { evidenceSchema } from '../holds';
import { BOW_KINDS } from '../holds/holdSchema';
import drills from './data/drills.json';
import { LEVELS } from './testSchema';

/** What a drill is done with. */
export const NEEDS = [
  'bow',
  'instrument',
  'pencil',
  'marker',
  'ball',
  'tube',
  'wall',
  'mirror',
  'partner',
  'soft',
] as const;

/** In which order drills come on a day: looking, loosening, thumb, fingers, little finger, with the instrument. */
export const DRILL_KINDS = ['look', 'loosen', 'thumb', 'fingers', 'little', 'instrument'] as const;

const bows = z.array(z.enum(BOW_KINDS)).min(1);
/** How much of a cause a drill takes away, by cause: direct 0.6, helpful 0.4, indirect 0.2. [memory] */
const trains = z.record(z.string(), z.number().min(0).max(1));

const stageSchema = z
  .object({
    /** How much it asks of the little finger: nothing, a little, all of the bow. */
    load: z.union([z.literal(0), z.literal(1), z.literal(2)]),
    needs: z.array(z.enum(NEEDS)),
    /** What this stage trains beside what all of them do. */
    trains: trains.optional(),
    bows: bows.optional(),
  })
  .strict();

/** An exercise. What is done, how it is done wrong, and what it is called lie in the strings catalogues. */
export const drillSchema = z
  .object({
    id: z.string(),
    /** Kinds of bow that it is meant for; all of them when left out. */
    bows: bows.optional(),
    kind: z.enum(DRILL_KINDS),
    trains,
    /** What it takes away of whatever is there. */
    trainsAll: z.number().min(0).max(1).optional(),
    /** The dose; 0 minutes for what is done within other playing. */
    minutesATurn: z.number().int().min(0),
    turnsADay: z.number().int().positive(),
    /** So many times in a turn, where it is counted. [practice] */
    count: z.number().int().positive().optional(),
    /** Beats a minute to begin with, where a metronome helps. [memory] */
    bpm: z.number().int().positive().optional(),
    /** From the lightest on. */
    stages: z.array(stageSchema).min(1),
    /** In every plan, on every day. */
    always: z.literal(true).optional(),
    /** Whether it gives the hand a new shape: at most two at once. */
    newShape: z.literal(true).optional(),
    /** Whether it goes to the end of a joint's range: not for hypermobile hands. */
    endOfRange: z.literal(true).optional(),
    /** The hold's own test that it is: a hold that does not list the test does not have the drill. */
    test: z.string().optional(),
    /** What has to have been done before. */
    after: z
      .union([
        z
          .object({
            drill: z.string(),
            stage: z.number().int().positive().optional(),
            days: z.number().int().positive().optional(),
          })
          .strict(),
        z.object({ carrySeconds: z.number().positive() }).strict(),
      ])
      .optional(),
    fromLevel: z.enum(LEVELS).optional(),
    standing: evidenceSchema,
  })
  .strict();

export type Drill = z.infer<typeof drillSchema>;
export type DrillStage = z.infer<typeof stageSchema>;
export type Need = (typeof NEEDS)[number];

/** Every drill, in the order of the table. */
export const DRILLS: readonly Drill[] = z.array(drillSchema).parse(drills);

/** What a drill takes away of a cause at a stage of it, counted from 1. */
export function effectOn(drill: Drill, stage: number, cause: string): number {
  const own = drill.stages[stage - 1]?.trains?.[cause] ?? 0;
  return Math.max(own, drill.trains[cause] ?? 0, drill.trainsAll ?? 0);
}

/** Whether a hold has a drill: it is meant for its bow, and where it is a test, the hold lists it. */
export const isDrillOf = (
  drill: Pick<Drill, 'bows' | 'test'>,
  { bow, tests }: { bow: (typeof BOW_KINDS)[number]; tests: readonly string[] },
): boolean =>
  (drill.bows === undefined || drill.bows.includes(bow)) &&
  (drill.test === undefined || tests.includes(drill.test));
