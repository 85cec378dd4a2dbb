import { z } from 'zod';
import { BOW_SIZES, MEASURED_FROG_SD_MM, REQUIRED_BOW_POINTS } from '@open-palm/core/bow';
import {
  HAND_POINTS,
  MEASURED_FINGER_SD_MM,
  REFERENCE_MIDDLE_FINGER,
  relaxedHandFrom,
  type HandFacts,
  type HandPointName,
} from '@open-palm/core/hand';
import { InputError } from '@open-palm/core/issue';
import {
  CONTEXTS,
  PLACES,
  SIDES,
  VIEWS,
  type PlacedCapture,
  type PointName,
} from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import { problemText } from '@open-palm/core/problem';
import { imageSizeSchema } from './capture';
import { bowSizeSchema, settingsSchema } from './setup';
import { tapSchema } from './tap';
import { issuesFromZod } from './zodIssues';

const pair = z.tuple([z.number(), z.number()]);
const handPoint = z.union([pair, z.tuple([z.number(), z.number(), z.number()])], {
  error: problemText('handPoint'),
});
const hand = z
  .array(handPoint.nullable())
  .length(HAND_POINTS.length, problemText('handPoints', { count: HAND_POINTS.length }));

const pictureShape = {
  view: z.enum(VIEWS),
  side: z.enum(SIDES).default('right'),
  mirrored: z.boolean().default(false),
  image: imageSizeSchema,
  hand,
  bow: z
    .object({
      stickHandEnd: pair.nullable(),
      stickTipEnd: pair.nullable(),
      frogFront: pair.nullable(),
      frogBack: pair.nullable(),
      stickMid: pair.nullish(),
      hairMid: pair.nullish(),
    })
    .strict(),
  forearm: pair.nullish(),
  elbow: pair.nullish(),
  shoulder: pair.nullish(),
  string: z.object({ upper: pair, lower: pair }).strict().nullish(),
  frogLengthMm: z.number(),
  frogSdMm: z.number().nonnegative().default(MEASURED_FROG_SD_MM),
  sigmaPx: z.number().positive(),
};

const lookShape = {
  hold: z.string().optional(),
  context: z.enum(CONTEXTS).optional(),
  settings: settingsSchema.default({}),
  bowSize: bowSizeSchema.default('4/4'),
  middleFingerMm: z.number().min(40).max(130).optional(),
  relaxedHand: z.object({ hand }).strict().optional(),
  taps: z.array(tapSchema).default([]),
};

/** The file that `op measure` reads when it tells of one picture; docs/measure-file.md tells it in words. */
export const onePictureFileSchema = z.object({ ...lookShape, ...pictureShape }).strict();

const placedPictureSchema = z
  .object({ ...pictureShape, place: z.enum(PLACES).nullable().default(null) })
  .strict();

/** The same for a look of several pictures, or of none with answers by tap. */
export const severalPicturesFileSchema = z
  .object({ ...lookShape, pictures: z.array(placedPictureSchema) })
  .strict()
  .refine(({ pictures, taps }) => pictures.length + taps.length > 0, {
    path: ['pictures'],
    error: problemText('pictureOrAnswer'),
  });

export const opMeasureFileSchema = z.union([onePictureFileSchema, severalPicturesFileSchema]);

type PictureInFile = z.infer<typeof placedPictureSchema>;
export type OpMeasureFile = z.infer<typeof severalPicturesFileSchema>;

/**
 * Reads a measure file, of one picture or of several.
 *
 * @param content parsed JSON
 * @throws InputError with every part that is missing or not of its kind
 */
export function readOpMeasureFile(content: unknown): OpMeasureFile {
  const isSeveral = typeof content === 'object' && content !== null && 'pictures' in content;
  const result = isSeveral
    ? severalPicturesFileSchema.safeParse(content)
    : onePictureFileSchema.safeParse(content);
  if (!result.success) throw new InputError(issuesFromZod(result.error, 'file'));
  const file = result.data;
  if ('pictures' in file) return file;
  const { hold, context, settings, bowSize, middleFingerMm, relaxedHand, taps, ...picture } = file;
  return {
    hold,
    context,
    settings,
    bowSize,
    middleFingerMm,
    relaxedHand,
    taps,
    pictures: [{ ...picture, place: null }],
  };
}

/** The captures that a measure file tells of, un-mirrored. */
export const capturesFromFile = (file: OpMeasureFile): PlacedCapture[] =>
  file.pictures.map(captureOf);

function captureOf(picture: PictureInFile): PlacedCapture {
  const points: PlacedCapture['points'] = {};
  const mark = (name: PointName, at: readonly number[] | null | undefined) => {
    if (!at) return;
    const [x, y] = at as [number, number];
    points[name] = { x: picture.mirrored ? picture.image.width - x : x, y, sigma: picture.sigmaPx };
  };
  HAND_POINTS.forEach((name, i) => mark(name, picture.hand[i]));
  for (const name of [...REQUIRED_BOW_POINTS, 'stickMid', 'hairMid'] as const) {
    mark(name, picture.bow[name]);
  }
  for (const name of ['forearm', 'elbow', 'shoulder'] as const) mark(name, picture[name]);
  mark('stringUpper', picture.string?.upper);
  mark('stringLower', picture.string?.lower);
  return {
    view: picture.view,
    side: picture.side,
    place: picture.place,
    image: picture.image,
    points,
    frogLength: { mm: picture.frogLengthMm, sdMm: picture.frogSdMm },
  };
}

/**
 * What a measure file tells of the hand.
 *
 * @throws InputError when its relaxed hand lacks points
 */
export function handFromFile({ middleFingerMm, bowSize, relaxedHand }: OpMeasureFile): HandFacts {
  const size = BOW_SIZES[bowSize];
  const middleFinger =
    middleFingerMm === undefined
      ? { mm: REFERENCE_MIDDLE_FINGER.mm * size, sdMm: REFERENCE_MIDDLE_FINGER.sdMm }
      : { mm: middleFingerMm, sdMm: MEASURED_FINGER_SD_MM };
  if (!relaxedHand) return { middleFinger, relaxed: null };
  const points: Partial<Record<HandPointName, Vec2>> = {};
  HAND_POINTS.forEach((name, i) => {
    const at = relaxedHand.hand[i];
    if (at) points[name] = { x: at[0], y: at[1] };
  });
  return { middleFinger, relaxed: relaxedHandFrom(points) };
}

/** Below this a doubt is no doubt, px. */
const LEAST_SIGMA_PX = 0.01;

/** A picture as a measure file tells it, ready to be read again. */
export function fileFromCapture(capture: PlacedCapture, holdId?: string) {
  const { view, side, place, image, points, frogLength } = capture;
  const at = (name: PointName): [number, number] | null => {
    const point = points[name];
    return point ? [point.x, point.y] : null;
  };
  const string = { upper: at('stringUpper'), lower: at('stringLower') };
  const sigmas = Object.values(points).map(({ sigma }) => sigma);
  return {
    ...(holdId === undefined ? {} : { hold: holdId }),
    ...(place ? { context: place } : {}),
    view,
    side,
    image,
    hand: HAND_POINTS.map(at),
    bow: Object.fromEntries(
      [...REQUIRED_BOW_POINTS, 'stickMid' as const, 'hairMid' as const].map((name) => [
        name,
        at(name),
      ]),
    ),
    forearm: at('forearm'),
    elbow: at('elbow'),
    shoulder: at('shoulder'),
    string: string.upper && string.lower ? string : null,
    frogLengthMm: frogLength.mm,
    frogSdMm: frogLength.sdMm,
    // The format has one doubt for all points: the largest is the honest one.
    sigmaPx: Math.max(LEAST_SIGMA_PX, ...sigmas),
  };
}
