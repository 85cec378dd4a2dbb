import { placeOnStick, type StickAxis, type StickPlace } from '../bow';
import type { Vec2 } from '../units';

/** Where a finger meets the stick in a flat picture. */
export interface Contact {
  /** Joint units from the fingertip: 0 tip, 1 DIP, 2 PIP, 3 MCP. */
  u: number;
  xMm: number;
  /** Off the axis, positive on the hair side; 0 when touching. */
  dMm: number;
  /** Whether the finger passes across the stick in the picture. */
  touching: boolean;
  /** Whether only the depth was told, and the place along the stick is the hold's own. */
  onlyDepth?: true | undefined;
}

/** SD that an oblique look adds to u, because the finger lies before or behind the stick (parallax), joint units. [memory] */
export const PARALLAX_SD_U = 0.17;

/**
 * The contact of a finger with the stick: walking from the knuckle to the tip, the place where it passes from the
 * hand's side of the stick to the far side. Not the crossing nearest the tip: the tip of a fist curls back over
 * the stick and would read 0.2 instead of 2.7.
 *
 * @param chain knuckle (MCP), PIP, DIP, tip, px
 * @param handAbove true for an over-hand hold, whose hand's side is away from the hair
 * @returns the crossing; without one, the finger's nearest point to the axis and `touching: false`
 * Worked: a finger straight across the stick, with the axis half-way between PIP and DIP, gives u = 1.5
 */
export function contactOnStick(
  axis: StickAxis,
  chain: readonly [Vec2, Vec2, Vec2, Vec2],
  handAbove: boolean,
): Contact {
  const outward = handAbove ? 1 : -1;
  let nearest: Contact | undefined;
  let near = placeOnStick(axis, chain[0]);
  for (let i = 0; i < 3; i += 1) {
    const far = placeOnStick(axis, chain[i + 1]!);
    const from = near.dMm * outward;
    const to = far.dMm * outward;
    if (from <= 0 && to > 0) {
      const t = from / (from - to);
      const xMm = near.xMm + t * (far.xMm - near.xMm);
      return { u: 3 - i - t, xMm, dMm: 0, touching: true };
    }
    nearest = nearer(nearest, nearestOnBone(near, far, 3 - i));
    near = far;
  }
  return nearest!;
}

/** The point of one bone nearest to the axis; `u` is the depth of its upper end. */
function nearestOnBone(near: StickPlace, far: StickPlace, u: number): Contact {
  if (near.dMm * far.dMm < 0) {
    const t = near.dMm / (near.dMm - far.dMm);
    return { u: u - t, xMm: near.xMm + t * (far.xMm - near.xMm), dMm: 0, touching: false };
  }
  return Math.abs(near.dMm) <= Math.abs(far.dMm)
    ? { u, xMm: near.xMm, dMm: near.dMm, touching: false }
    : { u: u - 1, xMm: far.xMm, dMm: far.dMm, touching: false };
}

const nearer = (a: Contact | undefined, b: Contact) =>
  a && Math.abs(a.dMm) <= Math.abs(b.dMm) ? a : b;
