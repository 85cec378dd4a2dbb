import { z } from 'zod';
import { CAUSES, SIGNS } from '@open-palm/core/judge';
import { MEASURE_IDS, PLACES } from '@open-palm/core/measure';
import { AIDS, TEST_PARTS, WHOLE_HAND_TESTS } from '@open-palm/core/practice';
import { problemText } from '@open-palm/core/problem';
import { dateSchema, instantSchema } from './bounds';
import { wordSchema } from './check';
import { noSuch } from './noSuch';
import { idSchema } from './ids';
import { planBody, practisedBody } from './practice';
import { RESTARTS } from './restarts';
import { termPageBody } from './termPage';

const causeId = z.string().refine((id) => CAUSES.some((cause) => cause.id === id), {
  error: noSuch('cause'),
});

const signId = z.string().refine((id) => SIGNS.some((sign) => sign.id === id), {
  error: noSuch('sign'),
});

const xMm = z.number().min(-400).max(800);

/** What a whole-hand test showed; what was not recorded is left out. */
export const testResultSchema = z
  .object({
    seconds: z.number().nonnegative().max(3600).optional(),
    clean: z.number().int().nonnegative().max(100).optional(),
    /** Up to which angle it stayed, from level; what is recorded now comes down from upright. */
    angleDeg: z.number().min(0).max(90).optional(),
    /** The angle over level down to which it stayed. */
    downToDeg: z.number().min(0).max(90).optional(),
    counts: z.number().int().nonnegative().max(1000).optional(),
    steps: z.number().int().nonnegative().max(1000).optional(),
    breaks: z.number().int().nonnegative().max(1000).optional(),
    part: z.enum(TEST_PARTS).optional(),
    answers: z.record(z.string().max(40), z.string().max(40)).optional(),
    placements: z
      .array(
        z
          .object({
            seconds: z.number().nonnegative().max(3600),
            xMm: z.object({ thumb: xMm, index: xMm, middle: xMm, ring: xMm, little: xMm }).strict(),
          })
          .strict(),
      )
      .max(20)
      .optional(),
    bpm: z.number().positive().max(400).optional(),
  })
  .strict();

const effect = z.enum(['better', 'same', 'worse']).nullable();

const shared = {
  id: idSchema,
  studentId: idSchema,
  setupId: idSchema,
  madeAt: instantSchema,
};

/**
 * Something that happened in a lesson beside what was measured. Entries are added and never changed, under ids of the
 * client's own, so that a device without a network can keep them and send them again.
 */
export const logEntrySchema = z.discriminatedUnion('kind', [
  /** What came of a cue. */
  z
    .object({
      ...shared,
      kind: z.literal('cue'),
      checkId: idSchema,
      /** Null where no cause was named: what was seen was corrected by itself. */
      cause: causeId.nullable(),
      /** What was corrected then. */
      sign: signId.optional(),
      /** A shipped cue, or the id of one of the teacher's own. */
      cue: z.string().min(1).max(80),
      outcome: z.enum(['worked', 'notYet', 'skip']),
    })
    .strict(),
  /** What that did to sound and ease. */
  z
    .object({
      ...shared,
      kind: z.literal('cueWord'),
      of: idSchema,
      sound: effect,
      ease: effect,
      word: wordSchema,
    })
    .strict(),
  /** A cue in the teacher's own words; the entry's id is the cue's. */
  z
    .object({
      ...shared,
      kind: z.literal('ownCue'),
      /** Null where it corrects what was seen by itself. */
      cause: causeId.nullable(),
      sign: signId.optional(),
      words: z.string().trim().min(1).max(200),
    })
    .strict(),
  /** The teacher sees another cause than the one that was put first. */
  z
    .object({
      ...shared,
      kind: z.literal('cause'),
      checkId: idSchema,
      cause: causeId,
      instead: causeId.nullable(),
      word: wordSchema,
    })
    .strict(),
  /** The teacher sees a verdict otherwise. */
  z
    .object({
      ...shared,
      kind: z.literal('verdict'),
      checkId: idSchema,
      measure: z.enum(MEASURE_IDS),
      place: z.enum(PLACES).nullable(),
      verdict: z.enum(['in', 'low', 'high']),
      word: wordSchema,
    })
    .strict(),
  z
    .object({
      ...shared,
      kind: z.literal('hurt'),
      what: z.enum(['pain', 'numb']),
      word: wordSchema,
    })
    .strict(),
  /** The one question of a lesson was answered; null for not sure. */
  z
    .object({
      ...shared,
      kind: z.literal('answer'),
      checkId: idSchema,
      sign: signId,
      seen: z.boolean().nullable(),
    })
    .strict(),
  /** It does not hurt any more. */
  z.object({ ...shared, kind: z.literal('cleared'), hurt: idSchema }).strict(),
  z
    .object({
      ...shared,
      kind: z.literal('test'),
      checkId: idSchema.nullable(),
      test: z.string().refine((id) => WHOLE_HAND_TESTS.some((test) => test.id === id), {
        error: noSuch('test'),
      }),
      result: testResultSchema,
    })
    .strict(),
  /** Something that was agreed, with the day by which. */
  z
    .object({
      ...shared,
      kind: z.literal('promise'),
      words: z.string().trim().min(1, problemText('agreedMissing')).max(200),
      due: dateSchema,
    })
    .strict(),
  /** It was kept, or is let go, or was ticked off by mistake. */
  z
    .object({
      ...shared,
      kind: z.literal('promiseState'),
      of: idSchema,
      state: z.enum(['kept', 'dropped', 'open']),
    })
    .strict(),
  /** An aid is used from a day on, to be off by another. */
  z
    .object({
      ...shared,
      kind: z.literal('aid'),
      aid: z.string().refine((id) => AIDS.some((aid) => aid.id === id), {
        error: noSuch('aid'),
      }),
      from: dateSchema,
      off: dateSchema,
    })
    .strict()
    .refine(({ from, off }) => from < off, {
      path: ['off'],
      error: problemText('aidOrder'),
    }),
  /** A step of doing without it was taken; the last one is being without. */
  z
    .object({
      ...shared,
      kind: z.literal('aidStep'),
      of: idSchema,
      step: z.number().int().min(1).max(10),
      done: z.boolean(),
    })
    .strict(),
  /** A planned change: it restarts what is compared, and is never drift. */
  z
    .object({
      ...shared,
      kind: z.literal('planned'),
      why: z.enum(RESTARTS),
      on: dateSchema,
      word: wordSchema,
    })
    .strict(),
  /** An adult's own experiment: what was changed, and what it did; nobody judges it. */
  z
    .object({
      ...shared,
      kind: z.literal('experiment'),
      words: z.string().trim().min(1).max(200),
      sound: effect,
      ease: effect,
      keep: z.enum(['keep', 'drop']).nullable(),
    })
    .strict(),
  /** The hold was built step by step. */
  z
    .object({
      ...shared,
      kind: z.literal('built'),
      order: z.string().min(1).max(40),
      rounds: z.number().int().positive().max(50),
      seconds: z.number().nonnegative().max(36_000),
    })
    .strict(),
  /** What is practised until the next lesson. */
  z.object({ ...shared, kind: z.literal('plan'), ...planBody }).strict(),
  /** What was practised of a plan, as a card, a sheet of paper or a student told it. */
  z.object({ ...shared, kind: z.literal('practised'), ...practisedBody }).strict(),
  /** A page of a term was given: what was told then. */
  z.object({ ...shared, kind: z.literal('term'), ...termPageBody }).strict(),
]);

/** A cue of the teacher's own. */
export const ownCueSchema = z.object({
  id: idSchema,
  cause: z.string().nullable(),
  sign: z.string().optional(),
  words: z.string(),
});

export type TestResult = z.infer<typeof testResultSchema>;
export type LogEntry = z.infer<typeof logEntrySchema>;
export type LogEntryOf<K extends LogEntry['kind']> = Extract<LogEntry, { kind: K }>;
export type OwnCue = z.infer<typeof ownCueSchema>;
