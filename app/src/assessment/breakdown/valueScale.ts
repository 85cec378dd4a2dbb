import type { Range } from '@open-palm/core/holds';

/** A value on its band, as places along a line from 0 to 1. */
export interface ScalePlaces {
  band: readonly [number, number];
  value: number;
  /** One standard deviation to each side. */
  doubt: readonly [number, number];
}

/** So much of a band's width stays free on each side of it, where the value leaves room. */
const MARGIN = 0.4;

/**
 * Where a value and its doubt lie beside what is wanted. An open end of a band reaches the end of the line.
 *
 * @returns null for a band that is open on both sides: it wants nothing
 */
export function scalePlaces(value: number, sd: number, { lo, hi }: Range): ScalePlaces | null {
  if (lo === undefined && hi === undefined) return null;
  const width = lo !== undefined && hi !== undefined ? hi - lo : Math.max(sd * 4, 1e-6);
  const ends = [value - sd, value + sd, lo ?? hi! - width, hi ?? lo! + width];
  const from = Math.min(...ends) - (lo === undefined ? 0 : MARGIN * width);
  const to = Math.max(...ends) + (hi === undefined ? 0 : MARGIN * width);
  const at = (one: number) => (one - from) / (to - from);
  return {
    band: [lo === undefined ? 0 : at(lo), hi === undefined ? 1 : at(hi)],
    value: at(value),
    doubt: [at(value - sd), at(value + sd)],
  };
}
