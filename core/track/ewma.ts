import defaults from './data/trackDefaults.json';

/** A chart of a settled series: its smoothed values and where they would be no chance any more. */
export interface EwmaChart {
  /** After each value, the first included. */
  smoothed: readonly number[];
  lower: number;
  upper: number;
  /** Index of the first value after which the smoothed one lies outside; null when none does. */
  outsideFrom: number | null;
}

/**
 * Exponentially weighted moving average with its asymptotic limits [published: NIST/SEMATECH e-Handbook of Statistical Methods,
 * 6.3.2.4]: z = λ·x + (1 − λ)·z, begun at the target; limits target ± L·SD·√(λ/(2 − λ)).
 *
 * @param target where the series is when nothing drifts
 * @param sd of single values about it
 * @param targetSd how far the target itself may be off, where it was estimated
 * @example ewmaChart([11, 11, 11], 10, 1).smoothed // [10.3, 10.51, 10.66]
 */
export function ewmaChart(
  values: readonly number[],
  target: number,
  sd: number,
  {
    weight = defaults.ewmaWeight,
    limitSd = defaults.ewmaLimitSd,
    targetSd = 0,
  }: { weight?: number; limitSd?: number; targetSd?: number } = {},
): EwmaChart {
  const reach = limitSd * Math.hypot(sd * Math.sqrt(weight / (2 - weight)), targetSd);
  let level = target;
  const smoothed = values.map((value) => (level = weight * value + (1 - weight) * level));
  const first = smoothed.findIndex((value) => Math.abs(value - target) > reach);
  return {
    smoothed,
    lower: target - reach,
    upper: target + reach,
    outsideFrom: first < 0 ? null : first,
  };
}
