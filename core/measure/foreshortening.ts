import { mmPerPixel } from '../bow';
import { expectedPhalanges, PHALANGES, type BoneName, type HandFacts } from '../hand';
import { DEG_PER_RAD } from '../units';
import type { Capture } from './capture';
import { hairTurn, type View } from './view';
import { normalCdf } from '../stats';

/** From this tilt out of the picture on, an angle read from it is no firm number. [memory] */
export const OBLIQUE_FROM_DEG = 30;

/** How probable such a tilt must be before a number is withheld. [memory] */
const SURE_OBLIQUE = 0.8;

const BORDER = Math.cos(OBLIQUE_FROM_DEG / DEG_PER_RAD);

/** Which way to turn the camera about the hand for a better picture. */
export const CAMERA_TURNS = ['buttonEnd', 'below', 'above'] as const;

export type CameraTurn = (typeof CAMERA_TURNS)[number];

/** The turn that lays the bones of a view back into the picture; tested on the rendered hands. */
const RETAKE: Partial<Record<View, CameraTurn>> = {
  'thumb-side': 'below',
  profile: 'buttonEnd',
};

/** How a bone lies to the picture. */
export interface BoneTilt {
  bone: BoneName;
  /** Tilt out of the picture that its length tells, degrees: 0 when it shows its whole length. */
  tiltDeg: number;
  /** Probability that it is tilted by more than `OBLIQUE_FROM_DEG`. */
  oblique: number;
}

/**
 * How far a segment leaves the picture, from its shown over its true length; 0 when it shows all of it.
 *
 * @example tiltOf(10, 20) // 60
 */
export const tiltOf = (shown: number, whole: number): number =>
  Math.acos(Math.min(1, shown / whole)) * DEG_PER_RAD;

/**
 * How every marked bone lies to the picture, from how long it looks and how long it should be.
 *
 * The picture's scale comes from the frog where it is seen from its side; otherwise from the hand itself, whose
 * least foreshortened bone is taken to lie flat (at least three bones must be marked).
 *
 * @returns an empty list when the scale cannot be told
 */
export function boneTilts(capture: Capture, hand: HandFacts): BoneTilt[] {
  const expected = expectedPhalanges(hand);
  const seen = PHALANGES.flatMap(({ from, to }) => {
    const [p, q] = [capture.points[from], capture.points[to]];
    if (!p || !q) return [];
    const px = Math.hypot(p.x - q.x, p.y - q.y);
    return [{ bone: to, px, pxSd: Math.hypot(p.sigma, q.sigma), whole: expected.get(to)! }];
  });
  const scale = frogScale(capture) ?? handScale(seen);
  if (!scale) return [];
  return seen.map(({ bone, px, pxSd, whole }) => {
    const shownMm = px * scale.mmPerPx;
    const sd = Math.hypot(pxSd * scale.mmPerPx, shownMm * scale.sdShare, BORDER * whole.sdMm);
    return {
      bone,
      tiltDeg: tiltOf(shownMm, whole.mm),
      oblique: normalCdf(BORDER * whole.mm, shownMm, sd),
    };
  });
}

/**
 * Whether a measure that rests on these bones is seen too obliquely for a firm number.
 *
 * @returns which way to turn the camera, or null when the picture will do
 */
export function retakeFor(
  view: View,
  bones: readonly BoneName[] | undefined,
  tilts: readonly BoneTilt[],
): CameraTurn | null {
  if (!bones) return null;
  const tooOblique = tilts.some(
    ({ bone, oblique }) => bones.includes(bone) && oblique >= SURE_OBLIQUE,
  );
  return tooOblique ? (RETAKE[view] ?? null) : null;
}

interface Scale {
  mmPerPx: number;
  sdShare: number;
}

function frogScale({ view, side, points, frogLength }: Capture): Scale | null {
  const { frogFront, frogBack } = points;
  if (hairTurn(view, side) === null || !frogFront || !frogBack) return null;
  const px = Math.hypot(frogFront.x - frogBack.x, frogFront.y - frogBack.y);
  if (px === 0) return null;
  const clicks = Math.hypot(frogFront.sigma, frogBack.sigma) / px;
  return {
    mmPerPx: mmPerPixel(frogFront, frogBack, frogLength.mm),
    sdShare: Math.hypot(clicks, frogLength.sdMm / frogLength.mm),
  };
}

function handScale(
  seen: readonly { px: number; pxSd: number; whole: { mm: number; sdMm: number } }[],
): Scale | null {
  if (seen.length < 3) return null;
  const flattest = seen.reduce((a, b) => (b.px / b.whole.mm > a.px / a.whole.mm ? b : a));
  if (flattest.px === 0) return null;
  return {
    mmPerPx: flattest.whole.mm / flattest.px,
    sdShare: Math.hypot(flattest.pxSd / flattest.px, flattest.whole.sdMm / flattest.whole.mm),
  };
}
