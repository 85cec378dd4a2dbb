import { quantile } from 'd3-array';

/** A value at a time, in whatever units a series has. */
export interface TimedValue {
  at: number;
  value: number;
}

/** A straight trend that single odd checks do not turn. */
export interface Trend {
  /** Per unit of time. */
  slope: number;
  intercept: number;
  /** Interval of the slope; null for fewer than four values. */
  interval: readonly [number, number] | null;
}

/** Of the normal distribution, for 95 %. */
const Z_95 = 1.959964;

/**
 * The median of the slopes between all pairs [published: H. Theil, 1950; P. K. Sen, J. Am. Stat. Assoc. 63, 1968; recalled], with
 * Sen's interval from Kendall's variance, ties counted. The intercept is the median of value − slope · at.
 *
 * @returns null when all times are the same
 * @example theilSen([{ at: 0, value: 1 }, { at: 1, value: 3 }, { at: 2, value: 5 }]).slope // 2
 */
export function theilSen(points: readonly TimedValue[]): Trend | null {
  const slopes: number[] = [];
  for (const [i, a] of points.entries()) {
    for (const b of points.slice(i + 1)) {
      if (b.at !== a.at) slopes.push((b.value - a.value) / (b.at - a.at));
    }
  }
  if (slopes.length === 0) return null;
  slopes.sort((a, b) => a - b);
  const slope = quantile(slopes, 0.5)!;
  const intercept = quantile(
    points.map(({ at, value }) => value - slope * at),
    0.5,
  )!;
  return { slope, intercept, interval: intervalOf(points, slopes) };
}

function intervalOf(
  points: readonly TimedValue[],
  slopes: readonly number[],
): readonly [number, number] | null {
  if (points.length < 4) return null;
  const spread = Z_95 * Math.sqrt(kendallVariance(points));
  const lower = Math.floor((slopes.length - spread) / 2) - 1;
  const upper = Math.ceil((slopes.length + spread) / 2);
  return [slopes[Math.max(0, lower)]!, slopes[Math.min(slopes.length - 1, upper)]!];
}

/** Variance of Kendall's count of rising pairs, with equal times and equal values taken out. */
function kendallVariance(points: readonly TimedValue[]): number {
  const part = (n: number) => n * (n - 1) * (2 * n + 5);
  const ties = (values: readonly number[]) => {
    const counts = new Map<number, number>();
    for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1);
    return [...counts.values()].reduce((sum, count) => sum + part(count), 0);
  };
  const { length } = points;
  return (
    (part(length) - ties(points.map(({ at }) => at)) - ties(points.map(({ value }) => value))) / 18
  );
}
