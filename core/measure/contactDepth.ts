import { placeOnStick, type StickAxis } from '../bow';
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
}

/** SD that an oblique look adds to u, because the finger lies before or behind the stick (parallax), joint units. */
export const PARALLAX_SD_U = 0.17;

/**
 * The contact of a finger with the stick: walking from the knuckle to the tip, the place where it passes from the
 * hand's side of the stick to the far side. Not the crossing nearest the tip: the tip of a fist curls back over
 * the stick and would read 0.2 instead of 2.7.
 *
 * @param chain knuckle (MCP), PIP, DIP, tip, px
 * @param handAbove true for an over-hand hold, whose hand's side is away from the hair
 * @returns the crossing; without one, the finger's nearest point to the axis and `touching: false`
 * @example a finger straight across the stick, with the axis half-way between PIP and DIP, gives u = 1.5
 */
export function contactOnStick(
  axis: StickAxis,
  chain: readonly [Vec2, Vec2, Vec2, Vec2],
  handAbove: boolean,
): Contact {
  const places = chain.map((point) => placeOnStick(axis, point));
  const depthPast = places.map((place) => (handAbove ? place.dMm : -place.dMm));
  let nearest: Contact = { u: 0, xMm: 0, dMm: Infinity, touching: false };
  const consider = (u: number, xMm: number, dMm: number) => {
    if (Math.abs(dMm) < Math.abs(nearest.dMm)) nearest = { u, xMm, dMm, touching: false };
  };
  for (let i = 0; i < 3; i += 1) {
    const from = depthPast[i]!;
    const to = depthPast[i + 1]!;
    if (from * to < 0 || (from <= 0 && to > 0)) {
      const t = from / (from - to);
      const u = 3 - i - t;
      const xMm = places[i]!.xMm + t * (places[i + 1]!.xMm - places[i]!.xMm);
      if (from <= 0) return { u, xMm, dMm: 0, touching: true };
      consider(u, xMm, 0);
    }
    consider(3 - i, places[i]!.xMm, places[i]!.dMm);
  }
  consider(0, places[3]!.xMm, places[3]!.dMm);
  return nearest;
}
