import { z } from 'zod';

export const INSTRUMENTS = ['violin', 'viola', 'cello', 'bass'] as const;

export const BOW_KINDS = ['violin', 'cello', 'french-bass', 'german-bass'] as const;

const finite = z.number();

/** What a default rests on. */
export const standingSchema = z.union([
  z.literal('practice'),
  z.literal('memory'),
  z.object({ published: z.string().min(1) }).strict(),
]);

const rangeShape = { lo: finite.optional(), hi: finite.optional() };

const ordered = (range: { lo?: number | undefined; hi?: number | undefined }) =>
  range.lo === undefined || range.hi === undefined || range.lo < range.hi;

const bounded = (range: { lo?: number | undefined; hi?: number | undefined }) =>
  range.lo !== undefined || range.hi !== undefined;

/** Where a value should lie; either end may be open, not both. */
export const rangeSchema = z
  .object(rangeShape)
  .strict()
  .refine(bounded, 'a band needs at least one end')
  .refine(ordered, 'a band begins below its end');

/** Which categories are right. */
export const allowedSchema = z.object({ allowed: z.array(z.string()).min(1) }).strict();

const bandSchema = z.union([rangeSchema, allowedSchema]);

/** How a hold treats one measure: with a band, with bands by place in the bow, or shown without a verdict. */
const checkpointSchema = z.union([
  z
    .object({
      band: bandSchema.optional(),
      byPlace: z
        .object({ heel: bandSchema, middle: bandSchema, point: bandSchema })
        .partial()
        .strict()
        .optional(),
      standing: standingSchema,
    })
    .strict()
    .refine((c) => c.band !== undefined || c.byPlace !== undefined, 'a checkpoint needs a band'),
  z.object({ shownWithoutVerdict: z.literal(true) }).strict(),
]);

/** One hold as its data file says it. Wording (its name, its reasons) lives in the strings catalogues by its id. */
export const holdSchema = z
  .object({
    id: z.string().regex(/^[a-z]+(-[a-z]+)*$/),
    version: z.number().int().positive(),
    instruments: z.array(z.enum(INSTRUMENTS)).min(1),
    /** The kind of bow that the places are told on; a viola's is a violin's, a little heavier. */
    bow: z.enum(BOW_KINDS),
    hand: z.enum(['over', 'under']),
    views: z.array(z.string()).min(1),
    /** Starting places along the stick, mm from the frog's front, until something is measured. */
    startingPlacesMm: z
      .object({ thumb: finite, index: finite, middle: finite, ring: finite, little: finite })
      .strict(),
    /** Starting depths on each finger, joint units from the tip. */
    startingDepthsU: z
      .object({ index: finite, middle: finite, ring: finite, little: finite })
      .strict(),
    checkpoints: z.record(z.string(), checkpointSchema),
  })
  .strict();

export type Instrument = (typeof INSTRUMENTS)[number];
export type BowKind = (typeof BOW_KINDS)[number];
export type Hold = z.infer<typeof holdSchema>;
export type Range = z.infer<typeof rangeSchema>;
export type Allowed = z.infer<typeof allowedSchema>;
export type Band = Range | Allowed;
export type Standing = z.infer<typeof standingSchema>;
