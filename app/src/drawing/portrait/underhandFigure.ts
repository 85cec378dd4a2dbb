import { FINGERS, PHALANGES_MM, type Finger } from '@open-palm/core/hand';
import type { Hold, UnderhandPortrait } from '@open-palm/core/holds';
import type { GripContacts } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import type { DrawnFinger, GripFigure } from './gripFigure';
import { RADII_MM } from './handProportions';

/** The row of knuckles stands upright behind the frog, the button in the web above it, mm. [memory] */
const KNUCKLES: Record<Finger, Vec2> = {
  // Each a little further back than the one below, which it covers.
  index: { x: -54, y: 3 },
  middle: { x: -53, y: 15 },
  ring: { x: -52, y: 27 },
  little: { x: -49, y: 38 },
};

/** How far the middle of a finger bulges down from the straight line, mm. [memory] */
const SAG_MM: Record<Finger, number> = { index: -2, middle: 0, ring: 3, little: 4 };

const THUMB_BEND_UNSEEN_DEG = 20;

/** The figure of an under-hand grip: the frog taken from behind like a hand that is shaken, the thumb on top. */
export function underhandFigure(
  hold: Hold,
  contacts: GripContacts,
  thumbIpFlexionDeg: number | null,
): GripFigure {
  const fingers = {} as GripFigure['fingers'];
  const { tipYMm, thumbRiseDeg } = hold.portrait as UnderhandPortrait;
  for (const finger of FINGERS) {
    const seen = contacts.fingers[finger];
    const tip = { x: seen?.xMm ?? hold.startingPlacesMm[finger], y: tipYMm[finger] };
    const knuckle = KNUCKLES[finger];
    const along = (share: number, sag: number): Vec2 => ({
      x: knuckle.x + (tip.x - knuckle.x) * share,
      y: knuckle.y + (tip.y - knuckle.y) * share + sag,
    });
    const sag = SAG_MM[finger];
    fingers[finger] = {
      joints: [knuckle, along(0.45, sag), along(0.74, sag), tip],
      radii: RADII_MM[finger],
      contact: tip,
      seen: seen !== null,
    };
  }
  return {
    fingers,
    thumb: thumbOnTop(
      thumbRiseDeg,
      contacts.thumbXMm ?? hold.startingPlacesMm.thumb,
      thumbIpFlexionDeg ?? THUMB_BEND_UNSEEN_DEG,
      contacts.thumbXMm !== null,
    ),
    back: [
      { x: -90, y: -22 },
      { x: -70, y: -16 },
      { x: -54, y: -6 },
      ...FINGERS.map((finger) => ({ x: KNUCKLES[finger].x + 8, y: KNUCKLES[finger].y })),
      { x: -49, y: 45.8 },
      { x: -66, y: 49 },
      { x: -90, y: 46 },
    ],
  };
}

/** Half the thickness of the thumb's root. [memory] */
const ROOT_RADIUS_MM = 14;

function thumbOnTop(riseDeg: number, xMm: number, flexionDeg: number, seen: boolean): DrawnFinger {
  const [first, last] = PHALANGES_MM.thumb;
  const tip = { x: xMm, y: -9 };
  const ip = towardButton(tip, last!.mm, riseDeg);
  const mcp = towardButton(ip, first!.mm, riseDeg - flexionDeg);
  // Its root lies inside the hand, so that thumb and hand are one.
  const root = { x: mcp.x - 28, y: mcp.y + 16 };
  return {
    joints: [root, mcp, ip, tip],
    radii: [ROOT_RADIUS_MM, ...RADII_MM.thumb],
    contact: { x: xMm, y: -5 },
    seen,
  };
}

const towardButton = (from: Vec2, length: number, riseDeg: number): Vec2 => ({
  x: from.x - length * Math.cos((riseDeg * Math.PI) / 180),
  y: from.y - length * Math.sin((riseDeg * Math.PI) / 180),
});
