import type { Range } from '../holds';
import type { Family } from '../measure';
import { changeBetween } from './realChange';
import type { TrackedCheck } from './trackedCheck';

/**
 * How far a value is out of its band: below it negative, above it positive, within it 0.
 *
 * @example beyondBand(5, { lo: 10, hi: 60 }) // -5
 */
export function beyondBand(value: number, { lo = -Infinity, hi = Infinity }: Range): number {
  if (value < lo) return value - lo;
  return value > hi ? value - hi : 0;
}

const beyond = (value: number, band: Range): number => Math.abs(beyondBand(value, band));

/**
 * Whether a family really changed for the better between two looks: a checkpoint of it moved toward its band by more than forming the hold
 * afresh does, and none moved away from its band by as much.
 *
 * @returns null where both looks saw no checkpoint of the family that was out of its band before or is now
 */
export function familyImproved(
  before: TrackedCheck,
  after: TrackedCheck,
  family: Family,
): boolean | null {
  const moved = Object.entries(before.measures).flatMap(([name, from]) => {
    const to = after.measures[name];
    if (from.family !== family || !from.band || !to?.band) return [];
    const [was, is] = [beyond(from.value, from.band), beyond(to.value, to.band)];
    if (was === 0 && is === 0) return [];
    const isReal = changeBetween(from.value, to.value, to.sem).code === 'realChange';
    return [{ better: isReal && is < was, worse: isReal && is > was }];
  });
  if (moved.length === 0) return null;
  return moved.some(({ better }) => better) && !moved.some(({ worse }) => worse);
}
