import { flexion2d } from '../../hand';
import { flexionTurn, type Side } from '../../measure';
import { DEG_PER_RAD, type Vec2 } from '../../units';

/** Wrist and middle knuckle in a frame, px, y down. */
export interface HandMarks {
  wrist: Vec2;
  middleMcp: Vec2;
}

/** Two places on the midline of the forearm, px: one near the wrist, one near the elbow. */
export interface ForearmMarks {
  near: Vec2;
  far: Vec2;
}

/** What is marked in a frame that was picked from a clip, seen from the side. */
export interface WristFrame {
  /** Time in the clip, s. */
  timeS: number;
  /** Null where no hand was seen. */
  hand: HandMarks | null;
  /** Null where nobody has touched the forearm. */
  forearm: ForearmMarks | null;
}

/**
 * How far a found hand's direction strays from the true one within a clip, degrees: the largest SD seen over twelve frames of each
 * rendered clip (1.0, 1.4 and 2.5). What it is off all along (up to 4.5°) does not change a range. [memory]
 */
export const HAND_DIRECTION_SD_DEG = 2.5;

/**
 * The wrist's flexion from where the forearm comes from and where the hand goes: the two lines need not meet, so a mark
 * that slips along its own line changes nothing.
 *
 * @param forearmDeg direction from elbow to wrist on the screen, clockwise
 * @throws InputError `coincidentPoints` when wrist and knuckle are the same
 */
export function wristFlexionOf(
  { wrist, middleMcp }: HandMarks,
  forearmDeg: number,
  side: Side,
): number {
  const turn = flexionTurn('wristFlexion', 'profile', side)!;
  const rad = forearmDeg / DEG_PER_RAD;
  const before = { x: wrist.x - Math.cos(rad), y: wrist.y - Math.sin(rad) };
  return flexion2d(before, wrist, middleMcp, turn);
}

/**
 * Direction from elbow to wrist on the screen, degrees, clockwise.
 *
 * @example forearmDirection({ near: { x: 10, y: 0 }, far: { x: 0, y: 0 } }) // 0
 */
export const forearmDirection = ({ near, far }: ForearmMarks): number =>
  Math.atan2(near.y - far.y, near.x - far.x) * DEG_PER_RAD;

/** How far that direction may be off when each mark may be, degrees. */
export const forearmDirectionSd = ({ near, far }: ForearmMarks, markSdPx: number): number =>
  Math.atan2(Math.SQRT2 * markSdPx, Math.hypot(near.x - far.x, near.y - far.y)) * DEG_PER_RAD;
