import defaults from './data/trackDefaults.json';
import { ewmaChart } from './ewma';

/** A settled series that has left where it was. */
export interface Drift {
  /** Index of the first value of the run that lies outside. */
  since: number;
  /** Where it was, and how far it is from there now. */
  target: number;
  by: number;
}

/**
 * Whether a settled series drifts: its moving average lies outside its limits now. Where the series was is the mean of its
 * values up to eight checks ago, whose own doubt widens the limits; so the latest checks are held against earlier ones, and not
 * against themselves. Simulated (five series, 26 weekly checks): docs/tracking.md has the figures.
 *
 * @param values of the series since its baseline was begun, oldest first
 * @param sem standard error of measurement of single values
 * @returns null when it does not, or when there are too few checks to know where it was
 * @example driftOf([1.5, 1.5, 1.6], 0.15) // null
 */
export function driftOf(values: readonly number[], sem: number): Drift | null {
  const last = values.length - 1;
  if (!isOutside(values, last, sem)) return null;
  let since = last;
  while (since > 0 && isOutside(values, since - 1, sem)) since -= 1;
  const { target, level } = chartAt(values, last, sem)!;
  return { since, target, by: level - target };
}

/** Whether a drift would be told after the value with this index. */
export const isOutside = (values: readonly number[], index: number, sem: number): boolean =>
  chartAt(values, index, sem)?.outside ?? false;

function chartAt(
  values: readonly number[],
  index: number,
  sem: number,
): { target: number; level: number; outside: boolean } | null {
  const { fewest, lag } = defaults.baseline;
  if (index < fewest) return null;
  const count = Math.max(fewest, index - lag);
  const base = values.slice(0, count);
  const target = base.reduce((sum, value) => sum + value, 0) / count;
  const recent = values.slice(count, index + 1);
  const chart = ewmaChart(recent, target, sem, {
    limitSd: defaults.estimatedTargetLimitSd,
    targetSd: sem / Math.sqrt(count),
  });
  const level = chart.smoothed.at(-1)!;
  return { target, level, outside: level < chart.lower || level > chart.upper };
}
