import { FAMILIES, type Family } from '../measure';
import defaults from './data/trackDefaults.json';
import { driftOf, type Drift } from './drift';
import { familyScores } from './familyScores';
import { byLesson } from './lessons';
import {
  lookSchedule,
  settledLessons,
  type LookSchedule,
  type ScheduleOptions,
} from './lookSchedule';
import { changeBetween, type Change } from './realChange';
import { staminaOf, type Stamina } from './stamina';
import { theilSen } from './theilSen';
import type { TrackedCheck } from './trackedCheck';

/** What makes a new beginning, and is never drift: a planned change, or bands that were changed. */
export type Restart =
  | { day: number; why: 'school' | 'bow' | 'size' }
  /** Another version of the same hold: only what it judges otherwise begins anew. */
  | { day: number; why: 'bands'; series: readonly string[] };

export interface TrackOptions extends ScheduleOptions {
  restarts?: readonly Restart[];
  /** The checkpoint that is being worked on: charted besides the families. */
  workingOn?: string | null;
}

/** A checkpoint between its last two lessons. */
export interface TrackedChange extends Change {
  checkpoint: string;
  fromDay: number;
  toDay: number;
  from: number;
  to: number;
}

export interface TrackedTrend {
  checkpoint: string;
  perWeek: number;
  interval: readonly [number, number] | null;
}

/** A series that has left where it was; in standard errors for a family's room, else in the checkpoint's unit. */
export interface TrackedDrift extends Omit<Drift, 'since'> {
  series: string;
  sinceDay: number;
}

export interface TrackedStamina extends Stamina {
  checkpoint: string;
}

/** How a hold stands over the weeks, and when to look again. */
export interface TrackStanding {
  /** Since when checks count; null when no planned change was made. */
  baselineFrom: number | null;
  drifts: TrackedDrift[];
  schedule: LookSchedule;
}

/** What a student's checks say over the weeks. */
export interface Track extends TrackStanding {
  changes: TrackedChange[];
  trends: TrackedTrend[];
  stamina: TrackedStamina[];
}

/**
 * Drifts, and when to look again.
 *
 * @param checks oldest first; those before the last planned change do not count any more
 */
export function trackStanding(
  checks: readonly TrackedCheck[],
  { restarts = [], workingOn = null, ...schedule }: TrackOptions = {},
): TrackStanding {
  const baselineFrom = baselineOf(restarts);
  const lessons = byLesson(sinceBaseline(checks, baselineFrom));
  const options = { ...schedule, newBands: newBandsOf(restarts) };
  const settled = settledLessons(lessons, options);
  return {
    baselineFrom,
    // Only a settled hold drifts: before that it is still being built, and after a lapse the lapse is what is told.
    drifts: settled ? driftsOf(settled, workingOn, restarts) : [],
    schedule: lookSchedule(lessons, options),
  };
}

/**
 * Changes, trends, drifts, what lessons cost, and when to look again.
 *
 * @param checks oldest first; those before the last planned change do not count any more
 */
export function trackChecks(checks: readonly TrackedCheck[], options: TrackOptions = {}): Track {
  const standing = trackStanding(checks, options);
  const counted = comparable(sinceBaseline(checks, standing.baselineFrom), options.restarts ?? []);
  const lessons = byLesson(counted);
  const names = [...new Set(counted.flatMap(({ measures }) => Object.keys(measures)))];
  return {
    ...standing,
    changes: names.flatMap((name) => lastChange(lessons, name) ?? []),
    trends: names.flatMap((name) => trendOf(lessons, name) ?? []),
    stamina: names.flatMap((name) => lessonStamina(counted, name) ?? []),
  };
}

/** The day of the last planned change; null without one. Changed bands are none: they begin only their own series anew. */
export function baselineOf(restarts: readonly Restart[]): number | null {
  const planned = restarts.filter(({ why }) => why !== 'bands');
  return planned.length === 0 ? null : Math.max(...planned.map(({ day }) => day));
}

const newBandsOf = (restarts: readonly Restart[]) =>
  restarts.flatMap((restart) => (restart.why === 'bands' ? [restart] : []));

/** The checks without what later bands do not allow to be compared any more. */
function comparable(
  checks: readonly TrackedCheck[],
  restarts: readonly Restart[],
): readonly TrackedCheck[] {
  const begun = restarts.filter((restart) => restart.why === 'bands');
  if (begun.length === 0) return checks;
  return checks.map((check) => {
    const gone = new Set(begun.flatMap(({ day, series }) => (check.day < day ? series : [])));
    if (gone.size === 0) return check;
    const measures = Object.entries(check.measures).filter(([name]) => !gone.has(name));
    return { ...check, measures: Object.fromEntries(measures) };
  });
}

/** The checks that count. */
export const sinceBaseline = <C extends { day: number }>(
  checks: readonly C[],
  baselineFrom: number | null,
): C[] => checks.filter(({ day }) => baselineFrom === null || day >= baselineFrom);

const seen = (checks: readonly TrackedCheck[], name: string) =>
  checks.flatMap(({ day, context, measures }) => {
    const measure = measures[name];
    return measure ? [{ day, context, ...measure }] : [];
  });

/** A checkpoint between the last two lessons that saw it. */
function lastChange(checks: readonly TrackedCheck[], name: string): TrackedChange | null {
  const [from, to] = seen(checks, name).slice(-2);
  if (!from || !to) return null;
  return {
    checkpoint: name,
    fromDay: from.day,
    toDay: to.day,
    from: from.value,
    to: to.value,
    ...changeBetween(from.value, to.value, to.sem),
  };
}

/** Which way a checkpoint goes: over its newest checks, because a trend is about now. */
export function trendOf(checks: readonly TrackedCheck[], name: string): TrackedTrend | null {
  const points = seen(checks, name)
    .slice(-defaults.trendChecks)
    .map(({ day, value }) => ({ at: day / 7, value }));
  const trend = points.length < 3 ? null : theilSen(points);
  return trend && { checkpoint: name, perWeek: trend.slope, interval: trend.interval };
}

/** What has left where it was, over the lessons of a settled hold. */
function driftsOf(
  settled: readonly TrackedCheck[],
  workingOn: string | null,
  restarts: readonly Restart[],
): TrackedDrift[] {
  const run = comparable(settled, restarts);
  const begun = familiesBegun(settled, restarts);
  const scored = run.map(({ day, measures }) => ({
    day,
    scores: familyScores(Object.values(measures)),
  }));
  const series: [string, number, { day: number; value: number }[]][] = FAMILIES.map((family) => [
    family,
    1,
    scored.flatMap(({ day, scores }) => {
      const value = scores[family];
      return value === null || day < (begun[family] ?? day) ? [] : [{ day, value }];
    }),
  ]);
  if (workingOn !== null) {
    const values = seen(run, workingOn);
    series.push([workingOn, values[0]?.sem ?? 1, values]);
  }
  return series.flatMap(([name, sem, values]) => {
    const drift = driftOf(
      values.map(({ value }) => value),
      sem,
    );
    if (!drift) return [];
    const { since, target, by } = drift;
    // More room than before is no drift to be told.
    const gains = FAMILIES.some((family) => family === name) && by > 0;
    return gains ? [] : [{ series: name, sinceDay: values[since]!.day, target, by }];
  });
}

/** Since when a family's room can be compared: its narrowest checkpoint may be one whose band has changed. */
function familiesBegun(
  checks: readonly TrackedCheck[],
  restarts: readonly Restart[],
): Partial<Record<Family, number>> {
  const begun: Partial<Record<Family, number>> = {};
  for (const restart of restarts) {
    if (restart.why !== 'bands') continue;
    for (const name of restart.series) {
      const family = checks.find(({ measures }) => measures[name])?.measures[name]?.family;
      if (family) begun[family] = Math.max(begun[family] ?? restart.day, restart.day);
    }
  }
  return begun;
}

/** What lessons cost a checkpoint, over every day with a look at its start and one at its end. */
export function lessonStamina(
  checks: readonly TrackedCheck[],
  name: string,
): TrackedStamina | null {
  const values = seen(checks, name);
  const pairs = values.flatMap(({ day, context, value }) => {
    const end = values.find((other) => other.day === day && other.context === 'playing-end');
    return context === 'playing-start' && end ? [{ start: value, end: end.value }] : [];
  });
  const stamina = staminaOf(pairs, values[0]?.sem ?? 1);
  return stamina && { checkpoint: name, ...stamina };
}
