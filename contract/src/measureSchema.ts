import { z } from 'zod';
import { allowedSchema, rangeSchema } from '@open-palm/core/holds';
import { FAMILIES, MEASURE_IDS, UNITS, VERDICTS } from '@open-palm/core/measure';

const shared = {
  id: z.enum(MEASURE_IDS),
  family: z.enum(FAMILIES),
  unit: z.enum(UNITS),
  verdict: z.enum(VERDICTS),
};

/** A measured value with its doubt and verdict, as it was kept. */
export const measureSchema = z.discriminatedUnion('kind', [
  z
    .object({
      kind: z.literal('number'),
      ...shared,
      value: z.number(),
      sd: z.number().nonnegative(),
      band: rangeSchema.nullable(),
      decidable: z.boolean(),
      implausible: z.boolean(),
    })
    .strict(),
  z
    .object({
      kind: z.literal('category'),
      ...shared,
      value: z.string(),
      probability: z.number(),
      band: allowedSchema.nullable(),
    })
    .strict(),
]);

const place = z.object({
  u: z.number(),
  xMm: z.number(),
  dMm: z.number(),
  touching: z.boolean(),
});

/** Where thumb and fingers are on the stick, for drawing; null was not seen. */
export const contactsSchema = z.object({
  thumbXMm: z.number().nullable(),
  fingers: z.object({
    index: place.nullable(),
    middle: place.nullable(),
    ring: place.nullable(),
    little: place.nullable(),
  }),
});
