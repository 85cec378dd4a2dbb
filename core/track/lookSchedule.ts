import { FAMILIES, type Family, type Standing } from '../measure';
import defaults from './data/trackDefaults.json';

/** A look as the schedule sees it. Days are whole days of the teacher's calendar, counted from any fixed day. */
export interface LookedDay {
  day: number;
  standings: Record<Family, Standing>;
}

/** What a look says for the time until the next one. */
export type LookOutcome = 'good' | 'unsure' | 'lapse' | 'notYet' | 'nothingSeen';

/** When the next look is due, and how the hold stands. */
export interface LookSchedule {
  /** Good looks in a row. */
  goodInRow: number;
  settled: boolean;
  last: LookOutcome | null;
  /** Looks in a row that were unsure: after two a better picture or a hand test is asked for. */
  unsureInRow: number;
  intervalDays: number;
  /** Null before the first look: at once. */
  dueDay: number | null;
}

export interface ScheduleOptions {
  /** A day on which a lesson is given; lessons come every seven days. Null without regular lessons. */
  lessonDay?: number | null;
  /** An advanced player who audits the own hold: the longest interval is longer. */
  audits?: boolean;
  /** Days from which on other bands judged: what is out by them was not lost. */
  newBandsDays?: readonly number[];
}

const SHORTEST = defaults.intervalsDays[0]!;
/** Unsure this often in a row counts as a lapse. */
const UNSURE_LAPSE = 3;

/**
 * When the hold is to be looked at again: after good looks later and later (3, 7, 14, 28, 56 days; 90 for audits), after a lapse
 * in three days, never before the next lesson, and on a lesson day where there are lessons. A late look counts the time that
 * really passed.
 *
 * @param looks since the baseline was begun, oldest first
 */
export function lookSchedule(
  looks: readonly LookedDay[],
  { lessonDay = null, audits = false, newBandsDays = [] }: ScheduleOptions = {},
): LookSchedule {
  const ladder = audits
    ? [...defaults.intervalsDays, defaults.auditIntervalDays]
    : defaults.intervalsDays;
  let [goodInRow, unsureInRow, intervalDays] = [0, 0, 0];
  let last: LookOutcome | null = null;
  let before: Partial<Record<Family, Standing>> = {};
  let seenDay: number | null = null;
  let lookedDay: number | undefined;
  for (const { day, standings } of looks) {
    if (bandsChanged(newBandsDays, lookedDay, day)) before = {};
    lookedDay = day;
    const outcome = outcomeOf(standings, before);
    Object.assign(before, seenOnly(standings));
    if (outcome === 'nothingSeen') continue;
    unsureInRow = outcome === 'unsure' ? unsureInRow + 1 : 0;
    const passed = seenDay === null ? 0 : day - seenDay;
    const counts = outcome === 'unsure' && unsureInRow >= UNSURE_LAPSE ? 'lapse' : outcome;
    if (counts === 'good') {
      goodInRow += 1;
      // Whoever was good after a longer time than was asked for has shown that much.
      intervalDays = nextStep(ladder, Math.max(intervalDays, passed), intervalDays === 0);
    } else if (counts !== 'unsure') {
      goodInRow = 0;
      intervalDays = SHORTEST;
    } else if (intervalDays === 0) {
      intervalDays = SHORTEST;
    }
    [last, seenDay] = [counts, day];
  }
  const earliest = seenDay === null ? null : seenDay + intervalDays;
  return {
    goodInRow,
    settled: goodInRow >= defaults.settledAfterGoodChecks,
    last,
    unsureInRow,
    intervalDays,
    dueDay: earliest === null ? null : onLessonDay(earliest, seenDay!, lessonDay),
  };
}

/** Whether other bands came between a look and the one before it. */
export const bandsChanged = (
  newBandsDays: readonly number[],
  before: number | undefined,
  day: number,
): boolean =>
  before !== undefined && newBandsDays.some((changed) => before < changed && changed <= day);

/** Good: nothing out, and something judged. A lapse: something that was in is out. */
export function outcomeOf(
  standings: Record<Family, Standing>,
  before: Partial<Record<Family, Standing>>,
): LookOutcome {
  const seen = FAMILIES.filter((family) => standings[family] !== 'notSeen');
  if (seen.length === 0) return 'nothingSeen';
  const out = seen.filter((family) => standings[family] === 'out');
  if (out.some((family) => before[family] === 'in')) return 'lapse';
  if (out.length > 0) return 'notYet';
  // Where no band judges the hand, a look is neither good nor a lapse.
  if (seen.every((family) => standings[family] === 'none')) return 'notYet';
  return seen.some((family) => standings[family] === 'unsure') ? 'unsure' : 'good';
}

const seenOnly = (standings: Record<Family, Standing>): Partial<Record<Family, Standing>> =>
  Object.fromEntries(Object.entries(standings).filter(([, standing]) => standing !== 'notSeen'));

/** The first step of the ladder above what was managed. */
const nextStep = (ladder: readonly number[], managed: number, isFirst: boolean): number =>
  isFirst && managed < SHORTEST
    ? SHORTEST
    : (ladder.find((days) => days > managed) ?? ladder.at(-1)!);

/** The lesson that is nearest to the wished day, but none before the next one. */
function onLessonDay(wished: number, seenDay: number, lessonDay: number | null): number {
  if (lessonDay === null) return wished;
  const untilNext = ((((lessonDay - seenDay) % 7) + 6) % 7) + 1;
  const next = seenDay + untilNext;
  const weeks = Math.max(0, Math.round((wished - next) / 7));
  return next + 7 * weeks;
}
