import type { View } from '@open-palm/core/measure';
import { seededNormal } from '@open-palm/core/stats';
import { HAND_POINTS, type HandPointName } from '@open-palm/core/hand';
import { cameraFor, PICTURE_SIZE, type CameraShift } from './cameras';
import type { RenderedGrip } from './grips';
import { openRenderer } from './renderer';
import { solveGrip } from './solveGrip';
import { truthOf, type PictureTruth } from './truth';

/** A rendered picture of a right hand from a hand-held camera, with all that is true of it. */
export interface VariedPicture {
  name: string;
  jpeg: Buffer;
  truth: PictureTruth;
  /** Points that nobody can see: behind something else, or outside the picture. */
  hidden: HandPointName[];
}

const VIEWS: readonly View[] = ['finger-side', 'thumb-side', 'profile', 'player-eye'];
/** How far a hand-held camera misses its place, SD. [memory] */
const ANGLE_SD_DEG = 7;
const ROLL_SD_DEG = 6;
const ZOOM_SD = 0.1;

/** How a hand-held camera misses its place this time. */
export const handheld = (normal: () => number): CameraShift => ({
  yawDeg: ANGLE_SD_DEG * normal(),
  pitchDeg: ANGLE_SD_DEG * normal(),
  rollDeg: ROLL_SD_DEG * normal(),
  zoom: Math.exp(ZOOM_SD * normal()),
});

/**
 * Renders the demo's holds from cameras about the place where they should stand.
 *
 * @param shots how many from each view of each hold
 * @param seed the same seed gives the same pictures
 */
export async function* variedPictures(
  grips: readonly RenderedGrip[],
  shots: number,
  seed: number,
): AsyncGenerator<VariedPicture> {
  const normal = seededNormal(seed);
  const renderer = await openRenderer();
  try {
    for (const grip of grips) {
      const { pose } = solveGrip(grip.target);
      for (const view of VIEWS) {
        for (let shot = 0; shot < shots; shot += 1) {
          const camera = cameraFor(view, false, handheld(normal));
          const { jpeg, hidden: covered } = await renderer.draw({ grip, pose }, camera);
          const truth = truthOf(grip, pose, view, 'right', camera);
          const hidden = HAND_POINTS.filter(
            (name) => covered.includes(name) || !isInPicture(truth.points2d[name]),
          );
          yield { name: `${grip.name}.${view}.${shot}`, jpeg, truth, hidden };
        }
      }
    }
  } finally {
    await renderer.close();
  }
}

/** A point may leave a picture whose camera stands askew. */
const isInPicture = ([x, y]: readonly [number, number]): boolean =>
  x >= 0 && y >= 0 && x <= PICTURE_SIZE.width && y <= PICTURE_SIZE.height;
