import { quantile } from 'd3-array';
import type { Vec2 } from '../../units';
import type { WristFrame } from './frameMarks';

/** A hand that goes less far than this share of its own length in the picture shows no path. [memory] */
const LEAST_WAY = 0.35;

/** Shares of the frames beyond which a place is a slip of the finder, not the end of the bow. [memory] */
const ENDS = [0.03, 0.97] as const;

/**
 * Where the bow is in each frame, from the hand's way through the picture: along the line on which it moves most, between
 * the two ends where it turns. A clip does not tell how much of the bow was played: 0 and 1 are the ends that were seen.
 *
 * @param heelS a time at which the bow is nearer the heel; null when nobody has said so: then 0 is either end
 * @returns a place for each frame, 0 heel to 1 point; all null when the hand hardly moves across the picture
 */
export function placesAlong(
  frames: readonly WristFrame[],
  heelS: number | null,
): (number | null)[] {
  const hands = frames.map(({ hand }) => hand);
  const seen = hands.filter((hand) => hand !== null);
  const lengths = seen.map(({ wrist, middleMcp }) =>
    Math.hypot(wrist.x - middleMcp.x, wrist.y - middleMcp.y),
  );
  const length = quantile(lengths, 0.5);
  if (length === undefined) return frames.map(() => null);
  const axis = mainDirection(seen.map(({ middleMcp }) => middleMcp));
  const along = hands.map((hand) => hand && hand.middleMcp.x * axis.x + hand.middleMcp.y * axis.y);
  const known = along.filter((at) => at !== null);
  const [lo, hi] = ENDS.map((share) => quantile(known, share)!) as [number, number];
  if (hi - lo < LEAST_WAY * length) return frames.map(() => null);
  const places = along.map((at) => at && Math.min(1, Math.max(0, (at - lo) / (hi - lo))));
  const heel = heelS === null ? 0 : (places[nearestSeen(frames, heelS)] ?? 0);
  return heel > 0.5 ? places.map((place) => (place === null ? null : 1 - place)) : places;
}

/** The frame with a hand that is nearest to a time. */
export function nearestSeen(frames: readonly WristFrame[], timeS: number): number {
  let best = -1;
  frames.forEach(({ hand, timeS: at }, i) => {
    const isNearer = best < 0 || Math.abs(at - timeS) < Math.abs(frames[best]!.timeS - timeS);
    if (hand && isNearer) best = i;
  });
  return best;
}

/** The direction in which points spread most, length 1. */
function mainDirection(points: readonly Vec2[]): Vec2 {
  const mean = (pick: (point: Vec2) => number) =>
    points.reduce((sum, point) => sum + pick(point), 0) / points.length;
  const middle = { x: mean(({ x }) => x), y: mean(({ y }) => y) };
  const xx = mean(({ x }) => (x - middle.x) ** 2);
  const yy = mean(({ y }) => (y - middle.y) ** 2);
  const xy = mean(({ x, y }) => (x - middle.x) * (y - middle.y));
  // The larger principal axis of a symmetric 2 × 2 matrix.
  const angle = Math.atan2(2 * xy, xx - yy) / 2;
  return { x: Math.cos(angle), y: Math.sin(angle) };
}
