import { z } from 'zod';
import { MEASURE_IDS, PLACES } from '@open-palm/core/measure';
import { nameSchema, positiveSdSchema, valueSchema } from './bounds';

/** What a person answered by eye: that it is good, a category, or a value with the doubt of an eye. */
export const tapSchema = z
  .object({
    measure: z.enum(MEASURE_IDS),
    answer: z.discriminatedUnion('kind', [
      z.object({ kind: z.literal('fine') }).strict(),
      z.object({ kind: z.literal('category'), category: nameSchema }).strict(),
      z.object({ kind: z.literal('value'), value: valueSchema, sd: positiveSdSchema }).strict(),
    ]),
    place: z.enum(PLACES).optional(),
  })
  .strict();
