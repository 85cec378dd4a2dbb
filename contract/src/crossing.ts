import { z } from 'zod';
import { ELBOW_LEVELS } from '@open-palm/core/measure';
import { problemText } from '@open-palm/core/problem';
import { instantSchema } from './bounds';
import { idSchema } from './ids';
import { lenientArray } from './lenientArray';

/** How the elbow was seen on each string, the lowest first. */
const elbowsSchema = z
  .array(
    z.object({ string: z.string().min(1).max(3), elbow: z.enum(ELBOW_LEVELS).nullable() }).strict(),
  )
  .min(4)
  .max(5)
  .refine(
    (strings) => new Set(strings.map(({ string }) => string)).size === strings.length,
    problemText('stringTwice'),
  )
  .refine((strings) => strings.some(({ elbow }) => elbow !== null), problemText('nothingSeen'));

/** String crossings that were looked at, on their way to the studio. */
export const crossingInputSchema = z
  .object({
    studentId: idSchema,
    setupId: idSchema,
    seenAt: instantSchema,
    strings: elbowsSchema,
  })
  .strict();

export const crossingSchema = crossingInputSchema.extend({ id: idSchema });

export const crossingListSchema = z.object({ crossings: lenientArray(crossingSchema) });

export type CrossingInput = z.infer<typeof crossingInputSchema>;
export type Crossing = z.infer<typeof crossingSchema>;
