/**
 * Mean and sample standard deviation (n − 1) of values.
 *
 * @returns NaN for both without values, an SD of 0 for a single one
 * @example scatter([2, 4, 4, 4, 5, 5, 7, 9]) // { mean: 5, sd: 2.138 }
 */
export function scatter(values: readonly number[]): { mean: number; sd: number } {
  const n = values.length;
  const mean = values.reduce((sum, value) => sum + value, 0) / n;
  const squares = values.reduce((sum, value) => sum + (value - mean) ** 2, 0);
  return { mean, sd: n === 1 ? 0 : Math.sqrt(squares / (n - 1)) };
}
