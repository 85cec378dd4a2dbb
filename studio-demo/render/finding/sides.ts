import { PerspectiveCamera, Vector3 } from 'three';

/** From where a hand is looked at to be found: toward the camera, in the bow's frame of a right hand over the stick. */
export const SIDES = {
  back: [0.1, 0.85, 0.5],
  palm: [-0.15, -0.9, -0.4],
  fingers: [0, 0.08, 1],
  thumbEdge: [0.9, -0.25, -0.35],
  littleEdge: [-1, 0.1, 0.15],
  playerEye: [0.35, 0.5, -0.78],
} as const satisfies Record<string, readonly [number, number, number]>;
export type SideName = keyof typeof SIDES;

/** How a camera stands and what it takes in. */
export interface Stand {
  side: SideName;
  /** How far it misses its side, about the two directions across its sight, degrees. */
  missDeg: readonly [number, number];
  /** How the picture is turned about its line of sight, degrees. */
  rollDeg: number;
  distanceMm: number;
  /** How much of the hand's length the shorter side of the picture takes in. */
  handsAcross: number;
  /** Where the hand lies in the picture, shares of what it takes in from its middle. */
  off: readonly [number, number];
}

const RAD = Math.PI / 180;

/**
 * The camera of a stand.
 *
 * @param at the middle of the hand, mm
 * @param handMm the hand's length
 */
export function cameraAt(
  { side, missDeg, rollDeg, distanceMm, handsAcross, off }: Stand,
  at: Vector3,
  handMm: number,
  { width, height }: { width: number; height: number },
): PerspectiveCamera {
  const acrossMm = handsAcross * handMm;
  const verticalMm = height <= width ? acrossMm : (acrossMm * height) / width;
  const camera = new PerspectiveCamera(
    (2 * Math.atan(verticalMm / 2 / distanceMm)) / RAD,
    width / height,
    10,
    5000,
  );
  const toward = new Vector3(...SIDES[side]).normalize();
  camera.position.copy(at).addScaledVector(toward, distanceMm);
  camera.lookAt(at);
  camera.rotateOnAxis(new Vector3(0, 1, 0), missDeg[0] * RAD);
  camera.rotateOnAxis(new Vector3(1, 0, 0), missDeg[1] * RAD);
  const sight = camera.getWorldDirection(new Vector3());
  camera.position.copy(at).addScaledVector(sight, -distanceMm);
  camera.rotateOnAxis(new Vector3(0, 0, 1), rollDeg * RAD);
  camera.translateX(off[0] * acrossMm);
  camera.translateY(off[1] * acrossMm);
  camera.updateMatrixWorld(true);
  return camera;
}
