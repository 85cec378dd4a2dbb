import type { TrackCheck, TrackedNumber } from '@open-palm/contract';
import { seriesOf } from '@open-palm/core/track';

interface SeenLook extends Pick<TrackCheck, 'context'> {
  numbers: readonly TrackedNumber[];
}

/** The number that a look told of a series. */
export const numberOf = (
  { numbers }: Pick<SeenLook, 'numbers'>,
  series: string,
): TrackedNumber | undefined => numbers.find(([id, place]) => seriesOf(id, place) === series);

/**
 * How the bow was held, and where in it, when a look saw a checkpoint. Only looks of the same kind are compared: a little finger that is
 * straight at the heel is round at the point.
 */
export const lookKind = (look: SeenLook, series: string): string =>
  `${look.context} ${numberOf(look, series)?.[1] ?? ''}`;
