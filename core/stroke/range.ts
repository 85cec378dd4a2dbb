import { quantile } from 'd3-array';

/** How far something goes, with the noise taken out. */
export interface Range {
  deg: number;
  sd: number;
  /** Whether noise alone could make what was seen. */
  couldBeNoise: boolean;
  /** How far noise alone goes, degrees. */
  noiseDeg: number;
}

/** The 5th to 95th percentile of noise is this many of its standard deviations. */
export const NOISE_SPAN_SD = 3.29;

/** How far a percentile of noise itself is off, in its standard deviations, over the few frames of a stroke. [memory] */
const PERCENTILE_SD = 0.5;

/** Of so few values the ends are what was seen: percentiles would lie well inside. [memory] */
const FEW = 6;

/**
 * How far values range: 95th − 5th percentile (type 7), the noise taken out in squares: √max(0, range² − (3.29·SD)²).
 * Fewer than six values, as from three stills, range from the least to the most.
 *
 * @param noiseSd of the values
 * @returns null without values
 * @example rangeOf([10, null, 24, 18], 0) // { deg: 14, sd: 1e-06, couldBeNoise: false, noiseDeg: 0 }
 */
export function rangeOf(values: readonly (number | null)[], noiseSd: number): Range | null {
  const known = values.filter((value) => value !== null);
  const ends = known.length < FEW ? [0, 1] : [0.05, 0.95];
  const [lo, hi] = ends.map((share) => quantile(known, share));
  if (lo === undefined || hi === undefined) return null;
  const seen = hi - lo;
  const noise = NOISE_SPAN_SD * noiseSd;
  return {
    deg: Math.sqrt(Math.max(0, seen ** 2 - noise ** 2)),
    sd: Math.max(1e-6, PERCENTILE_SD * Math.SQRT2 * noiseSd),
    couldBeNoise: seen <= noise * 1.2,
    noiseDeg: noise,
  };
}
