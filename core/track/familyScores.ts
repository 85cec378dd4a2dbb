import type { Range } from '../holds';
import { FAMILIES, type Family } from '../measure';

/** A number of a look with what is wanted of it. */
export interface ScoredMeasure {
  family: Family;
  value: number;
  band: Range | null;
  /** Standard error of measurement, in the unit of the value. */
  sem: number;
  /** What the picture or the eye leaves open, SD in the same unit; 0 where it is not known. */
  sd?: number;
}

/**
 * How much room each family has: the distance of its narrowest checkpoint from the edge of its band, in standard errors of
 * measurement; negative outside. One finger that slides shows here as soon as it is the one with the least room, where a mean over
 * the family would hide it.
 *
 * @returns null for a family of which no number with a band was seen
 */
export function familyScores(measures: readonly ScoredMeasure[]): Record<Family, number | null> {
  const scores = {} as Record<Family, number | null>;
  for (const family of FAMILIES) scores[family] = null;
  for (const { family, value, band, sem } of measures) {
    if (!band) continue;
    const room = roomIn(value, band) / sem;
    const least = scores[family];
    if (least === null || room < least) scores[family] = room;
  }
  return scores;
}

/** The checkpoint of a family that has the least room, with its room in standard errors; null when none has a band. */
export function narrowestOf(
  measures: Readonly<Record<string, ScoredMeasure>>,
  family: Family,
): { series: string; room: number } | null {
  let narrowest: { series: string; room: number } | null = null;
  for (const [series, { family: of, value, band, sem }] of Object.entries(measures)) {
    if (of !== family || !band) continue;
    const room = roomIn(value, band) / sem;
    if (!narrowest || room < narrowest.room) narrowest = { series, room };
  }
  return narrowest;
}

const roomIn = (value: number, { lo, hi }: Range): number =>
  Math.min(lo === undefined ? Infinity : value - lo, hi === undefined ? Infinity : hi - value);
