import { PLACES, type MeasureId, type Place } from '../measure';

/** What moves along the bow by itself, so that only the same place can be compared. */
const MOVES: readonly MeasureId[] = ['wristFlexion', 'wristDeviation'];

/**
 * Under which name a measure is compared over time: `wristFlexion@heel`, `indexDepth`.
 *
 * @example seriesOf('wristFlexion', 'heel') // 'wristFlexion@heel'
 */
export const seriesOf = (id: MeasureId, place: Place | null): string =>
  place !== null && MOVES.includes(id) ? `${id}@${place}` : id;

/** Every name under which a measure can be found. */
export const allSeries = (ids: readonly MeasureId[]): string[] =>
  ids.flatMap((id) => [...new Set([null, ...PLACES].map((place) => seriesOf(id, place)))]);
