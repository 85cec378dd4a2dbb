import {
  calendarDay,
  dayOfDate,
  formingErrors,
  lessonDayOf,
  restartsOf,
  trackedCheck,
  type FormingErrors,
  type HandHistory,
  type HistoryCheck,
  type LogEntry,
  type Student,
  type TrackedNumber,
} from '@open-palm/contract';
import { measureSpokenOf } from '@open-palm/core/judge';
import type { Context, Place } from '@open-palm/core/measure';
import {
  sinceBaseline,
  trackStanding,
  type Restart,
  type TrackedCheck,
  type TrackStanding,
} from '@open-palm/core/track';

/** A look in the weeks: what was kept of it, and how tracking sees it. */
export interface FollowedCheck {
  kept: HistoryCheck;
  at: number;
  tracked: TrackedCheck;
  numbers: readonly TrackedNumber[];
}

/** A history as it is followed: every look, which count, and how it stands. */
export interface Followed {
  checks: readonly FollowedCheck[];
  /** Those since the last planned change. */
  counted: readonly FollowedCheck[];
  restarts: readonly Restart[];
  standing: TrackStanding;
  errors: FormingErrors;
}

/** Which looks are followed. */
export interface Filter {
  context: 'all' | 'air' | 'string' | 'playing';
  place: 'all' | Place;
}

export const EVERYTHING: Filter = { context: 'all', place: 'all' };

const CONTEXTS_OF: Record<Exclude<Filter['context'], 'all'>, readonly Context[]> = {
  air: ['supported', 'free'],
  string: ['heel', 'middle', 'point'],
  playing: ['playing-start', 'playing-end'],
};

/** By whose calendar a student's days are counted. */
export const zoneOf = ({ lesson }: Pick<Student, 'lesson'>): string =>
  lesson?.timeZone ?? Intl.DateTimeFormat().resolvedOptions().timeZone;

/**
 * Follows a history.
 *
 * @param log newest first
 */
export function follow(
  history: HandHistory,
  log: readonly LogEntry[],
  student: Pick<Student, 'lesson' | 'audits'>,
  filter: Filter = EVERYTHING,
): Followed {
  const zone = zoneOf(student);
  const errors = formingErrors(log);
  const restarts = restartsOf(history.checks, log, {
    instant: (at) => calendarDay(at, zone),
    date: dayOfDate,
  });
  const checks = history.checks
    .filter(
      ({ context }) => filter.context === 'all' || CONTEXTS_OF[filter.context].includes(context),
    )
    .flatMap((kept): FollowedCheck[] => {
      const numbers = kept.numbers.filter((number) => isAt(filter.place, number, kept.context));
      if (filter.place !== 'all' && numbers.length === 0) return [];
      const tracked = trackedCheck({ ...kept, numbers }, zone, errors);
      return [{ kept, at: Date.parse(kept.takenAt), tracked, numbers }];
    });
  const said = log.find((entry) => entry.kind === 'cue');
  const standing = trackStanding(
    checks.map(({ tracked }) => tracked),
    {
      restarts,
      workingOn: said === undefined ? null : measureSpokenOf(said.cause, said.sign),
      lessonDay: student.lesson && lessonDayOf(student.lesson.day),
      audits: student.audits,
    },
  );
  const counts = new Set(
    sinceBaseline(
      checks.map(({ tracked }) => tracked),
      standing.baselineFrom,
    ),
  );
  const counted = checks.filter(({ tracked }) => counts.has(tracked));
  return { checks, counted, restarts, standing, errors };
}

const isAt = (place: Filter['place'], [, at]: TrackedNumber, context: Context): boolean =>
  place === 'all' || at === place || (at === null && context === place);
