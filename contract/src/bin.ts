import { z } from 'zod';
import { instantSchema } from './bounds';
import { idSchema } from './ids';
import { lenientArray } from './lenientArray';

/** What can be taken away. A letter has the id of its look; `photographs` are all of a student, and have the student's. */
export const REMOVABLE = ['student', 'check', 'picture', 'photographs', 'take', 'letter'] as const;

/** How long what was taken away can be brought back, days. */
export const BIN_DAYS = 7;

/** What is to be taken away, under an id of the client's own, so that a repeated request is known as the same one. */
export const removalSchema = z.object({ kind: z.enum(REMOVABLE), ofId: idSchema }).strict();

/** How much goes with what is taken away. */
export const removedCountsSchema = z.object({
  looks: z.number().int().nonnegative(),
  pictures: z.number().int().nonnegative(),
  takes: z.number().int().nonnegative(),
  letters: z.number().int().nonnegative(),
  /** Notes of lessons, agreements, plans and what else was written down. */
  notes: z.number().int().nonnegative(),
  /** Cues in the teacher's own words that were first said to this student: other students lose them too. */
  ownCues: z.number().int().nonnegative(),
});

/** Something to be taken away: whose it is, and what goes with it. */
export const removableSchema = removalSchema.extend({
  studentId: idSchema,
  studentName: z.string(),
  /** When the look or the take was; null for what has no day of its own. */
  takenAt: instantSchema.nullable(),
  holds: removedCountsSchema,
});

/** Something that was taken away and can be brought back. */
export const binItemSchema = removableSchema.extend({
  id: idSchema,
  removedAt: instantSchema,
  /** When it is gone for good. */
  goneAt: instantSchema,
});

export const binSchema = z.object({
  /** What was taken away last comes first. */
  items: lenientArray(binItemSchema),
  /** Backups that still hold a student who was erased, because they are being written anew or could not be. */
  backupsHolding: z.number().int().nonnegative(),
});

/** Which of some ids were erased: what a device keeps of them goes too. */
export const goneAskedSchema = z.object({ ids: z.array(idSchema).max(5000) }).strict();
export const goneSchema = z.object({ erased: z.array(idSchema) });

export type Removable = z.infer<typeof removableSchema>;
export type Removal = z.infer<typeof removalSchema>;
export type RemovableKind = Removal['kind'];
export type RemovedCounts = z.infer<typeof removedCountsSchema>;
export type BinItem = z.infer<typeof binItemSchema>;
export type Bin = z.infer<typeof binSchema>;
