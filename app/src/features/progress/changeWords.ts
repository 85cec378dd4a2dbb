import { dateOfDay } from '@open-palm/records/time';
import type { Family, MeasureId, Place } from '@open-palm/core/measure';
import { changeBetween, trendOf, type Change } from '@open-palm/core/track';
import { strings } from '../../foundation/strings';
import { progressWords } from '../../foundation/strings/progress';
import { dateWords } from '../../foundation/strings/dateWords';
import { plainNumber } from '../../foundation/strings/measureWords';
import type { Followed, FollowedCheck } from './followed';
import { seriesOfFamily, unitOf } from './progressPoints';

/** A checkpoint between two looks. */
export interface SeriesChange extends Change {
  series: string;
  from: number;
  to: number;
  fromDay: number;
  toDay: number;
}

/** A checkpoint's value at the last look that saw it, up to the one at a place in the list; null when none did. */
function lastUpTo(checks: readonly FollowedCheck[], series: string, index: number) {
  for (let i = index; i >= 0; i -= 1) {
    const measure = checks[i]!.tracked.measures[series];
    if (measure) return { ...measure, index: i, day: checks[i]!.tracked.day };
  }
  return null;
}

/**
 * A checkpoint then and now: whether it really changed.
 *
 * @param then a look of the list; without it, or where nothing saw the checkpoint up to it, the first that did
 * @returns null where only one look saw it
 */
export function changeSince(
  checks: readonly FollowedCheck[],
  series: string,
  then: FollowedCheck | null = null,
): SeriesChange | null {
  const first = checks.findIndex(({ tracked }) => tracked.measures[series] !== undefined);
  const from = lastUpTo(checks, series, Math.max(first, then === null ? -1 : checks.indexOf(then)));
  const to = lastUpTo(checks, series, checks.length - 1);
  if (!from || !to || from.index === to.index) return null;
  return {
    series,
    from: from.value,
    to: to.value,
    fromDay: from.day,
    toDay: to.day,
    ...changeBetween(from.value, to.value, to.sem),
  };
}

/** "14° → 31°". */
export function valuesWords({ series, from, to }: SeriesChange): string {
  return progressWords.fromTo(withUnit(from, series), withUnit(to, series));
}

/** A number of a checkpoint with its unit. */
export function withUnit(value: number, series: string): string {
  const unit = unitOf(series);
  return `${plainNumber(value, unit)}${strings.units[unit]}`;
}

/** How a family goes, in a sentence: drifting, really changed, or not. */
export function familyWords(followed: Followed, family: Family, now: Date): string {
  const { counted, standing } = followed;
  const all = seriesOfFamily(counted, family);
  if (all.length === 0) return progressWords.notSeen;
  const changes = all.flatMap((series) => changeSince(counted, series) ?? []);
  const drift = standing.drifts.find(({ series }) => series === family);
  const furthest = [...changes].sort((a, b) => share(b) - share(a))[0];
  if (drift) {
    const since = dateWords(dateOfDay(drift.sinceDay), now);
    return progressWords.drifting(since, furthest && named(furthest));
  }
  if (!furthest) return progressWords.once;
  const since = dateWords(dateOfDay(furthest.fromDay), now);
  return furthest.code === 'realChange'
    ? progressWords.real(since, named(furthest))
    : progressWords.noReal(since);
}

/** Within a family its name is said already. */
function named(change: SeriesChange): string {
  const [id, place] = change.series.split('@') as [MeasureId, Place | undefined];
  const at = place === undefined ? '' : `, ${strings.places[place].toLowerCase()}`;
  return `${strings.measures[id].toLowerCase()}${at} ${valuesWords(change)}`;
}
const share = ({ by, smallest }: Change) => Math.abs(by) / smallest;

/** What a checkpoint does, in a sentence: its change since the first look that counts, its trend, whether it drifts. */
export function seriesWords(followed: Followed, series: string, now: Date): string {
  const { counted, standing } = followed;
  const change = changeSince(counted, series);
  if (!change) return progressWords.once;
  const since = dateWords(dateOfDay(change.fromDay), now);
  const drift = standing.drifts.find((one) => one.series === series);
  const trend = trendOf(
    counted.map(({ tracked }) => tracked),
    series,
  );
  const sure = trend?.interval && (trend.interval[0] > 0 || trend.interval[1] < 0);
  return [
    drift
      ? progressWords.drifting(dateWords(dateOfDay(drift.sinceDay), now), valuesWords(change))
      : change.code === 'realChange'
        ? progressWords.real(since, valuesWords(change))
        : progressWords.noRealOf(since, valuesWords(change), withUnit(change.smallest, series)),
    ...(trend && sure ? [progressWords.trend(withUnit(trend.perWeek * 4, series))] : []),
  ].join(' ');
}
