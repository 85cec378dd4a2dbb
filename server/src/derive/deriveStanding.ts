import {
  calendarDay,
  dateOfDay,
  dayOfDate,
  formingErrors,
  lessonDayOf,
  restartsOf,
  trackedCheck,
  type DatedMeasure,
  type LogEntry,
  type SetupTrack,
  type Student,
  type TrackCheck,
} from '@open-palm/contract';
import { measureSpokenOf } from '@open-palm/core/judge';
import type { GripContacts } from '@open-palm/core/measure';
import { trackStanding } from '@open-palm/core/track';
import { seenNow, type SeenNow } from '../lastSeen/handFile';

/** What the standing of an instrument is worked out from. */
export interface StandingFacts extends Pick<Student, 'lesson' | 'audits'> {
  setupId: string;
  /** Its newest looks, oldest first. */
  checks: readonly TrackCheck[];
  /** Planned changes, re-form tests and the newest cue. */
  entries: readonly LogEntry[];
  newest: readonly DatedMeasure[];
  contacts: readonly GripContacts[];
  /** The teacher's, for a student without a lesson time. */
  zone: string;
}

export interface DerivedStanding {
  track: SetupTrack;
  seen: SeenNow;
}

/** How a hold stands over the weeks and how it was last seen, so that lists read one short row and never a history. */
export function deriveStanding(facts: StandingFacts): DerivedStanding {
  const { setupId, checks, entries, lesson, audits } = facts;
  const timeZone = lesson?.timeZone ?? facts.zone;
  const errors = formingErrors(entries);
  const days = {
    instant: (at: string) => calendarDay(at, timeZone),
    date: dayOfDate,
  };
  const tracked = checks.map((check) => trackedCheck(check, timeZone, errors));
  const { drifts, schedule } = trackStanding(tracked, {
    restarts: restartsOf(checks, entries, days),
    workingOn: workedOn(entries),
    lessonDay: lesson && lessonDayOf(lesson.day),
    audits,
  });
  const lastDay = tracked.at(-1)?.day;
  const track: SetupTrack = {
    setupId,
    goodInRow: schedule.goodInRow,
    settled: schedule.settled,
    last: schedule.last,
    unsureInRow: schedule.unsureInRow,
    lastOn: lastDay === undefined ? null : dateOfDay(lastDay),
    dueOn: schedule.dueDay === null ? null : dateOfDay(schedule.dueDay),
    drifts: drifts.map(({ series, sinceDay }) => ({ series, sinceOn: dateOfDay(sinceDay) })),
  };
  return { track, seen: seenNow(checks.at(-1)?.takenAt ?? null, facts.newest, facts.contacts) };
}

/** The checkpoint that is worked on: of the cause that something was last said about. */
function workedOn(newestFirst: readonly LogEntry[]): string | null {
  const said = newestFirst.find((entry) => entry.kind === 'cue');
  return said === undefined ? null : measureSpokenOf(said.cause, said.sign);
}
