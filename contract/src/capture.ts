import { z } from 'zod';
import { PLACES, POINT_NAMES, SIDES, VIEWS } from '@open-palm/core/measure';
import { sdSchema, lengthMmSchema, placePxSchema, positiveSdSchema } from './bounds';
import { idSchema } from './ids';

/** The longest side a picture may have by its own word, px: larger numbers are a mistake. */
const LARGEST_SIDE_PX = 20_000;

export const imageSizeSchema = z
  .object({
    width: z.number().int().positive().max(LARGEST_SIDE_PX),
    height: z.number().int().positive().max(LARGEST_SIDE_PX),
  })
  .strict();

/** A point as marked: pixels of the un-mirrored picture, y down; `sigma` its SD in each direction. */
export const markedPointSchema = z
  .object({ x: placePxSchema, y: placePxSchema, sigma: positiveSdSchema })
  .strict();

/** One picture of a hold with its marked points; what was not seen is left out. */
export const captureSchema = z
  .object({
    id: idSchema,
    pictureId: idSchema,
    view: z.enum(VIEWS),
    /** Where in the bow it was taken, where that is not the whole check's place. */
    place: z.enum(PLACES).nullable(),
    side: z.enum(SIDES),
    image: imageSizeSchema,
    points: z.partialRecord(z.enum(POINT_NAMES as [string, ...string[]]), markedPointSchema),
    frogLength: z.object({ mm: lengthMmSchema, sdMm: sdSchema }).strict(),
  })
  .strict();

export type CaptureRecord = z.infer<typeof captureSchema>;
