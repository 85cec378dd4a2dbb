import type { DatedMeasure, HandFile, SeenSigns, StudentListItem } from '@open-palm/contract';
import { familyStandings, MEASURE_IDS } from '@open-palm/core/measure';
import { allSeries, seriesOf } from '@open-palm/core/track';

const keyOf = ({ merged }: DatedMeasure) => seriesOf(merged.measure.id, merged.place);

/** What was last seen of a hold, put together from its newest checks: no one picture shows everything. */
export function lastSeenOf(newest: readonly DatedMeasure[]): HandFile['lastSeen'] {
  const bySeries = new Map<string, DatedMeasure[]>();
  for (const dated of newest) {
    bySeries.set(keyOf(dated), [...(bySeries.get(keyOf(dated)) ?? []), dated]);
  }
  return allSeries(MEASURE_IDS).flatMap((series) => {
    // A check with pictures at several places tells of a measure more than once; one of each check counts.
    const [latest, ...earlier] = bySeries.get(series) ?? [];
    if (!latest) return [];
    const previous = earlier.find(({ checkId }) => checkId !== latest.checkId) ?? null;
    return [{ latest, previous }];
  });
}

/** Each sign that only a person sees, from the newest check that told of it. */
export const mergeSigns = (newestFirst: readonly SeenSigns[]): SeenSigns =>
  Object.assign({}, ...[...newestFirst].reverse());

/** The standing of the four families over the newest value of every measure. */
export const standingsOf = (newest: readonly DatedMeasure[]): HandFile['standings'] =>
  familyStandings(lastSeenOf(newest).map(({ latest }) => latest.merged.measure));

/** How a hold was last seen, as lists show it. */
export type SeenNow = Pick<StudentListItem, 'lastCheckAt' | 'standings' | 'badge'>;
