/** From values to places, and beyond both ends alike. */
export type Scale = (value: number) => number;

/**
 * A linear scale: the one of every chart.
 *
 * @param domain values at the two ends; an empty one puts everything at the start
 * @param range places at the two ends
 */
export function linearScale(
  [from, to]: readonly [number, number],
  [start, end]: readonly [number, number],
): Scale {
  const per = to === from ? 0 : (end - start) / (to - from);
  return (value) => start + (value - from) * per;
}
