import { z } from 'zod';
import { problemText } from '../problem';

export const INSTRUMENTS = ['violin', 'viola', 'cello', 'bass'] as const;

export const BOW_KINDS = ['violin', 'cello', 'french-bass', 'german-bass'] as const;

const finite = z.number();

/** What a default rests on; `own` is the teacher's own eye. */
export const evidenceSchema = z.union([
  z.literal('practice'),
  z.literal('memory'),
  z.literal('own'),
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
  .refine(bounded, problemText('bandOpen'))
  .refine(ordered, problemText('bandOrder'));

/** Which categories are right. */
export const allowedSchema = z.object({ allowed: z.array(z.string()).min(1) }).strict();

const bandSchema = z.union([rangeSchema, allowedSchema]);

/** Why a measure makes no sense for a hold; the words lie in the strings catalogues. */
export const NOT_APPLICABLE_REASONS = ['thumbUnderFrog', 'thumbOnTop', 'handBehindFrog'] as const;

/**
 * How a hold treats one measure: with a band, with bands in the air and by place in the bow, shown without a verdict, or not at all,
 * with the reason.
 */
const checkpointSchema = z.union([
  z
    .object({
      band: bandSchema.optional(),
      /** With the bow in the air or held by the other hand, where that differs. */
      inTheAir: bandSchema.optional(),
      /** While it plays, nobody knows where in the bow. */
      playing: bandSchema.optional(),
      byPlace: z
        .object({ heel: bandSchema, middle: bandSchema, point: bandSchema })
        .partial()
        .strict()
        .optional(),
      standing: evidenceSchema,
    })
    .strict()
    .refine(
      ({ band, inTheAir, playing, byPlace }) =>
        (band ?? inTheAir ?? playing ?? byPlace) !== undefined,
      problemText('bandMissing'),
    ),
  z.object({ shownWithoutVerdict: z.literal(true) }).strict(),
  z.object({ notApplicable: z.enum(NOT_APPLICABLE_REASONS) }).strict(),
]);

const perFinger = <S extends z.ZodType>(value: S) =>
  z.object({ index: value, middle: value, ring: value, little: value }).strict();

const placesSchema = z
  .object({ thumb: finite, index: finite, middle: finite, ring: finite, little: finite })
  .strict();

/** A question on which teachers differ, with what each answer does to the bands. The first option is the default. */
const settingSchema = z
  .object({
    id: z.string(),
    options: z
      .array(
        z
          .object({
            id: z.string(),
            /** Takes the place of the hold's own checkpoints. */
            checkpoints: z.record(z.string(), checkpointSchema).optional(),
            /** Moves whole bands, in the measure's unit. */
            shift: z.record(z.string(), finite).optional(),
            startingPlacesMm: placesSchema.partial().optional(),
          })
          .strict(),
      )
      .min(2),
  })
  .strict();

/** How an over-hand hold is drawn: by how its phalanges lean. */
const overhandPortraitSchema = z
  .object({
    /** Lean of each phalanx from the upright, degrees toward the bow's tip, base first. */
    phalanxLeanDeg: perFinger(z.tuple([finite, finite, finite])),
    /** Lean of the thumb's last phalanx below the stick, degrees. */
    thumbLeanDeg: finite,
    /** How far below the stick's axis the thumb's tip is, mm, where that is not against the stick. */
    thumbTipYMm: finite.optional(),
  })
  .strict();

/** How an under-hand hold is drawn: by where its tips lie. */
const underhandPortraitSchema = z
  .object({
    /** Where each fingertip ends below the stick's axis, mm. */
    tipYMm: perFinger(finite),
    /** Rise of the thumb's last phalanx from its tip toward the button, degrees. */
    thumbRiseDeg: finite,
  })
  .strict();

/** One hold as its data file says it. Wording (its name, its reasons) lives in the strings catalogues by its id. */
export const holdSchema = z
  .object({
    id: z.string().min(1),
    version: z.number().int().positive(),
    /** A teacher's own hold: the shipped one it was copied from, in which version, and its name. */
    own: z
      .object({
        basedOn: z.string(),
        /** Copies made before it was noted are of version 2. */
        basedOnVersion: z.number().int().positive().optional(),
        name: z.string().trim().min(1).max(60),
      })
      .strict()
      .optional(),
    instruments: z.array(z.enum(INSTRUMENTS)).min(1),
    /** The kind of bow that the places are told on; a viola's is a violin's, a little heavier. */
    bow: z.enum(BOW_KINDS),
    hand: z.enum(['over', 'under']),
    /** Pictures that are wanted of it, the most telling first. */
    views: z.array(z.string()).min(1),
    /** Contact targets: places along the stick, mm from the frog's front. */
    startingPlacesMm: placesSchema,
    /** Contact targets: depths on each finger, joint units from the tip. */
    startingDepthsU: perFinger(finite),
    checkpoints: z.record(z.string(), checkpointSchema),
    /** Orders in which it is built, the usual one first; alternatives lead to the same hold. */
    building: z
      .array(z.object({ id: z.string(), steps: z.array(z.string()).min(3) }).strict())
      .min(1),
    settings: z.array(settingSchema),
    /** Whole-hand tests that suit it. */
    tests: z.array(z.string()).min(1),
    /** Cautions that belong to it. */
    cautions: z.array(z.string()).min(1),
    portrait: z.union([overhandPortraitSchema, underhandPortraitSchema]),
  })
  .strict();

export type Instrument = (typeof INSTRUMENTS)[number];
export type BowKind = (typeof BOW_KINDS)[number];
export type Hold = z.infer<typeof holdSchema>;
export type OverhandPortrait = z.infer<typeof overhandPortraitSchema>;
export type UnderhandPortrait = z.infer<typeof underhandPortraitSchema>;
export type Checkpoint = z.infer<typeof checkpointSchema>;
export type HoldSetting = z.infer<typeof settingSchema>;
export type Range = z.infer<typeof rangeSchema>;
export type Allowed = z.infer<typeof allowedSchema>;
export type Band = Range | Allowed;
export type Evidence = z.infer<typeof evidenceSchema>;
export type NotApplicableReason = (typeof NOT_APPLICABLE_REASONS)[number];
