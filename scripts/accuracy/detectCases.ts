import sharp from 'sharp';
import { HAND_POINTS, type HandPointName } from '@open-palm/core/hand';
import { holdById } from '@open-palm/core/holds';
import type { Vec2 } from '@open-palm/core/units';
import type { HandModels } from '@open-palm/vision/models';
import { findHand, findHandAt } from '@open-palm/vision/findHand';
import { GRIPS } from '../../studio-demo/render/grips';
import { variedPictures } from '../../studio-demo/render/variedPictures';
import { PICTURE_SIZE } from '../../studio-demo/render/cameras';
import type { PictureTruth } from '../../studio-demo/render/truth';
import { handLengthPx } from './handLength';
import { bowCase, type BowCase } from './bowCases';
import { foundPlaces } from './foundPlaces';
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
  /** The bow that the found hand holds. */
  bow: BowCase;
}

/** Holds over the stick, whose signs the flat readings know. */
const OVER = GRIPS.filter(({ target }) => target.hand === 'over');
const SHOTS = 2;
const SEED = 11;

/** Renders the pictures and looks for the hand in each; every other one is turned over to be a left hand's. */
export async function* detectCases(models: HandModels): AsyncGenerator<DetectCase> {
  let number = 0;
  for await (const { name: shot, jpeg, truth: right, hidden } of variedPictures(
    OVER,
    SHOTS,
    SEED,
  )) {
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
    const found = foundPlaces(await findHand(pixels, truth.side, models));
    const fromTwo = foundPlaces(
      await findHandAt(pixels, truth.side, places.wrist, places.middleMcp, models),
    );
    const { holdId } = OVER.find(({ name }) => shot.startsWith(`${name}.`))!;
    const bow = bowCase(pixels, found, truth, holdById(holdId));
    yield { truth, places, hidden, handLengthPx: handLengthPx(truth), found, fromTwo, bow };
  }
}

const at = ([x, y]: readonly [number, number]): Vec2 => ({ x, y });

function turnedOver(truth: PictureTruth): PictureTruth {
  const points2d = Object.fromEntries(
    Object.entries(truth.points2d).map(([name, [x, y]]) => [name, [PICTURE_SIZE.width - x, y]]),
  ) as PictureTruth['points2d'];
  return { ...truth, side: 'left', points2d };
}
