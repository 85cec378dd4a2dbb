import { towardCamera, type View } from '../../measure';
import { cross, unit } from '../hand/handSkeleton';
import { fromVector, times, type Rotation } from '../rotation';

/**
 * The camera of a view, upright: turns the bow's frame into the camera's (x to the right, y up, z toward the viewer).
 */
export function nominalTurn(view: View): Rotation {
  const z = towardCamera(view);
  const x = unit(cross({ x: 0, y: 1, z: 0 }, z));
  const y = cross(z, x);
  return Float64Array.of(x.x, x.y, x.z, y.x, y.y, y.z, z.x, z.y, z.z);
}

/**
 * The angle between the lines of sight of two cameras, degrees, 0 … 90: opposite cameras see the same outline, so they
 * count as no further apart than neighbours.
 */
export function apartDeg(a: Rotation, b: Rotation): number {
  const dot = a[6]! * b[6]! + a[7]! * b[7]! + a[8]! * b[8]!;
  return (Math.acos(Math.min(1, Math.abs(dot))) * 180) / Math.PI;
}

/** A turn of the picture about the line of sight, anticlockwise, radians. */
export const rolled = (turn: Rotation, angle: number): Rotation =>
  times(fromVector(0, 0, angle), turn);
