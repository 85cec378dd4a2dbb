import normalCdf from '@stdlib/stats-base-dists-normal-cdf';
import type { CategorySpec } from './measureSpec';
import { SURE, type Verdict } from './verdict';

export interface CategoryShare {
  name: string;
  probability: number;
}

/** How probable each category is, given the value behind it and its SD. The probabilities add up to 1. */
export function categoryShares(
  categories: CategorySpec['categories'],
  value: number,
  sd: number,
): CategoryShare[] {
  const below = categories.map(({ from }) => (from === -Infinity ? 0 : normalCdf(from, value, sd)));
  return categories.map(({ name }, i) => ({
    name,
    probability: (below[i + 1] ?? 1) - below[i]!,
  }));
}

/** Which category a value falls into: its place in the list. */
export const categoryAt = (categories: CategorySpec['categories'], value: number): number =>
  categories.findLastIndex(({ from }) => value >= from);

/**
 * The verdict of a category: `in` when an allowed one is at least 80 % sure. Sure but outside is `high` past the
 * last allowed category in the catalogue's order and `low` before it, so that a reader can tell which way.
 */
export function categoryVerdict(
  shares: readonly CategoryShare[],
  allowed: readonly string[],
): Verdict {
  const last = Math.max(...allowed.map((name) => shares.findIndex((share) => share.name === name)));
  const sum = (keep: (share: CategoryShare, index: number) => boolean) =>
    shares.filter(keep).reduce((total, share) => total + share.probability, 0);
  if (sum((share) => allowed.includes(share.name)) >= SURE) return 'in';
  if (sum((share, i) => !allowed.includes(share.name) && i < last) >= SURE) return 'low';
  if (sum((share, i) => !allowed.includes(share.name) && i > last) >= SURE) return 'high';
  return 'unsure';
}
