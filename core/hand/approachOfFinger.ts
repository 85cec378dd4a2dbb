import { FINGER_CHAIN, HAND_POINTS, type Finger } from './handPoints';

/** Where a posed finger comes nearest to the stick's axis. */
export interface Approach {
  /** Joint units from the tip. */
  u: number;
  xMm: number;
  /** Of the bone from the axis, mm. */
  awayMm: number;
}

/** A bone that is further from the axis than the nearest one by less than this touches it as well, mm. [memory] */
const TOUCHES_TOO_MM = 0.6;

/**
 * The nearest approach of a finger to the stick's axis, walking along its three bones.
 *
 * @param told where it was told to touch, joint units: of a finger that wraps the stick and touches it with two bones, the place nearest to
 * what was told is meant
 */
export function approachOfFinger(points: Float64Array, finger: Finger, told?: number): Approach {
  const first = HAND_POINTS.indexOf(FINGER_CHAIN[finger][0]);
  const bones = [0, 1, 2].map((bone) => approachOfBone(points, first + bone, 3 - bone));
  const nearest = bones.reduce((best, one) => (one.awayMm < best.awayMm ? one : best));
  if (told === undefined) return nearest;
  return bones
    .filter(({ awayMm }) => awayMm < nearest.awayMm + TOUCHES_TOO_MM)
    .reduce((best, one) => (Math.abs(one.u - told) < Math.abs(best.u - told) ? one : best));
}

function approachOfBone(points: Float64Array, point: number, u: number): Approach {
  const [a, b] = [3 * point, 3 * (point + 1)];
  const [ay, az] = [points[a + 1]!, points[a + 2]!];
  const [by, bz] = [points[b + 1]! - ay, points[b + 2]! - az];
  const length = by * by + bz * bz;
  const t = length === 0 ? 0 : Math.max(0, Math.min(1, -(ay * by + az * bz) / length));
  const [cy, cz] = [ay + t * by, az + t * bz];
  return {
    u: u - t,
    xMm: points[a]! + t * (points[b]! - points[a]!),
    awayMm: Math.sqrt(cy * cy + cz * cz),
  };
}
