import { z } from 'zod';
import { CONTEXTS } from '@open-palm/core/measure';
import { captureSchema } from './capture';
import { idSchema } from './ids';
import { contactsSchema, measureSchema } from './measureSchema';

/** One look at a student's hold, as the client sends it; the measures are worked out again by the server. */
export const checkInputSchema = z
  .object({
    studentId: idSchema,
    takenAt: z.iso.datetime({ offset: true }),
    context: z.enum(CONTEXTS),
    holdId: z.string(),
    captures: z.array(captureSchema).min(1).max(1, 'one picture a check, so far'),
  })
  .strict();

/** A kept check: with the version of the hold by which it was judged. */
export const checkSchema = checkInputSchema.extend({
  id: idSchema,
  holdVersion: z.number().int().positive(),
  measures: z.array(measureSchema),
  contacts: contactsSchema,
});

export type CheckInput = z.infer<typeof checkInputSchema>;
export type Check = z.infer<typeof checkSchema>;
