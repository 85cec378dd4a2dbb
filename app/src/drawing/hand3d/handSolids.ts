import { FINGERS, HAND_POINTS, type HandPointName } from '@open-palm/core/hand';

export type Point3 = readonly [number, number, number];

/** A limb of the drawn hand: two places with the flesh around each, mm. */
export interface Limb {
  from: Point3;
  to: Point3;
  fromRadius: number;
  toRadius: number;
}

/** A hand as solids: what is drawn, in space or flat. */
export interface HandSolids {
  limbs: Limb[];
  /** Round places whose hull is the palm. */
  palm: { at: Point3; radius: number }[];
}

/** Flesh around the joints of an adult's fingers from the knuckle to the tip, mm. [memory] */
const FINGER_RADII = [9.5, 8.3, 7.2, 6];
const THUMB_RADII = [13, 11, 9.5, 7.5];
const SLENDER = { index: 1, middle: 1, ring: 0.95, little: 0.82 };
const WRIST_RADIUS = 15;
/** From wrist to middle knuckle in a hand of these radii, mm. */
const PALM_MM = 95;

const indexOf = (name: HandPointName) => HAND_POINTS.indexOf(name);

/**
 * A hand's solids from its 21 points.
 *
 * @param pointsMm in the common order, in the bow's frame
 */
export function handSolids(pointsMm: readonly Point3[]): HandSolids {
  const at = (name: HandPointName) => pointsMm[indexOf(name)]!;
  const size = distance(at('wrist'), at('middleMcp')) / PALM_MM;
  const chain = (
    names: readonly HandPointName[],
    radii: readonly number[],
    slender: number,
  ): Limb[] =>
    names.slice(1).map((name, i) => ({
      from: at(names[i]!),
      to: at(name),
      fromRadius: radii[i]! * slender * size,
      toRadius: radii[i + 1]! * slender * size,
    }));
  const fingers = FINGERS.flatMap((finger) => {
    const names = (['Mcp', 'Pip', 'Dip', 'Tip'] as const).map(
      (joint) => `${finger}${joint}` as HandPointName,
    );
    return chain(names, FINGER_RADII, SLENDER[finger]);
  });
  const thumb = chain(['thumbCmc', 'thumbMcp', 'thumbIp', 'thumbTip'], THUMB_RADII, 1);
  const knuckles = FINGERS.map((finger) => ({
    at: at(`${finger}Mcp`),
    radius: FINGER_RADII[0]! * SLENDER[finger] * size,
  }));
  const wrist = { at: at('wrist'), radius: WRIST_RADIUS * size };
  const heel = {
    at: between(at('wrist'), at('littleMcp'), 0.25),
    radius: WRIST_RADIUS * 0.9 * size,
  };
  return {
    limbs: [...thumb, ...fingers],
    palm: [wrist, heel, ...knuckles, { at: at('thumbCmc'), radius: THUMB_RADII[0]! * size }],
  };
}

export const distance = (a: Point3, b: Point3): number =>
  Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);

const between = (a: Point3, b: Point3, t: number): Point3 => [
  a[0] + t * (b[0] - a[0]),
  a[1] + t * (b[1] - a[1]),
  a[2] + t * (b[2] - a[2]),
];

/** A left hand is told in the mirror of a right one: this shows it as it is. */
export const asHeld = (pointsMm: readonly Point3[], side: 'right' | 'left'): Point3[] =>
  side === 'right' ? [...pointsMm] : pointsMm.map(([x, y, z]) => [-x, y, z]);
