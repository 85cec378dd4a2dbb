import { z } from 'zod';
import { CONTEXTS } from '@open-palm/core/measure';
import { captureSchema } from './capture';
import { idSchema } from './ids';
import { contactsSchema, mergedMeasureSchema } from './measureSchema';
import { bowSizeSchema, holdIdSchema, settingsSchema } from './setup';
import { tapSchema } from './tap';

const MOST_CAPTURES = 12;

/** By what a hold was judged: kept with each check, so that later changes never rewrite it. */
export const gripSchema = z
  .object({
    holdId: holdIdSchema,
    holdVersion: z.number().int().positive(),
    settings: settingsSchema,
    bowSize: bowSizeSchema,
    /** Length of the middle finger, measured or estimated, mm. */
    middleFinger: z.object({ mm: z.number().positive(), sdMm: z.number().nonnegative() }).strict(),
    /** The relaxed-hand picture that gaps are compared with. */
    relaxedHandId: idSchema.nullable(),
  })
  .strict();

/** One look at a student's hold, as the client sends it; the measures are worked out again by the server. */
export const checkInputSchema = z
  .object({
    studentId: idSchema,
    setupId: idSchema,
    takenAt: z.iso.datetime({ offset: true }),
    context: z.enum(CONTEXTS),
    grip: gripSchema,
    captures: z.array(captureSchema).max(MOST_CAPTURES, `at most ${MOST_CAPTURES} pictures`),
    taps: z.array(tapSchema).max(200),
  })
  .strict()
  .refine(({ captures, taps }) => captures.length + taps.length > 0, {
    path: ['captures'],
    error: 'a check needs a picture or an answer',
  });

/** A kept check with what was worked out of it. */
export const checkSchema = checkInputSchema.extend({
  id: idSchema,
  measures: z.array(mergedMeasureSchema),
  contacts: contactsSchema,
});

export type Grip = z.infer<typeof gripSchema>;
export type CheckInput = z.infer<typeof checkInputSchema>;
export type Check = z.infer<typeof checkSchema>;
