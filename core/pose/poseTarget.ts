import type { Finger } from '../hand';
import type { MeasureId } from '../measure/measureIds';
import { bowOf } from './bowOf';
import type { DrawnHold } from './drawnHold';
import { holdPoseOf, type Touch } from './holdPose';
import { depthOf, placesOf } from './digitPlaces';
import { type MeasuredGrip } from './measuredGrip';
import { DIGITS, type Digit } from './digits';

/** A value that a pose is to have, and whether it was measured or is only as the hold wants it. */
export interface Wanted {
  value: number;
  isMeasured: boolean;
}

/** What one digit of the pose is to come out as. */
export interface DigitTarget {
  x: Wanted;
  u: Wanted;
  touch: Touch;
  /** Whether the way it touches was told. */
  isTouchMeasured: boolean;
  /** Of the joint before the middle one, the middle one and the last, degrees; null where the hold's own pose says enough. */
  bends: readonly [Wanted | null, Wanted | null, Wanted | null];
}

/** What a whole pose is to come out as. */
export interface PoseTarget {
  digits: Record<Digit, DigitTarget>;
  leanDeg: Wanted | null;
  /** Of the thumb's last bone against the stick, degrees. */
  thumbApproachDeg: number | null;
  /** How far the thumb's tip is past the stick's far edge, mm. */
  thumbThroughMm: number | null;
}

/** A little finger that is off is drawn this high above the stick, mm. [memory] */
const OFF_LIFT_MM = 24;
/** A finger's nearest place further from the axis than this is off the stick, mm. [memory] */
const OFF_FROM_MM = 12;
/** Where on a thumb it touches, joint units from the tip. [memory] */
const THUMB_DEPTH: Readonly<Record<string, number>> = { nail: 0.05, tip: 0.25, pad: 0.5 };
const THUMB_DEPTH_USUAL = 0.25;
const DEG_PER_FACET = 45;

/** What a pose is to come out as: what was measured, and for the rest what the hold wants. */
export function poseTarget(
  hold: DrawnHold,
  grip: MeasuredGrip,
  middleFingerMm: number,
): PoseTarget {
  const places = placesOf(grip, hold, middleFingerMm);
  const own = holdPoseOf(hold.id);
  const { measures } = grip;
  const number = (id: MeasureId): number | null => {
    const value = measures[id];
    return typeof value === 'number' ? value : null;
  };
  const bend = (id: MeasureId): Wanted | null => {
    const told = number(id);
    if (told !== null) return { value: told, isMeasured: true };
    const wanted = hold.wanted[id];
    return wanted === undefined ? null : { value: wanted, isMeasured: false };
  };
  const finger = (name: Finger): DigitTarget => {
    const depth = depthOf(grip, name);
    const contact = grip.contacts.fingers[name];
    const isOff =
      (contact !== null && Math.abs(contact.dMm) > OFF_FROM_MM) ||
      (name === 'little' && measures.littlePlace === 'off');
    const touch = isOff
      ? ({ on: 'air', liftMm: liftOf(hold, contact?.dMm) } as const)
      : name === 'little'
        ? littleTouch(measures.littlePlace, own.touches.little)
        : own.touches[name];
    return {
      x: { value: places[name].xMm, isMeasured: places[name].isMeasured },
      u: {
        value: depth ?? hold.startingDepthsU[name],
        isMeasured: depth !== null && !isOff && touch.on !== 'under',
      },
      touch,
      isTouchMeasured: touch !== own.touches[name],
      bends: [
        null,
        bend(`${name}PipFlexion` as MeasureId),
        name === 'little' ? bend('littleDipFlexion') : null,
      ],
    };
  };
  const facet = Number(measures.thumbFacet);
  const place = measures.thumbContact;
  const thumb: DigitTarget = {
    x: { value: places.thumb.xMm, isMeasured: places.thumb.isMeasured },
    u: { value: THUMB_DEPTH[String(place)] ?? THUMB_DEPTH_USUAL, isMeasured: false },
    touch: facet >= 1 ? { on: 'stick', turnDeg: (facet - 1) * DEG_PER_FACET } : own.touches.thumb,
    isTouchMeasured: facet >= 1,
    bends: [null, bend('thumbMcpFlexion'), bend('thumbIpFlexion')],
  };
  return {
    digits: Object.fromEntries(
      DIGITS.map((digit) => [digit, digit === 'thumb' ? thumb : finger(digit)]),
    ) as Record<Digit, DigitTarget>,
    // The knuckles of a hand that shakes hands with the frog stand one above the other: they lean nowhere.
    leanDeg: hold.hand === 'over' ? bend('handLean') : null,
    thumbApproachDeg: number('thumbApproach'),
    // A thumb that lies on top of the stick goes through nothing.
    thumbThroughMm: hold.hand === 'over' ? number('thumbThrough') : null,
  };
}

/** How high above the stick a finger is that is off, mm; one that carried from below hangs under the frog. */
function liftOf(hold: DrawnHold, offAxisMm: number | undefined): number {
  if (hold.hand === 'under') return 2 * bowOf(hold).frog.bottomMm;
  return offAxisMm === undefined || Math.abs(offAxisMm) <= OFF_FROM_MM
    ? OFF_LIFT_MM
    : Math.abs(offAxisMm) - OFF_FROM_MM / 2;
}

function littleTouch(place: number | string | undefined, own: Touch): Touch {
  switch (place) {
    case 'top':
      return { on: 'stick', turnDeg: 5 };
    case 'over':
      return { on: 'stick', turnDeg: 72 };
    case 'flat':
      return { on: 'frogSide', yMm: -9 };
    case 'under':
      return { on: 'under' };
    default:
      return own;
  }
}
