import type { Vec2 } from '../units';
import { RELAXED_POINTS } from './relaxedHand';
import type { HandPointName } from './handPoints';

/** From the middle fingertip (0) to the ring fingertip (1): up to here it lies across from the middle finger. [memory] */
const STILL_MIDDLE = 0.25;
/** Up to here it lies between the two; beyond it the picture proposes nothing. [memory] */
const STILL_BETWEEN = 0.75;
const LEAST = -0.35;

/**
 * Where the thumb falls in a hand that hangs, pronated, seen from above its back: across from the middle finger, or between
 * middle and ring finger. It is what the hold's setting can begin with. [practice]
 *
 * @param points of a relaxed-hand picture, pixels
 * @returns null where the thumb was not marked, or falls elsewhere
 */
export function thumbFalls(
  points: Partial<Record<HandPointName, Vec2>>,
): 'middle' | 'between' | null {
  const { thumbTip, middleTip, ringTip, indexMcp, littleMcp } = points;
  if (!thumbTip || !middleTip || !ringTip || !indexMcp || !littleMcp) return null;
  if (RELAXED_POINTS.some((name) => !points[name])) return null;
  const row = { x: indexMcp.x - littleMcp.x, y: indexMcp.y - littleMcp.y };
  const along = ({ x, y }: Vec2) => x * row.x + y * row.y;
  const gap = along(ringTip) - along(middleTip);
  // Fingertips that lie over each other say nothing of what is between them.
  if (gap >= 0) return null;
  const share = (along(thumbTip) - along(middleTip)) / gap;
  if (share < LEAST || share > STILL_BETWEEN) return null;
  return share <= STILL_MIDDLE ? 'middle' : 'between';
}
