import type {
  HandHistory,
  HistoryCheck,
  LogEntry,
  Student,
  TrackedNumber,
} from '@open-palm/contract';
import type { Context, Place } from '@open-palm/core/measure';
import { sinceBaseline, type TrackedCheck } from '@open-palm/core/track';
import { follow, type Following } from '@open-palm/records/track';
import { deviceZone } from '../../foundation/api/clock';

/** A look in the weeks: what was kept of it, and how tracking sees it. */
export interface FollowedCheck {
  kept: HistoryCheck;
  at: number;
  tracked: TrackedCheck;
  numbers: readonly TrackedNumber[];
}

/** A history as it is followed: every look, which count, and how it stands. */
export interface Followed extends Pick<Following, 'restarts' | 'standing' | 'errors'> {
  checks: readonly FollowedCheck[];
  /** Those since the last planned change. */
  counted: readonly FollowedCheck[];
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

/**
 * Follows a history.
 *
 * @param log newest first
 */
export function followHistory(
  history: HandHistory,
  log: readonly LogEntry[],
  student: Pick<Student, 'lesson' | 'audits'>,
  filter: Filter = EVERYTHING,
): Followed {
  const chosen = history.checks
    .filter(
      ({ context }) => filter.context === 'all' || CONTEXTS_OF[filter.context].includes(context),
    )
    .flatMap((kept) => {
      const numbers = kept.numbers.filter((number) => isAt(filter.place, number, kept.context));
      return filter.place !== 'all' && numbers.length === 0 ? [] : [{ kept, numbers }];
    });
  const { tracked, restarts, errors, standing } = follow(
    history.checks,
    { student, log, teachersZone: deviceZone() },
    chosen.map(({ kept, numbers }) => ({ ...kept, numbers })),
  );
  const checks = chosen.map(({ kept, numbers }, i): FollowedCheck => ({
    kept,
    numbers,
    at: Date.parse(kept.takenAt),
    tracked: tracked[i]!,
  }));
  const counts = new Set(sinceBaseline(tracked, standing.baselineFrom));
  return {
    checks,
    counted: checks.filter((one) => counts.has(one.tracked)),
    restarts,
    standing,
    errors,
  };
}

const isAt = (place: Filter['place'], [, at]: TrackedNumber, context: Context): boolean =>
  place === 'all' || at === place || (at === null && context === place);
