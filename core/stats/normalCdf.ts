/// <reference path="../gaussian.d.ts" />
import gaussian from 'gaussian';

const STANDARD = gaussian(0, 1);

/**
 * The probability that a normal number lies at or below x.
 *
 * @param sd not negative; with 0 all probability lies at the mean
 * @returns 0 to 1, to about 1e-7
 * @example normalCdf(1.96, 0, 1) // 0.975
 */
export function normalCdf(x: number, mean: number, sd: number): number {
  if (sd === 0) return x < mean ? 0 : 1;
  return STANDARD.cdf((x - mean) / sd);
}

/**
 * How many standard deviations either side hold this share of a normal number.
 *
 * @param confidence 0 to 1, both excluded
 * @example twoSidedZ(0.95) // 1.96
 */
export const twoSidedZ = (confidence: number): number => STANDARD.ppf((1 + confidence) / 2);
