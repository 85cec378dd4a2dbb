import { format } from 'date-fns/format';
import type { LogEntryOf, SetupTrack, StudentListItem } from '@open-palm/contract';
import { openEntries } from '@open-palm/records/log';
import { lessonOnDate } from '@open-palm/records/time';
import { practiceReasons, type PracticeReason } from './practiceReasons';

/** Why a student is to be looked at, or what to keep in mind; the most urgent first. */
export type Reason =
  | { kind: 'hurt'; hurt: LogEntryOf<'hurt'> }
  | { kind: 'drift'; series: string; sinceOn: string }
  | { kind: 'lapse'; on: string }
  | { kind: 'outOnce'; on: string }
  | { kind: 'aid'; aid: LogEntryOf<'aid'> }
  | { kind: 'promise'; promise: LogEntryOf<'promise'> }
  | PracticeReason
  | { kind: 'unsure' }
  | { kind: 'never' }
  | { kind: 'interval'; dueOn: string; goodInRow: number; settled: boolean }
  | { kind: 'notDue'; dueOn: string; goodInRow: number; settled: boolean };

/** A student in a teaching day. */
export interface TodayRow {
  item: StudentListItem;
  /** When the lesson begins, if it is today. */
  lesson: Date | null;
  reasons: readonly Reason[];
  /** The instrument that is to be looked at. */
  setupId: string;
}

export interface TeachingDay {
  /** In the order of the clock. */
  lessons: TodayRow[];
  /** Due without a lesson today, the most urgent first. */
  due: TodayRow[];
  others: TodayRow[];
}

const ORDER: readonly Reason['kind'][] = [
  'hurt',
  'drift',
  'lapse',
  'aid',
  'promise',
  'log',
  'planEnds',
  'outOnce',
  'unsure',
  'never',
  'interval',
  'noPlan',
  'notDue',
];

/** How many days ahead a promise is told: until the next weekly lesson. */
const AHEAD_DAYS = 7;

/**
 * The teacher's day: today's lessons by the clock, then who else is due and why, then everyone else.
 *
 * @param zone the teacher's time zone
 * @param inGroups who plays in a group: without a lesson of their own they are looked at there, and are due by themselves only for what
 *   cannot wait
 */
export function teachingDay(
  items: readonly StudentListItem[],
  now: Date,
  zone: string,
  inGroups: ReadonlySet<string> = new Set(),
): TeachingDay {
  const today = format(now, 'yyyy-MM-dd');
  const isDueNow = (reason: Reason, isInGroup: boolean) =>
    isDue(reason, today) && !(isInGroup && LEFT_TO_THE_GROUP.includes(reason.kind));
  const day: TeachingDay = { lessons: [], due: [], others: [] };
  for (const item of items) {
    const { lesson } = item.student;
    const begins = lesson && lessonOnDate(lesson, today, zone);
    const { reasons, setupId } = reasonsOf(item, today, begins !== null);
    const row: TodayRow = { item, lesson: begins, reasons, setupId };
    if (begins) day.lessons.push(row);
    else if (
      reasons.some((reason) => isDueNow(reason, lesson === null && inGroups.has(item.student.id)))
    ) {
      day.due.push(row);
    } else day.others.push(row);
  }
  day.lessons.sort((a, b) => a.lesson!.getTime() - b.lesson!.getTime());
  day.due.sort((a, b) => urgency(a) - urgency(b) || (dueOn(a) < dueOn(b) ? -1 : 1));
  return day;
}

function reasonsOf(
  item: StudentListItem,
  today: string,
  isLessonDay: boolean,
): Pick<TodayRow, 'reasons' | 'setupId'> {
  const ahead = inDays(today, AHEAD_DAYS);
  const about = openEntries(item.open).flatMap((entry): Reason[] => {
    switch (entry.kind) {
      case 'hurt':
        return [{ kind: 'hurt', hurt: entry }];
      case 'aid':
        return entry.off <= today ? [{ kind: 'aid', aid: entry }] : [];
      case 'promise':
        return entry.due <= ahead ? [{ kind: 'promise', promise: entry }] : [];
      case 'plan':
        return [];
    }
  });
  const looks = item.tracks.map((track) => ({
    setupId: track.setupId,
    reason: lookReason(track, today),
  }));
  const drifts = item.tracks.flatMap(({ drifts, setupId }) =>
    drifts.map((drift) => ({ setupId, reason: { kind: 'drift' as const, ...drift } })),
  );
  const mine = [...drifts, ...looks].sort((a, b) => rank(a.reason) - rank(b.reason));
  // One reason to look is enough where a student has two instruments and only one is due.
  const look = mine.find(({ reason }) => isDue(reason, today)) ?? mine[0];
  const kept = mine.filter(
    ({ setupId, reason }) => setupId === look?.setupId || isDue(reason, today),
  );
  const practice = practiceReasons(item, today, isLessonDay);
  const reasons = [...about, ...practice, ...kept.map(({ reason }) => reason)];
  const due = reasons.filter((reason) => isDue(reason, today));
  return {
    reasons: (due.length > 0 ? reasons.filter(({ kind }) => kind !== 'notDue') : reasons).sort(
      (a, b) => rank(a) - rank(b),
    ),
    setupId: look?.setupId ?? item.student.setups[0]!.id,
  };
}

function lookReason(
  { lastOn, dueOn, last, unsureInRow, goodInRow, settled }: SetupTrack,
  today: string,
): Reason {
  if (lastOn === null) return { kind: 'never' };
  if (dueOn === null || dueOn > today) {
    return { kind: 'notDue', dueOn: dueOn ?? today, goodInRow, settled };
  }
  if (last === 'lapse') return { kind: 'lapse', on: lastOn };
  if (last === 'outOnce') return { kind: 'outOnce', on: lastOn };
  if (unsureInRow >= 2) return { kind: 'unsure' };
  return { kind: 'interval', dueOn, goodInRow, settled };
}

/** What the next walk of a group answers. */
const LEFT_TO_THE_GROUP: readonly Reason['kind'][] = [
  'lapse',
  'outOnce',
  'unsure',
  'never',
  'interval',
];

/** Whether it calls for something today. */
const isDue = (reason: Reason, today: string): boolean =>
  reason.kind === 'promise'
    ? reason.promise.due <= today
    : reason.kind !== 'notDue' && reason.kind !== 'noPlan';

const rank = ({ kind }: Reason): number => ORDER.indexOf(kind);
const urgency = ({ reasons }: TodayRow): number => rank(reasons[0]!);
const dueOn = ({ reasons }: TodayRow): string => {
  const [first] = reasons;
  return first?.kind === 'interval' ? first.dueOn : '';
};

function inDays(date: string, days: number): string {
  const at = new Date(`${date}T12:00:00`);
  at.setDate(at.getDate() + days);
  return format(at, 'yyyy-MM-dd');
}
