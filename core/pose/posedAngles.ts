import type { BowBody } from '../bow/bowBody';
import { HAND_POINTS } from '../hand';
import { DEG_PER_RAD } from '../units';

const at = (name: (typeof HAND_POINTS)[number]) => 3 * HAND_POINTS.indexOf(name);
const [INDEX_MCP, LITTLE_MCP, THUMB_IP, THUMB_TIP] = [
  at('indexMcp'),
  at('littleMcp'),
  at('thumbIp'),
  at('thumbTip'),
];

/** Slope of the knuckle line, degrees, positive with the index side lower. */
export const leanOf = (points: Float64Array): number =>
  Math.atan2(
    points[LITTLE_MCP + 1]! - points[INDEX_MCP + 1]!,
    points[INDEX_MCP]! - points[LITTLE_MCP]!,
  ) * DEG_PER_RAD;

/** Angle of the thumb's last bone against the stick, degrees up to 90. */
export const approachOf = (points: Float64Array): number =>
  Math.atan2(
    Math.hypot(
      points[THUMB_TIP + 1]! - points[THUMB_IP + 1]!,
      points[THUMB_TIP + 2]! - points[THUMB_IP + 2]!,
    ),
    Math.abs(points[THUMB_TIP]! - points[THUMB_IP]!),
  ) * DEG_PER_RAD;

/** How far the thumb's tip is past the stick's far edge, mm. */
export const throughOf = (points: Float64Array, { stickRadiusMm }: BowBody): number =>
  -points[THUMB_TIP + 1]! - stickRadiusMm;
