import type { Palm } from './decodePalms';

/** Boxes that share more than this are the same palm. [memory] */
const SAME_OVERLAP = 0.3;

/**
 * One palm for each group of boxes that overlap the surest of them, its numbers their mean weighted by score.
 *
 * @param palms surest first
 */
export function mergePalms(palms: readonly Palm[]): Palm[] {
  const merged: Palm[] = [];
  let rest = palms;
  while (rest.length > 0) {
    const best = rest[0]!;
    const same = rest.filter((palm) => palm === best || overlap(best, palm) > SAME_OVERLAP);
    rest = rest.filter((palm) => !same.includes(palm));
    merged.push(weightedMean(same, best.score));
  }
  return merged;
}

/** What two boxes share, over what they cover together. */
export function overlap(a: Palm, b: Palm): number {
  const along = (atA: number, sizeA: number, atB: number, sizeB: number) =>
    Math.max(
      0,
      Math.min(atA + sizeA / 2, atB + sizeB / 2) - Math.max(atA - sizeA / 2, atB - sizeB / 2),
    );
  const shared = along(a.x, a.width, b.x, b.width) * along(a.y, a.height, b.y, b.height);
  const together = a.width * a.height + b.width * b.height - shared;
  return together > 0 ? shared / together : 0;
}

function weightedMean(palms: readonly Palm[], score: number): Palm {
  const total = palms.reduce((sum, palm) => sum + palm.score, 0);
  const mean = (of: (palm: Palm) => number) =>
    palms.reduce((sum, palm) => sum + palm.score * of(palm), 0) / total;
  return {
    score,
    x: mean((palm) => palm.x),
    y: mean((palm) => palm.y),
    width: mean((palm) => palm.width),
    height: mean((palm) => palm.height),
    wrist: { x: mean((palm) => palm.wrist.x), y: mean((palm) => palm.wrist.y) },
    middleMcp: { x: mean((palm) => palm.middleMcp.x), y: mean((palm) => palm.middleMcp.y) },
  };
}
