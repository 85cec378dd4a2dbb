import { z } from 'zod';
import { PLACES, SIDES, VIEWS } from '@open-palm/core/measure';

/** The one category of these files: a hand with a bow in it. */
export const COCO_CATEGORY = 'hand_bow';

const image = z.looseObject({
  id: z.number().int(),
  width: z.number().int().positive(),
  height: z.number().int().positive(),
  file_name: z.string(),
});

/** What the format itself has no place for; `view`, `side` and the frog's length are asked and never guessed. */
export const cocoAttributesSchema = z.looseObject({
  view: z.enum(VIEWS),
  side: z.enum(SIDES).default('right'),
  place: z.enum(PLACES).nullish(),
  mirrored: z.boolean().default(false),
  frog_length_mm: z.number(),
  frog_sd_mm: z.number().nonnegative().optional(),
  /** SD of the marks in px: one for all, or one for each keypoint in order. */
  sigma_px: z.union([z.number().positive(), z.array(z.number().nonnegative())]),
});

/** One picture's points. Everything but the frame is looked at row by row, so that one bad row spoils no other. */
export const cocoAnnotationSchema = z.looseObject({
  id: z.number().int(),
  image_id: z.number().int(),
  category_id: z.number().int(),
  /** x, y, v for each keypoint of the category: v 2 seen, 1 hidden, 0 not marked. */
  keypoints: z.array(z.number()),
  num_keypoints: z.number().int().nonnegative(),
  attributes: cocoAttributesSchema,
});

const category = z.looseObject({
  id: z.number().int(),
  name: z.string(),
  keypoints: z.array(z.string()).optional(),
});

/** The frame of a file: what must be right before any row is looked at. */
export const cocoFrameSchema = z.looseObject({
  images: z.array(image),
  annotations: z.array(z.unknown()),
  categories: z.array(category),
});

/** The whole file, for its published JSON Schema. */
export const cocoFileSchema = cocoFrameSchema.extend({
  annotations: z.array(cocoAnnotationSchema),
});

export type CocoFile = z.input<typeof cocoFileSchema>;
export type CocoAnnotation = z.infer<typeof cocoAnnotationSchema>;
