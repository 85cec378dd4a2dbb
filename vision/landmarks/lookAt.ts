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

/** Looks for a hand's points in a square of the picture. */
export async function lookAt(
  levels: PictureLevels,
  region: Region,
  models: HandModels,
): Promise<SeenHand> {
  const input = sampleRegion(levels, region, LANDMARK_INPUT_PX);
  const { points, presence, rightHand } = await models.findLandmarks(input);
  const places = Array.from({ length: points.length / 3 }, (_, i) =>
    toPicture(region, {
      x: points[i * 3]! / LANDMARK_INPUT_PX,
      y: points[i * 3 + 1]! / LANDMARK_INPUT_PX,
    }),
  );
  return { points: places, presence, rightHand };
}
