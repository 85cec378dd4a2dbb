/** The value below which this share of the samples lies (nearest rank). */
export function quantile(samples: readonly number[], share: number): number {
  const sorted = [...samples].sort((a, b) => a - b);
  return sorted[Math.max(0, Math.ceil(share * sorted.length) - 1)]!;
}

/** One line: what, the figure, its target, and their ratio (below 1 is met). */
export function report(what: string, value: number, unit: string, target?: number): void {
  const figure = `${value.toFixed(value < 10 ? 2 : 1)} ${unit}`;
  const against =
    target === undefined
      ? ''
      : `   target ${target} ${unit}   ratio ${(value / target).toFixed(2)} ${value <= target ? 'met' : 'NOT MET'}`;
  console.log(`${what.padEnd(58)} ${figure.padStart(12)}${against}`);
}
