import type { FlatGeometry } from './geometry';
import { normalCdf } from '../stats';

/** How a picture sorts into categories: readings with a doubt each, and what they make of every category. */
export interface CategoryRule {
  /** Numbers that decide, smooth in the points. */
  readings: readonly ((geometry: FlatGeometry) => number)[];
  /** How probable each category is, in the spec's order, when the readings are normal about these values. */
  shares: (readings: readonly number[], sds: readonly number[], geometry: FlatGeometry) => number[];
  /** The category of exact readings: its place in the spec's list. */
  at: (readings: readonly number[], geometry: FlatGeometry) => number;
}

/**
 * Categories that follow each other along one number.
 *
 * @param starts where each category begins, ascending; the first begins at −Infinity
 */
export function sortedAlong(
  reading: (geometry: FlatGeometry) => number,
  starts: (geometry: FlatGeometry) => readonly number[],
): CategoryRule {
  return {
    readings: [reading],
    shares: ([value], [sd], geometry) => {
      const below = starts(geometry).map((from) =>
        from === -Infinity ? 0 : from === Infinity ? 1 : normalCdf(from, value!, sd!),
      );
      return below.map((p, i) => (below[i + 1] ?? 1) - p);
    },
    at: ([value], geometry) => starts(geometry).findLastIndex((from) => value! >= from),
  };
}

/**
 * Which of several distances is the smallest, if it is within reach; the category after the last means none is.
 *
 * @param distances signed; one category each
 */
export function nearestWithin(
  distances: readonly ((geometry: FlatGeometry) => number)[],
  reach: number,
): CategoryRule {
  return {
    readings: distances,
    shares: (values, sds) => {
      const within = values.map(
        (value, i) => normalCdf(reach, value, sds[i]!) - normalCdf(-reach, value, sds[i]!),
      );
      const total = within.reduce((sum, p) => sum + p, 0);
      // Two fingertips can be within reach at once only when they touch: then they share.
      const scale = total > 1 ? 1 / total : 1;
      return [...within.map((p) => p * scale), Math.max(0, 1 - total)];
    },
    at: (values) => {
      const nearest = values.reduce(
        (best, value, i) => (Math.abs(value) < Math.abs(values[best]!) ? i : best),
        0,
      );
      return Math.abs(values[nearest]!) <= reach ? nearest : values.length;
    },
  };
}
