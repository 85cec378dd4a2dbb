import type { DatedMeasure, LogEntry, SetupTrack, Student, TrackCheck } from '@open-palm/contract';
import type { GripContacts } from '@open-palm/core/measure';
import { standingsOf, type SeenNow } from '@open-palm/records/lastSeen';
import { dateOfDay } from '@open-palm/records/time';
import { drawBadge, type DrawnOn } from './drawBadge';
import { follow } from '@open-palm/records/track';

/** What the standing of an instrument is worked out from. */
export interface StandingFacts extends Pick<Student, 'lesson' | 'audits'> {
  setupId: string;
  /** Its newest looks, oldest first. */
  checks: readonly TrackCheck[];
  /** Planned changes, re-form tests and the newest cue. */
  entries: readonly LogEntry[];
  newest: readonly DatedMeasure[];
  contacts: readonly GripContacts[];
  /** What its small portrait is drawn on; null for an instrument that is no longer played. */
  drawn: DrawnOn | null;
  /** The teacher's, for a student without a lesson time. */
  zone: string;
}

export interface DerivedStanding {
  track: SetupTrack;
  seen: SeenNow;
}

/** How a hold stands over the weeks and how it was last seen, so that lists read one short row and never a history. */
export function deriveStanding(facts: StandingFacts): DerivedStanding {
  const { setupId, checks, entries, lesson, audits, zone } = facts;
  const { tracked, standing } = follow(checks, {
    student: { lesson, audits },
    log: entries,
    teachersZone: zone,
  });
  const { drifts, schedule } = standing;
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
  const seen: SeenNow = {
    lastCheckAt: checks.at(-1)?.takenAt ?? null,
    standings: standingsOf(facts.newest),
    badge: facts.drawn && drawBadge(facts.drawn, facts.newest, facts.contacts),
  };
  return { track, seen };
}
