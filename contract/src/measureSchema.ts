import { z } from 'zod';
import { allowedSchema, rangeSchema } from '@open-palm/core/holds';
import {
  CAMERA_TURNS,
  FAMILIES,
  MEASURE_IDS,
  PLACES,
  UNITS,
  VERDICTS,
} from '@open-palm/core/measure';

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
      retake: z.enum(CAMERA_TURNS).nullable(),
    })
    .strict(),
  z
    .object({
      kind: z.literal('category'),
      ...shared,
      value: z.string(),
      probability: z.number(),
      shares: z.array(z.object({ name: z.string(), probability: z.number() }).strict()),
      band: allowedSchema.nullable(),
    })
    .strict(),
  z.object({ kind: z.literal('looked'), ...shared, verdict: z.enum(['in', 'none']) }).strict(),
]);

/** A measure of a whole check, with the pictures and answers that told of it. */
export const mergedMeasureSchema = z
  .object({
    measure: measureSchema,
    place: z.enum(PLACES).nullable(),
    sources: z.array(
      z
        .object({
          capture: z.number().int().nullable(),
          fitted: z.array(z.number().int()).optional(),
          measure: measureSchema,
        })
        .strict(),
    ),
    conflict: z.boolean(),
  })
  .strict();

const place = z.object({
  u: z.number(),
  xMm: z.number(),
  dMm: z.number(),
  touching: z.boolean(),
  onlyDepth: z.literal(true).optional(),
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
