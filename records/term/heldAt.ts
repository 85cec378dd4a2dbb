import { MEASURE_IDS, mergeContacts, type MeasureId } from '@open-palm/core/measure';
import type { MeasuredGrip } from '@open-palm/core/pose/measuredGrip';
import type { TermLook } from './termFacts';

/**
 * A hold as several looks together show it.
 *
 * @param nearest looks, the one that counts first; what it did not show comes from the next
 */
export function heldAt(nearest: readonly Pick<TermLook, 'kept' | 'tracked'>[]): MeasuredGrip {
  const measures: MeasuredGrip['measures'] = {};
  for (const { tracked } of [...nearest].reverse()) {
    for (const [id, told] of Object.entries(tracked.measures)) {
      // A value at one place of the bow is no shape of the whole hold.
      if (told && MEASURE_IDS.includes(id as MeasureId)) measures[id as MeasureId] = told.value;
    }
  }
  return { contacts: mergeContacts(nearest.map(({ kept }) => kept.contacts)), measures };
}

/** So many looks tell together of a beginning or an end, where there are as many. */
const TOGETHER = 8;

/** The hold at the beginning and at the end of a term; null where there are not two looks. */
export function thenAndNow(
  oldestFirst: readonly TermLook[],
): { then: MeasuredGrip; now: MeasuredGrip } | null {
  if (oldestFirst.length < 2) return null;
  // No look tells of both ends.
  const each = Math.min(TOGETHER, Math.floor(oldestFirst.length / 2));
  return {
    then: heldAt(oldestFirst.slice(0, each)),
    now: heldAt(oldestFirst.slice(-each).reverse()),
  };
}
