import sharp from 'sharp';
import { BONES, HAND_POINTS, type HandPointName } from '@open-palm/core/hand';
import type { Vec2 } from '@open-palm/core/units';
import type { HandModels } from '@open-palm/vision/models';
import { findHand, findHandAt, type HandSearch } from '@open-palm/vision/findHand';
import { variedPictures } from '../../studio-demo/render/variedPictures';
import { PICTURE_SIZE } from '../../studio-demo/render/cameras';
import type { PictureTruth } from '../../studio-demo/render/truth';
import type { HandPlaces } from './person';

/** A picture of which everything is known, and what the hand finder made of it. */
export interface DetectCase {
  /** Turned over for a left hand. */
  truth: PictureTruth;
  places: HandPlaces;
  hidden: HandPointName[];
  handLengthPx: number;
  found: HandPlaces | null;
  /** From a touch of the wrist and of the middle knuckle. */
  fromTwo: HandPlaces | null;
}

const SHOTS = 4;
const SEED = 11;

/** Renders the pictures and looks for the hand in each; every other one is turned over to be a left hand's. */
export async function* detectCases(models: HandModels): AsyncGenerator<DetectCase> {
  let number = 0;
  for await (const { jpeg, truth: right, hidden } of variedPictures(SHOTS, SEED)) {
    number += 1;
    const isLeft = number % 2 === 0;
    const truth = isLeft ? turnedOver(right) : right;
    const picture = sharp(jpeg).ensureAlpha();
    const { data, info } = await (isLeft ? picture.flop() : picture)
      .raw()
      .toBuffer({ resolveWithObject: true });
    const pixels = { width: info.width, height: info.height, data };
    const places = Object.fromEntries(
      HAND_POINTS.map((name) => [name, at(truth.points2d[name])]),
    ) as HandPlaces;
    const found = placesOf(await findHand(pixels, truth.side, models));
    const fromTwo = placesOf(
      await findHandAt(pixels, truth.side, places.wrist, places.middleMcp, models),
    );
    yield { truth, places, hidden, handLengthPx: handLengthPx(truth), found, fromTwo };
  }
}

const at = ([x, y]: readonly [number, number]): Vec2 => ({ x, y });

function turnedOver(truth: PictureTruth): PictureTruth {
  const points2d = Object.fromEntries(
    Object.entries(truth.points2d).map(([name, [x, y]]) => [name, [PICTURE_SIZE.width - x, y]]),
  ) as PictureTruth['points2d'];
  return { ...truth, side: 'left', points2d };
}

const placesOf = (search: HandSearch): HandPlaces | null =>
  search.outcome === 'found'
    ? (Object.fromEntries(
        HAND_POINTS.map((name, i) => [name, search.hand.points[i]!]),
      ) as HandPlaces)
    : null;

const MIDDLE = ['wrist', 'middleMcp', 'middlePip', 'middleDip', 'middleTip'] as const;

/** The hand stretched out, from the wrist to the tip of the middle finger, at the picture's own scale. */
function handLengthPx({ joints3dMm, points2d, tiltDeg }: PictureTruth): number {
  const mm = (a: HandPointName, b: HandPointName) =>
    Math.hypot(...joints3dMm[a]!.map((value, i) => value - joints3dMm[b]![i]!));
  const scales = BONES.map(([a, b]) => {
    const [p, q] = [points2d[a], points2d[b]];
    const shown = Math.hypot(p[0] - q[0], p[1] - q[1]);
    const cos = Math.cos((tiltDeg[b]! * Math.PI) / 180);
    // A bone that points at the camera tells nothing of the scale.
    return cos > 0.5 ? shown / (mm(a, b) * cos) : NaN;
  }).filter(Number.isFinite);
  const scale = scales.sort((a, b) => a - b)[scales.length >> 1]!;
  const length = MIDDLE.slice(1).reduce((sum, name, i) => sum + mm(MIDDLE[i]!, name), 0);
  return scale * length;
}
