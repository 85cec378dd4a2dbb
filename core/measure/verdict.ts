import type { Range } from '../holds';
import { normalCdf } from '../stats';

/** `in`, `low`, `high`: at least 80 % sure. `unsure`: not. `none`: no band to judge by. */
export const VERDICTS = ['in', 'low', 'high', 'unsure', 'none'] as const;

export type Verdict = (typeof VERDICTS)[number];

/** How sure a verdict has to be. [memory] */
export const SURE = 0.8;

/** A band narrower than this many SD can never be called "in": 2·Φ⁻¹(0.9). */
export const NARROWEST_BAND_SD = 2.563;

export interface Probabilities {
  low: number;
  inside: number;
  high: number;
}

/**
 * How probable it is that the true value lies below, inside and above a band, the doubt being normal.
 *
 * @param sd > 0, in the unit of the value
 * @example bandProbabilities(38, 5, { lo: 20, hi: 60 }).inside // 0.9998
 */
export function bandProbabilities(value: number, sd: number, band: Range): Probabilities {
  const low = band.lo === undefined ? 0 : normalCdf(band.lo, value, sd);
  const high = band.hi === undefined ? 0 : normalCdf(-band.hi, -value, sd);
  return { low, inside: Math.max(0, 1 - low - high), high };
}

/**
 * The verdict of a value with its doubt against a band; either end may be open.
 *
 * @example verdictAgainst(12, 5, { lo: 20 }) // 'low'
 */
export function verdictAgainst(value: number, sd: number, band: Range): Verdict {
  return verdictOf(bandProbabilities(value, sd, band));
}

/** The verdict of these probabilities, however they were found. */
export function verdictOf({ low, inside, high }: Probabilities): Verdict {
  if (low >= SURE) return 'low';
  if (high >= SURE) return 'high';
  return inside >= SURE ? 'in' : 'unsure';
}

/**
 * Whether a value with this doubt could be called "in" at all; if not, another picture or a look must decide.
 *
 * @example canDecide(10, { lo: 20, hi: 30 }) // false
 */
export function canDecide(sd: number, band: Range): boolean {
  if (band.lo === undefined || band.hi === undefined) return true;
  return band.hi - band.lo >= NARROWEST_BAND_SD * sd;
}
