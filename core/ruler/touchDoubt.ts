/** How many readings the usual doubt counts for against this device's own. [memory] */
const USUAL_WEIGHT = 10;
/** Readings in one picture of the page: 17 crosses of two numbers, less the eight that tell how it lies. */
const READINGS = 26;
/** Beyond this the picture was not of the page, or the finger slipped: nothing is learned. [memory] */
const MOST_SHARE = 0.03;

/**
 * The doubt of a touch on this device: the usual one, drawn toward what was measured here, and never below the usual one, because a joint
 * under the skin is harder to see than a printed cross.
 *
 * @param usualShare SD of a touch as a share of the picture's longer side
 * @param measuredShare the same, as the printed page has told it; null where it was not asked
 */
export function touchDoubt(usualShare: number, measuredShare: number | null): number {
  if (measuredShare === null || !(measuredShare > 0)) return usualShare;
  const told = Math.min(measuredShare, MOST_SHARE);
  const variance =
    (USUAL_WEIGHT * usualShare ** 2 + READINGS * told ** 2) / (USUAL_WEIGHT + READINGS);
  return Math.max(usualShare, Math.sqrt(variance));
}
