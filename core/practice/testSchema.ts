import { z } from 'zod';
import { evidenceSchema } from '../holds';

/** How far a student is; some tests are not asked of beginners, and watching first is the habit from advanced on. */
export const LEVELS = ['beginner', 'intermediate', 'advanced'] as const;

/** What of the hand can give way, tighten, or drag along in a test. */
export const TEST_PARTS = ['thumb', 'index', 'middle', 'ring', 'little', 'wrist'] as const;

/** What is recorded of a test, in the order in which it is asked for. */
export const recorderSchema = z.discriminatedUnion('kind', [
  /** Seconds until something breaks. */
  z.object({ kind: z.literal('stopwatch') }).strict(),
  /** Which part gave way; none may be. */
  z.object({ kind: z.literal('part') }).strict(),
  /** Clean ones out of so many. */
  z.object({ kind: z.literal('cleanOf'), of: z.number().int().positive() }).strict(),
  /** Angle of the bow above level, down to which the hold stayed on the way from upright. */
  z.object({ kind: z.literal('downTo') }).strict(),
  z.object({ kind: z.literal('counts') }).strict(),
  z.object({ kind: z.literal('steps') }).strict(),
  z.object({ kind: z.literal('breaks') }).strict(),
  z
    .object({
      kind: z.literal('question'),
      id: z.string(),
      options: z.array(z.string()).min(2),
    })
    .strict(),
  /** The hold formed afresh several times, each with its seconds and places. */
  z.object({ kind: z.literal('placements') }).strict(),
  /** The look at the end against the one at the start of the same lesson. */
  z.object({ kind: z.literal('comparison') }).strict(),
]);

/** A test of the whole hand. Its words lie in the strings catalogues by its id. */
export const wholeHandTestSchema = z
  .object({
    id: z.string(),
    records: z.array(recorderSchema).min(1),
    loadsLittleFinger: z.boolean(),
    /** Whether the bow may fall: then it is done over something soft. */
    overSoft: z.literal(true).optional(),
    /** Whether somebody touches the student's hand: asked first. */
    touches: z.literal(true).optional(),
    /** Not offered below this level. */
    fromLevel: z.enum(LEVELS),
    /** Whether it goes well to a beat. */
    metronome: z.boolean(),
    standing: evidenceSchema,
  })
  .strict();

export type Level = (typeof LEVELS)[number];
export type TestPart = (typeof TEST_PARTS)[number];
export type Recorder = z.infer<typeof recorderSchema>;
export type WholeHandTest = z.infer<typeof wholeHandTestSchema>;
