import type { Family } from '@open-palm/core/measure';
import { LOST_BELOW, IN_FROM, type TrackStanding } from '@open-palm/core/track';

/**
 * What lessons together say of a family, without a figure: the running probability lags behind a hold that slides, and its numbers are
 * from memory.
 *
 * @returns null where nothing judged it of late, and where it drifts: that is what is told then
 */
export function togetherOf(
  { schedule, drifts }: Pick<TrackStanding, 'schedule' | 'drifts'>,
  family: Family,
): 'in' | 'out' | 'open' | null {
  const probability = schedule.families[family];
  if (probability === null || drifts.some(({ series }) => series === family)) return null;
  if (probability >= IN_FROM) return 'in';
  return probability < LOST_BELOW ? 'out' : 'open';
}
