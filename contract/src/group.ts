import { z } from 'zod';
import { LAYOUTS, seatsTakenTwice } from '@open-palm/core/row/seats';
import { problemText } from '@open-palm/core/problem';
import { idSchema } from './ids';
import { lessonSchema } from './lesson';

/** More players than this are no group that one teacher walks. */
export const MOST_MEMBERS = 80;
/** A room has no more seats in a row, and no more rows. */
const MOST_SEATS = 40;

export const seatSchema = z
  .object({
    row: z.number().int().min(0).max(MOST_SEATS),
    place: z.number().int().min(0).max(MOST_SEATS),
  })
  .strict();

/** Who plays in a group, on which of their instruments, and where they sit. */
export const memberSchema = z
  .object({ setupId: idSchema, seat: seatSchema.nullable().default(null) })
  .strict();

/** What a teacher writes down of a group. */
export const groupInputSchema = z
  .object({
    name: z.string().trim().min(1, problemText('nameNeeded')).max(80),
    /** When it meets every week, if it does. */
    meets: lessonSchema.nullable().default(null),
    layout: z.enum(LAYOUTS).default('rows'),
    /** By student: each is in a group once. */
    members: z
      .record(idSchema, memberSchema)
      .refine((members) => Object.keys(members).length <= MOST_MEMBERS, {
        error: problemText('tooMany', { most: MOST_MEMBERS }),
      })
      .default({}),
  })
  .strict()
  .superRefine(({ members }, context) => {
    const seated = Object.entries(members).map(([studentId, { seat }]) => ({ studentId, seat }));
    for (const { row, place } of seatsTakenTwice(seated)) {
      const second = seated.filter(
        ({ seat }) => seat && seat.row === row && seat.place === place,
      )[1]!;
      context.addIssue({
        code: 'custom',
        path: ['members', second.studentId, 'seat'],
        message: problemText('seatTaken', { row: row + 1, place: place + 1 }),
      });
    }
  });

export const groupSchema = groupInputSchema.safeExtend({ id: idSchema });

/** A group as the studio has it, in the version that an edit is based on. */
export const keptGroupSchema = groupSchema.safeExtend({
  version: z.number().int().positive().default(1),
});

export type Member = z.infer<typeof memberSchema>;
export type GroupInput = z.infer<typeof groupInputSchema>;
export type Group = z.infer<typeof groupSchema>;
export type KeptGroup = z.infer<typeof keptGroupSchema>;

/** What is written down of a kept group, as an edit sends it. */
export const groupInputOf = ({ id: _, version: __, ...input }: KeptGroup): GroupInput => input;
