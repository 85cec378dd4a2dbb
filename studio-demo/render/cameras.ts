import { PerspectiveCamera, Vector3 } from 'three';
import type { View } from '@open-palm/core/measure';

export const PICTURE_SIZE = { width: 1200, height: 900 };

/** Distance of the camera from the bow hand, mm: an arm's length and a half. */
const DISTANCE_MM = 700;

export interface Station {
  /** From the hand toward the camera, in the bow's frame of a right hand. */
  toward: [number, number, number];
  /** What the camera looks at, mm. */
  at: [number, number, number];
  /** Width of what is seen at that point, mm. */
  widthMm: number;
}

/** Where each view's camera stands for a right hand; a left hand's stands mirrored. */
const STATIONS: Partial<Record<View, Station>> = {
  'finger-side': { toward: [0, 0.06, 1], at: [8, 14, 0], widthMm: 235 },
  'thumb-side': { toward: [-0.4, -0.9, -0.35], at: [12, -2, -25], widthMm: 235 },
  'player-eye': { toward: [0.35, 0.5, -0.78], at: [8, 12, -15], widthMm: 290 },
  profile: { toward: [-1, 0.1, 0.12], at: [0, 20, -95], widthMm: 420 },
  front: { toward: [0.1, 0.15, 1], at: [150, 0, 0], widthMm: 900 },
  'bow-side': { toward: [0, 0, 1], at: [320, -10, 0], widthMm: 760 },
};

export const RENDERED_VIEWS = Object.keys(STATIONS) as View[];

/** Where a view's camera stands, and how far away. */
export const stationOfView = (view: View): Station & { distanceMm: number } => ({
  ...STATIONS[view]!,
  distanceMm: DISTANCE_MM,
});

/** How a hand-held camera misses the place where it should stand. */
export interface CameraShift {
  /** Around the hand, sideways and up, degrees. */
  yawDeg: number;
  pitchDeg: number;
  /** About the line of sight, degrees. */
  rollDeg: number;
  /** How much larger everything shows. */
  zoom: number;
}

/** The camera of a view, ready to project points given in the bow's frame of the scene. */
export function cameraFor(view: View, mirrored = false, shift?: CameraShift): PerspectiveCamera {
  const station = STATIONS[view];
  if (!station) throw new Error(`No camera stands for the view "${view}".`);
  const { width, height } = PICTURE_SIZE;
  const flip = mirrored ? -1 : 1;
  const verticalMm = (station.widthMm * height) / width / (shift?.zoom ?? 1);
  const camera = new PerspectiveCamera(
    (2 * Math.atan(verticalMm / 2 / DISTANCE_MM) * 180) / Math.PI,
    width / height,
    10,
    5000,
  );
  const at = new Vector3(station.at[0] * flip, station.at[1], station.at[2]);
  const toward = new Vector3(station.toward[0] * flip, station.toward[1], station.toward[2]);
  camera.position.copy(at).addScaledVector(toward.normalize(), DISTANCE_MM);
  camera.lookAt(at);
  if (shift) {
    camera.rotateOnAxis(new Vector3(0, 1, 0), shift.yawDeg * RAD);
    camera.rotateOnAxis(new Vector3(1, 0, 0), shift.pitchDeg * RAD);
    const sight = camera.getWorldDirection(new Vector3());
    camera.position.copy(at).addScaledVector(sight, -DISTANCE_MM);
    camera.rotateOnAxis(new Vector3(0, 0, 1), shift.rollDeg * RAD);
  }
  camera.updateMatrixWorld(true);
  return camera;
}

const RAD = Math.PI / 180;

/** Pixel of a point in space, y down. */
export function project(
  camera: PerspectiveCamera,
  point: Vector3,
  { width, height }: { width: number; height: number } = PICTURE_SIZE,
): { x: number; y: number } {
  const ndc = point.clone().project(camera);
  return { x: ((ndc.x + 1) / 2) * width, y: ((1 - ndc.y) / 2) * height };
}

/** How far a segment leaves the picture plane of a camera, degrees. */
export function tiltDeg(camera: PerspectiveCamera, from: Vector3, to: Vector3): number {
  const segment = to.clone().sub(from).normalize();
  const middle = from.clone().add(to).multiplyScalar(0.5);
  const sight = middle.sub(camera.position).normalize();
  return (Math.asin(Math.min(1, Math.abs(segment.dot(sight)))) * 180) / Math.PI;
}
