import type { Finger } from '../../hand';
import { FINGER_CHAIN, FINGERS } from '../../hand';
import type { Capture, PointName } from '../capture';

/** x along the stick (mm) and depth u of each finger of the drawn figure. */
const FIGURE: Record<Finger, { xMm: number; u: number }> = {
  index: { xMm: 26, u: 1.5 },
  middle: { xMm: 6, u: 1.25 },
  ring: { xMm: -9, u: 1.25 },
  little: { xMm: -27, u: 0.05 },
};

export const PX_PER_MM = 2;
const FROG_FRONT_PX = 400;
const STICK_Y_PX = 300;
const BONE_PX = 40;

/**
 * A hand drawn on squared paper from the finger side, tip to the right: the stick level at y = 300, 2 px to the mm,
 * every finger upright with bones of 40 px, crossing the stick at the places and depths above.
 */
export function levelCapture(
  changes: Partial<Record<Finger, { xMm: number; u: number }>> = {},
): Capture {
  const points: Capture['points'] = {
    stickHandEnd: at(100, STICK_Y_PX),
    stickTipEnd: at(900, STICK_Y_PX),
    frogFront: at(FROG_FRONT_PX, 330),
    frogBack: at(FROG_FRONT_PX - 46 * PX_PER_MM, 330),
    wrist: at(380, 60),
  };
  for (const finger of FINGERS) {
    const { xMm, u } = changes[finger] ?? FIGURE[finger];
    FINGER_CHAIN[finger].forEach((name, i) => {
      points[name] = at(FROG_FRONT_PX + xMm * PX_PER_MM, STICK_Y_PX + (u - 3 + i) * BONE_PX);
    });
  }
  return {
    view: 'finger-side',
    side: 'right',
    image: { width: 1000, height: 700 },
    points,
    frogLength: { mm: 46, sdMm: 0.5 },
  };
}

/** The same capture with one point somewhere else, or not seen. */
export function withPoint(
  capture: Capture,
  name: PointName,
  place: { x: number; y: number } | null,
): Capture {
  const points = { ...capture.points };
  if (place) points[name] = at(place.x, place.y);
  else delete points[name];
  return { ...capture, points };
}

const at = (x: number, y: number) => ({ x, y, sigma: 2 });
