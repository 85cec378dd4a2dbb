import type { LogEntry, Student, TrackCheck } from '@open-palm/contract';
import { measureSpokenOf } from '@open-palm/core/judge';
import {
  trackStanding,
  type Restart,
  type TrackedCheck,
  type TrackStanding,
} from '@open-palm/core/track';
import { calendarDay, dayOfDate, lessonDayOf, zoneOf } from '../time';
import { formingErrors, restartsOf, trackedCheck, type FormingErrors } from './tracked';

/** What looks are followed by. */
export interface FollowFacts {
  student: Pick<Student, 'lesson' | 'audits'>;
  /** Newest first: planned changes, re-form tests and cues count. */
  log: readonly LogEntry[];
  /** The teacher's time zone. */
  teachersZone: string;
}

/** A history as it is followed over time. */
export interface Following {
  /** Each look as tracking sees it, in their order. */
  tracked: readonly TrackedCheck[];
  restarts: readonly Restart[];
  errors: FormingErrors;
  standing: TrackStanding;
}

/**
 * Follows a student's hold over time: one way for the lists of the studio and for what the app draws.
 *
 * @param all every look, oldest first: new beginnings are told from all of them
 * @param chosen those of them that are followed
 */
export function follow(
  all: readonly Omit<TrackCheck, 'id'>[],
  { student, log, teachersZone }: FollowFacts,
  chosen: readonly Omit<TrackCheck, 'id' | 'grip'>[] = all,
): Following {
  const { lesson, audits } = student;
  const zone = zoneOf(student, teachersZone);
  const errors = formingErrors(log);
  const restarts = restartsOf(all, log, {
    instant: (at) => calendarDay(at, zone),
    date: dayOfDate,
  });
  const tracked = chosen.map((look) => trackedCheck(look, zone, errors));
  const standing = trackStanding(tracked, {
    restarts,
    workingOn: workedOn(log),
    lessonDay: lesson && lessonDayOf(lesson.day),
    audits,
  });
  return { tracked, restarts, errors, standing };
}

/** The checkpoint that is worked on: of the cause that something was last said about. */
function workedOn(newestFirst: readonly LogEntry[]): string | null {
  const said = newestFirst.find((entry) => entry.kind === 'cue');
  return said === undefined ? null : measureSpokenOf(said.cause, said.sign);
}
