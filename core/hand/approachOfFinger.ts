import { FINGER_CHAIN, HAND_POINTS, type Finger } from './handPoints';

/** Where a posed finger comes nearest to the stick's axis. */
export interface Approach {
  /** Joint units from the tip. */
  u: number;
  xMm: number;
  /** Of the bone from the axis, mm. */
  awayMm: number;
}

/** The nearest approach of a finger to the stick's axis, walking along its three bones. */
export function approachOfFinger(points: Float64Array, finger: Finger): Approach {
  const first = HAND_POINTS.indexOf(FINGER_CHAIN[finger][0]);
  let best: Approach = { u: 0, xMm: 0, awayMm: Infinity };
  for (let bone = 0; bone < 3; bone += 1) {
    const [a, b] = [3 * (first + bone), 3 * (first + bone + 1)];
    const [ay, az] = [points[a + 1]!, points[a + 2]!];
    const [by, bz] = [points[b + 1]! - ay, points[b + 2]! - az];
    const length = by * by + bz * bz;
    const t = length === 0 ? 0 : Math.max(0, Math.min(1, -(ay * by + az * bz) / length));
    const [cy, cz] = [ay + t * by, az + t * bz];
    const awayMm = Math.sqrt(cy * cy + cz * cz);
    if (awayMm < best.awayMm) {
      best = { u: 3 - bone - t, xMm: points[a]! + t * (points[b]! - points[a]!), awayMm };
    }
  }
  return best;
}
