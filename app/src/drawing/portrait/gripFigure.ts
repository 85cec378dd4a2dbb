import { FINGERS, PHALANGES_MM, type Finger } from '@open-palm/core/hand';
import type { Hold, OverhandPortrait } from '@open-palm/core/holds';
import type { GripContacts } from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import { RADII_MM } from './handProportions';

/**
 * The drawn hand in millimetres, as seen from the finger side with the tip to the right: x along the stick from the
 * frog's front, y down toward the hair, the stick's axis at y = 0.
 */
export interface GripFigure {
  fingers: Record<Finger, DrawnFinger>;
  thumb: DrawnFinger;
  /** The back of the hand, closed. */
  back: Vec2[];
}

export interface DrawnFinger {
  /** Joints from base to tip. */
  joints: Vec2[];
  /** Half the width at each joint. */
  radii: number[];
  /** Where it meets the stick, or would. */
  contact: Vec2;
  seen: boolean;
}

/** The first phalanx comes toward the eye and so looks shorter. */
const FIRST_PHALANX_SHOWN = 0.62;

/** A finger's nearest point further than this from the axis is off the stick, mm. [memory] */
const OFF_FROM_MM = 12;

/** How far the fingers' bases are covered by the back of the hand, mm. */
const BASE_OVERLAP_MM = 5;

const THUMB_BEND_UNSEEN_DEG = 35;

/** An over-hand grip as numbers turn it into a figure; what was not seen stands where the hold wants it, marked as unseen. */
export function overhandFigure(
  hold: Hold,
  contacts: GripContacts,
  thumbIpFlexionDeg: number | null,
): GripFigure {
  const fingers = {} as GripFigure['fingers'];
  // An over-hand hold's file brings the portrait of one: a test of the files holds them to it.
  const portrait = hold.portrait as OverhandPortrait;
  for (const finger of FINGERS) {
    const wanted = {
      xMm: hold.startingPlacesMm[finger],
      u: hold.startingDepthsU[finger],
      dMm: 0,
    };
    const seen = contacts.fingers[finger];
    const isOff = seen !== null && Math.abs(seen.dMm) > OFF_FROM_MM;
    const standing = drawnFinger(
      finger,
      portrait.phalanxLeanDeg[finger],
      isOff ? wanted : (seen ?? wanted),
      seen !== null,
    );
    fingers[finger] = isOff ? hovering(standing, seen) : standing;
  }
  return {
    fingers,
    thumb: drawnThumb(
      portrait,
      contacts.thumbXMm ?? hold.startingPlacesMm.thumb,
      thumbIpFlexionDeg ?? THUMB_BEND_UNSEEN_DEG,
      contacts.thumbXMm !== null,
    ),
    back: backOfHand(fingers),
  };
}

function drawnFinger(
  finger: Finger,
  leanDeg: readonly [number, number, number],
  place: { xMm: number; u: number; dMm: number },
  seen: boolean,
): DrawnFinger {
  const [first, second, third] = PHALANGES_MM[finger].map(({ mm }) => mm) as [
    number,
    number,
    number,
  ];
  const [lean1, lean2, lean3] = leanDeg;
  const tip = { x: 0, y: 0 };
  const dip = up(tip, third, lean3);
  const pip = up(dip, second, lean2);
  const knuckle = up(pip, first * FIRST_PHALANX_SHOWN, lean1);
  const line = [tip, dip, pip, knuckle];
  const contact = alongLine(line, place.u);
  const shift = { x: place.xMm - contact.x, y: place.dMm - contact.y };
  const joints = line.map((p) => ({ x: p.x + shift.x, y: p.y + shift.y })).reverse();
  return { joints, radii: RADII_MM[finger], contact: { x: place.xMm, y: place.dMm }, seen };
}

/** A finger off the stick: its knuckle stays with the hand, and it reaches to where its tip was seen. */
function hovering(standing: DrawnFinger, { xMm, dMm }: { xMm: number; dMm: number }): DrawnFinger {
  const [knuckle] = standing.joints;
  const tip = { x: xMm, y: dMm };
  const reach = (share: number, rise: number) => ({
    x: knuckle!.x + (tip.x - knuckle!.x) * share,
    y: knuckle!.y + (tip.y - knuckle!.y) * share - rise,
  });
  return { ...standing, joints: [knuckle!, reach(0.42, 4), reach(0.73, 4), tip], contact: tip };
}

/** Where the thumb's tip meets the stick, mm below its axis. */
const THUMB_TIP_Y_MM = 5;

function drawnThumb(
  { thumbLeanDeg, thumbTipYMm = THUMB_TIP_Y_MM }: OverhandPortrait,
  xMm: number,
  flexionDeg: number,
  seen: boolean,
): DrawnFinger {
  const [first, last] = PHALANGES_MM.thumb;
  const tip = { x: xMm, y: thumbTipYMm };
  const ip = down(tip, last!.mm, thumbLeanDeg);
  const mcp = down(ip, first!.mm, thumbLeanDeg - flexionDeg);
  return { joints: [mcp, ip, tip], radii: RADII_MM.thumb, contact: tip, seen };
}

/** From knuckle to knuckle, and up both edges to the wrist, which leaves the picture to the upper left. */
function backOfHand({ index, middle, ring, little }: GripFigure['fingers']): Vec2[] {
  const knuckles = [little, ring, middle, index].map((finger) => finger.joints[0]!);
  const [rear, , centre, front] = knuckles as [Vec2, Vec2, Vec2, Vec2];
  const right = baseEdge(index, 1);
  const left = baseEdge(little, -1);
  const wrist = { x: (front.x + rear.x) / 2 - 14, y: centre.y - 62 };
  // The edges run on into the outer fingers' own edges; between them the fingers cover the knuckles.
  return [
    ...softened([
      { x: wrist.x - 25, y: wrist.y },
      { x: wrist.x - 23, y: wrist.y + 18 },
      { x: left.x - 1, y: left.y - 9 },
      left,
    ]),
    ...knuckles.flatMap((knuckle, i) => webBeside(knuckle, knuckles[i + 1])),
    ...softened([
      right,
      { x: right.x + 1.5, y: right.y - 10 },
      { x: right.x - 4, y: right.y - 32 },
      { x: wrist.x + 25, y: wrist.y },
    ]),
  ];
}

/** A knuckle, and the web of skin that reaches down between it and the next one. */
function webBeside(knuckle: Vec2, next: Vec2 | undefined): Vec2[] {
  const covered = { x: knuckle.x, y: knuckle.y + BASE_OVERLAP_MM };
  if (!next) return [covered];
  const lower = Math.max(knuckle.y, next.y) + BASE_OVERLAP_MM;
  return [covered, { x: (knuckle.x + next.x) / 2, y: lower }];
}

/** A line with its inner corners rounded off. */
function softened(points: readonly Vec2[]): Vec2[] {
  return points.flatMap((p, i) => {
    const before = points[i - 1];
    const after = points[i + 1];
    if (!before || !after) return [p];
    const toward = (q: Vec2, t: number) => ({ x: p.x + (q.x - p.x) * t, y: p.y + (q.y - p.y) * t });
    const a = toward(before, 0.3);
    const b = toward(after, 0.3);
    return [a, { x: (a.x + 2 * p.x + b.x) / 4, y: (a.y + 2 * p.y + b.y) / 4 }, b];
  });
}

/** The corner of a finger's base on the tip's side (+1) or the button's side (−1). */
function baseEdge({ joints, radii }: DrawnFinger, side: 1 | -1): Vec2 {
  const [base, next] = joints as [Vec2, Vec2];
  const length = Math.hypot(next.x - base.x, next.y - base.y);
  const across = (side * radii[0]!) / length;
  return {
    x: base.x + (next.y - base.y) * across,
    y: base.y - (next.x - base.x) * across,
  };
}

const up = (from: Vec2, length: number, leanDeg: number): Vec2 => ({
  x: from.x + length * Math.sin((leanDeg * Math.PI) / 180),
  y: from.y - length * Math.cos((leanDeg * Math.PI) / 180),
});

const down = (from: Vec2, length: number, leanDeg: number): Vec2 => ({
  x: from.x + length * Math.sin((leanDeg * Math.PI) / 180),
  y: from.y + length * Math.cos((leanDeg * Math.PI) / 180),
});

/** The point at depth u on a line of joints that begins at the tip. */
function alongLine(line: readonly Vec2[], u: number): Vec2 {
  const i = Math.min(line.length - 2, Math.max(0, Math.floor(u)));
  const [a, b] = [line[i]!, line[i + 1]!];
  return { x: a.x + (b.x - a.x) * (u - i), y: a.y + (b.y - a.y) * (u - i) };
}
