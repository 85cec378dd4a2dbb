import { InputError } from '../issue';
import type { Vec2 } from '../units';
import { mmPerPixel } from './scale';

/** The stick's axis in a picture, with the frame and scale in which places on it are told. */
export interface StickAxis {
  /** Where x = 0: the frog's front edge, brought onto the axis, px. */
  origin: Vec2;
  /** Unit vector toward the tip. */
  toTip: Vec2;
  /** Unit vector across the stick, toward the hair. */
  toHair: Vec2;
  mmPerPx: number;
}

/** A place told along and off the stick, mm. */
export interface StickPlace {
  /** Along the stick: 0 at the frog's front edge, positive toward the tip. */
  xMm: number;
  /** Off the axis: positive on the hair side. */
  dMm: number;
}

/**
 * The stick's axis through its two marked points.
 *
 * @param hairIsClockwise +1 when the hair lies a clockwise quarter turn (on screen) from the direction hand → tip,
 *   −1 otherwise: `hairSide` gives it for a view and hand
 * @throws InputError `zeroLengthStick` or `zeroLengthFrog`
 */
export function stickAxis(
  bow: { stickHandEnd: Vec2; stickTipEnd: Vec2; frogFront: Vec2; frogBack: Vec2 },
  frogLengthMm: number,
  hairIsClockwise: 1 | -1,
): StickAxis {
  const { stickHandEnd, stickTipEnd, frogFront, frogBack } = bow;
  const length = Math.hypot(stickTipEnd.x - stickHandEnd.x, stickTipEnd.y - stickHandEnd.y);
  if (length === 0) throw new InputError([{ code: 'zeroLengthStick', where: 'bow.stickTipEnd' }]);
  const toTip = {
    x: (stickTipEnd.x - stickHandEnd.x) / length,
    y: (stickTipEnd.y - stickHandEnd.y) / length,
  };
  const along = (frogFront.x - stickHandEnd.x) * toTip.x + (frogFront.y - stickHandEnd.y) * toTip.y;
  return {
    origin: { x: stickHandEnd.x + along * toTip.x, y: stickHandEnd.y + along * toTip.y },
    toTip,
    toHair: { x: -toTip.y * hairIsClockwise, y: toTip.x * hairIsClockwise },
    mmPerPx: mmPerPixel(frogFront, frogBack, frogLengthMm),
  };
}

/**
 * Tells a picture point along and off the stick.
 *
 * Worked: with a level stick, tip right, hair below, 0.5 mm per px and x = 0 at (200, 100), the point (240, 90)
 *   is at x = 20 mm, d = −5 mm
 */
export function placeOnStick(axis: StickAxis, point: Vec2): StickPlace {
  const dx = point.x - axis.origin.x;
  const dy = point.y - axis.origin.y;
  return {
    xMm: (dx * axis.toTip.x + dy * axis.toTip.y) * axis.mmPerPx,
    dMm: (dx * axis.toHair.x + dy * axis.toHair.y) * axis.mmPerPx,
  };
}
