import { DEG_PER_RAD, type Vec2 } from '../units';

/**
 * How far the bow is from square to the string: 90° minus the angle between the stick (toward the tip) and the string
 * (toward the scroll), in a picture from the front.
 *
 * @param stick its two ends, px
 * @param string a place on it nearer the scroll, and one nearer the bridge, px
 * @returns degrees; positive when the point drifts toward the scroll
 * @example bowSkewDeg({ hand: { x: 0, y: 0 }, tip: { x: 100, y: 10 } }, { upper: { x: 50, y: 0 }, lower: { x: 50, y: 100 } }) // -5.711
 */
export function bowSkewDeg(
  stick: { hand: Vec2; tip: Vec2 },
  string: { upper: Vec2; lower: Vec2 },
): number {
  const along = { x: stick.tip.x - stick.hand.x, y: stick.tip.y - stick.hand.y };
  const up = { x: string.upper.x - string.lower.x, y: string.upper.y - string.lower.y };
  const across = Math.abs(along.x * up.y - along.y * up.x);
  return Math.atan2(along.x * up.x + along.y * up.y, across) * DEG_PER_RAD;
}
