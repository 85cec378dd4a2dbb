import { z } from 'zod';
import { HAND_POINTS } from '@open-palm/core/hand';
import { SIDES } from '@open-palm/core/measure';
import { instantSchema } from './bounds';
import { imageSizeSchema, markedPointSchema } from './capture';
import { idSchema } from './ids';

/** A picture of a student's hand as it hangs, pronated, from above its back, with its marked points. */
export const relaxedHandInputSchema = z
  .object({
    studentId: idSchema,
    takenAt: instantSchema,
    pictureId: idSchema,
    side: z.enum(SIDES),
    image: imageSizeSchema,
    points: z.partialRecord(
      z.enum(HAND_POINTS as readonly string[] as [string, ...string[]]),
      markedPointSchema,
    ),
  })
  .strict();

export const relaxedHandSchema = relaxedHandInputSchema.extend({ id: idSchema });

export type RelaxedHandInput = z.infer<typeof relaxedHandInputSchema>;
export type RelaxedHandRecord = z.infer<typeof relaxedHandSchema>;
