import { LANDMARK_INPUT_PX, type HandModels } from '../handModels';
import type { Place } from '../picture';
import { toPicture, type Region } from '../region';
import { sampleRegion, type PictureLevels } from '../sampleRegion';

/** A hand as the model sees it. */
export interface SeenHand {
  /** 21 places in the picture, in the common order. */
  points: Place[];
  presence: number;
  rightHand: number;
}

/**
 * Looks for a hand's points in a square of the picture.
 *
 * @param mirrored shown to the model turned over; the answer is told as of the picture all the same
 */
export async function lookAt(
  levels: PictureLevels,
  region: Region,
  models: HandModels,
  mirrored = false,
): Promise<SeenHand> {
  const input = sampleRegion(levels, region, LANDMARK_INPUT_PX, mirrored);
  const { points, presence, rightHand } = await models.findLandmarks(input);
  const across = (share: number) => (mirrored ? 1 - share : share);
  const places = Array.from({ length: points.length / 3 }, (_, i) =>
    toPicture(region, {
      x: across(points[i * 3]! / LANDMARK_INPUT_PX),
      y: points[i * 3 + 1]! / LANDMARK_INPUT_PX,
    }),
  );
  return { points: places, presence, rightHand: across(rightHand) };
}
