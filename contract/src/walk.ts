import { z } from 'zod';
import { ROW_FAULTS } from '@open-palm/core/row/rowData';
import type { RowMark } from '@open-palm/core/row/rowMark';
import { SIGNS } from '@open-palm/core/judge';
import { dateSchema, instantSchema } from './bounds';
import { keptGroupSchema } from './group';
import { idSchema } from './ids';
import { lenientArray } from './lenientArray';
import { noSuch } from './noSuch';
import { tapSchema } from './tap';

/** Marks that one walk can have: 80 players, each touched some times. */
const MOST_MARKS = 2000;

const faultId = z.string().refine((id) => ROW_FAULTS.some((fault) => fault.id === id), {
  error: noSuch('fault'),
});
const signId = z.string().refine((id) => SIGNS.some((sign) => sign.id === id), {
  error: noSuch('sign'),
});

const common = { id: idSchema, at: instantSchema, studentId: idSchema, setupId: idSchema };

/** One thing that was said of one player while the row was walked. */
export const rowMarkSchema = z.discriminatedUnion('kind', [
  z.object({ ...common, kind: z.literal('absent') }).strict(),
  z.object({ ...common, kind: z.literal('fine') }).strict(),
  z.object({ ...common, kind: z.literal('tap'), tap: tapSchema }).strict(),
  z.object({ ...common, kind: z.literal('sign'), sign: signId }).strict(),
  z.object({ ...common, kind: z.literal('without'), fault: faultId }).strict(),
  z.object({ ...common, kind: z.literal('undone'), mark: idSchema }).strict(),
]) satisfies z.ZodType<RowMark>;

/** A walk through a group on one day, as a device sends it: all the marks that it knows. */
export const walkInputSchema = z
  .object({
    groupId: idSchema,
    /** By the calendar on the wall of the room. */
    day: dateSchema,
    /** It was written down after class. */
    fromMemory: z.boolean().default(false),
    marks: z.array(rowMarkSchema).max(MOST_MARKS),
  })
  .strict();

/** A walk with the marks of every device that walked it. */
export const walkSchema = walkInputSchema.extend({ id: idSchema });

/** What a walk saw of one player, as it was judged then. */
export const walkedPlayerSchema = z.object({
  studentId: idSchema,
  isAbsent: z.boolean(),
  /** Faults that were looked at, and whether they were there. */
  faults: z.record(z.string(), z.boolean()),
  /** When the hold was looked at, ISO; null where it was not. */
  at: z.string().nullable(),
  /** The look that it became; null where it became none. */
  checkId: idSchema.nullable(),
});

export const walkedSchema = z.object({
  id: idSchema,
  day: dateSchema,
  fromMemory: z.boolean(),
  players: lenientArray(walkedPlayerSchema),
});

/** A group in lists. */
export const groupListItemSchema = z.object({
  group: keptGroupSchema,
  /** The day of its newest walk. */
  lastDay: dateSchema.nullable(),
});

export const groupListSchema = z.object({
  groups: lenientArray(groupListItemSchema),
  /** Those that were taken away and can be brought back. */
  removed: lenientArray(z.object({ id: idSchema, name: z.string(), goneAt: z.string() })),
});

/** A group with its walks, those of the last weeks or of a year, the newest first, and the marks of the newest. */
export const groupFileSchema = z.object({
  group: keptGroupSchema,
  walks: lenientArray(walkedSchema),
  newest: walkSchema.nullable(),
});

export type WalkInput = z.infer<typeof walkInputSchema>;
export type Walk = z.infer<typeof walkSchema>;
export type Walked = z.infer<typeof walkedSchema>;
export type WalkedPlayer = z.infer<typeof walkedPlayerSchema>;
export type GroupListItem = z.infer<typeof groupListItemSchema>;
export type GroupFile = z.infer<typeof groupFileSchema>;
