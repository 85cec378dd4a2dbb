import { distanceToBow, type BowBody } from '../bow/bowBody';
import { FINGERS } from '../hand';
import type { Flesh } from './poseProblem';
import type { PosedHand } from './posedHand';
import type { PoseTarget } from './poseTarget';
import { DIGITS } from './digits';
import { DIGIT_JOINTS, WRIST_JOINT } from './rig';
import { mainJoints, skinOf } from './skin';

/** How a posed hand meets the bow, measured on its skin, mm. */
export interface SkinFit {
  /** The widest gap between the bow and a digit that should touch it. */
  gapMm: number;
  /** The deepest place of the skin inside the bow: flesh that gives way. */
  overlapMm: number;
}

/** How much more than a finger's flesh the palm's gives way, and the web between thumb and index, in which a German bow's button rests, mm. [memory] */
const PALM_SOFTER_MM = 2;
const WEB_SOFTER_MM = 4;
/** Skin that gives way by this much is as it should be, mm. */
const PRESSED_MM = 0.5;
/** How much of what the skin is off the flesh is corrected by at once. */
const SHARE = 0.75;

let joints: Uint8Array | undefined;

/** Measures the skin against the bow and makes the flesh of each bone thicker or thinner by what it is off. */
export function correctFlesh(
  hand: PosedHand,
  bow: BowBody,
  target: PoseTarget,
  flesh: Flesh,
): { fit: SkinFit; flesh: Flesh; palmInsideMm: number } {
  joints ??= mainJoints();
  const skin = skinOf(hand);
  const nearest = new Float64Array(25).fill(Infinity);
  for (let v = 0; v < joints.length; v += 1) {
    const away = distanceToBow(bow, skin[3 * v]!, skin[3 * v + 1]!, skin[3 * v + 2]!);
    if (away < nearest[joints[v]!]!) nearest[joints[v]!] = away;
  }
  for (const bone of [WRIST_JOINT, ...FINGERS.map((digit) => DIGIT_JOINTS[digit][0]!)]) {
    nearest[bone]! += PALM_SOFTER_MM;
  }
  nearest[DIGIT_JOINTS.thumb[0]!]! += WEB_SOFTER_MM;
  const palmInsideMm = Math.max(0, ...DIGITS.map((digit) => -nearest[DIGIT_JOINTS[digit][0]!]!));
  let [gapMm, overlapMm] = [0, 0];
  for (const away of nearest) overlapMm = Math.max(overlapMm, -away);
  const corrected = structuredCloneOf(flesh);
  for (const digit of DIGITS) {
    const bones = DIGIT_JOINTS[digit].slice(digit === 'thumb' ? 0 : 1);
    const off = [0, 1, 2].map((i) =>
      Math.min(nearest[bones[i]!]!, i === 2 ? nearest[bones[3]!]! : Infinity),
    );
    const { touch, u } = target.digits[digit];
    const at = 2 - Math.min(2, Math.max(0, Math.floor(u.value)));
    off.forEach((away, i) => {
      if (away < -PRESSED_MM) corrected[digit][i]! += SHARE * (-away - PRESSED_MM);
    });
    if (touch.on === 'air') continue;
    const own = Math.min(...off);
    gapMm = Math.max(gapMm, own);
    if (own > -PRESSED_MM / 2) corrected[digit][at]! -= SHARE * (own + PRESSED_MM / 2);
  }
  return { fit: { gapMm, overlapMm }, flesh: corrected, palmInsideMm };
}

const structuredCloneOf = (flesh: Flesh): Flesh =>
  Object.fromEntries(DIGITS.map((digit) => [digit, [...flesh[digit]]])) as Flesh;
