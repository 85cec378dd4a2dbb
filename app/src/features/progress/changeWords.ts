import { dateOfDay } from '@open-palm/records/time';
import { lookKind } from '@open-palm/records/track';
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

/** Looks that saw a checkpoint in one way, oldest first: as the newest look did, or as most did where that way has no second look. */
function seenAlike(checks: readonly FollowedCheck[], series: string): readonly FollowedCheck[] {
  const saw = checks.filter(({ tracked }) => tracked.measures[series] !== undefined);
  const kindOf = ({ kept, numbers }: FollowedCheck) =>
    lookKind({ context: kept.context, numbers }, series);
  const alike = (kind: string) => saw.filter((one) => kindOf(one) === kind);
  const newestFirst = [...new Set([...saw].reverse().map(kindOf))].map(alike);
  const [newest = []] = newestFirst;
  if (newest.length > 1) return newest;
  return newestFirst.reduce((most, one) => (one.length > most.length ? one : most), newest);
}

/**
 * A checkpoint then and now: whether it really changed. Only looks of the same kind are compared.
 *
 * @param then a look of the list; without it, or where no look of that kind is so old, the first that is
 * @returns null where no two looks of a kind saw it
 */
export function changeSince(
  checks: readonly FollowedCheck[],
  series: string,
  then: FollowedCheck | null = null,
): SeriesChange | null {
  const alike = seenAlike(checks, series);
  const upTo = then === null ? -1 : checks.indexOf(then);
  const from = alike.filter((one) => checks.indexOf(one) <= upTo).at(-1) ?? alike[0];
  const to = alike.at(-1);
  if (!from || !to || from === to) return null;
  const [was, is] = [from.tracked.measures[series]!, to.tracked.measures[series]!];
  return {
    series,
    from: was.value,
    to: is.value,
    fromDay: from.tracked.day,
    toDay: to.tracked.day,
    ...changeBetween(was.value, is.value, is.sem),
  };
}

/** Where nothing can be compared: seen once so far, or more often but each time in another way. */
const notCompared = (checks: readonly FollowedCheck[], series: readonly string[]): string =>
  series.some(
    (one) => checks.filter(({ tracked }) => tracked.measures[one] !== undefined).length > 1,
  )
    ? progressWords.otherWays
    : progressWords.once;

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
  if (!furthest) return notCompared(counted, all);
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
  if (!change) return notCompared(counted, [series]);
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
