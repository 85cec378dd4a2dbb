import type { Knex } from 'knex';
import {
  calendarDay,
  dateOfDay,
  dayOfDate,
  formingErrors,
  lessonDayOf,
  restartsOf,
  trackedCheck,
  type LogEntry,
  type SetupTrack,
} from '@open-palm/contract';
import { measureOfCause } from '@open-palm/core/judge';
import { trackStanding } from '@open-palm/core/track';
import { seenNow, type SeenNow } from '../lastSeen/handFile';
import { newestContacts, newestMeasures, PORTRAIT_CHECKS } from '../lastSeen/repo';
import { keepTrack, newestTrackChecks, trackedSetup, trackEntries } from './repo';

/** How far back a standing reaches: five years of weekly looks. */
const MOST_CHECKS = 260;

/**
 * Works out anew how a hold stands over the weeks, inside the transaction of whatever changed it: so lists read one short row
 * and never a history.
 *
 * @param zone the teacher's, for a student without a lesson time
 */
export async function refreshTrack(trx: Knex, setupId: string, zone: string): Promise<void> {
  const about = await trackedSetup(trx, setupId);
  if (!about) return;
  const { lesson, audits } = about;
  const timeZone = lesson?.timeZone ?? zone;
  const entries = await trackEntries(trx, setupId);
  const checks = await newestTrackChecks(trx, setupId, MOST_CHECKS);
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
  await keepTrack(trx, track, await seenOf(trx, setupId, checks.at(-1)?.takenAt ?? null));
}

/** How the hold was last seen, as lists show it. */
async function seenOf(trx: Knex, setupId: string, lastCheckAt: string | null): Promise<SeenNow> {
  const newest = await newestMeasures(trx, 1, setupId);
  return seenNow(lastCheckAt, newest, await newestContacts(trx, PORTRAIT_CHECKS, setupId));
}

/** The checkpoint that is worked on: of the cause that something was last said about. */
function workedOn(newestFirst: readonly LogEntry[]): string | null {
  const said = newestFirst.find((entry) => entry.kind === 'cue');
  return said === undefined ? null : measureOfCause(said.cause);
}
