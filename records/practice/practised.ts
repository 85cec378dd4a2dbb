import type { KeptPlannedDay, LogEntry, LogEntryOf, PractisedTurn } from '@open-palm/contract';

export type KeptPlan = LogEntryOf<'plan'>;

/** Plans of a log, the newest first. */
export const plansOf = (newestFirst: readonly LogEntry[]): KeptPlan[] =>
  newestFirst.filter((entry) => entry.kind === 'plan');

const keyOf = ({ day, drill, turn }: PractisedTurn): string => `${day} ${drill} ${turn}`;

/**
 * The turns that were practised of a plan at home: each drill's turn of a day once, as the newest log tells it, however often a log came.
 *
 * @returns in the order of the days
 */
export function practisedTurns(newestFirst: readonly LogEntry[], planId: string): PractisedTurn[] {
  const turns = new Map<string, PractisedTurn>();
  for (const entry of newestFirst) {
    if (entry.kind !== 'practised' || entry.of !== planId) continue;
    // What was done together in a lesson is no practice at home, on whichever day it was.
    if (entry.via === 'together') continue;
    for (const turn of entry.entries) if (!turns.has(keyOf(turn))) turns.set(keyOf(turn), turn);
  }
  return [...turns.values()].sort((a, b) => (keyOf(a) < keyOf(b) ? -1 : 1));
}

/** What of a log is not known yet, or known otherwise: the same log again leaves nothing. */
export function newTurns(
  turns: readonly PractisedTurn[],
  known: readonly PractisedTurn[],
): PractisedTurn[] {
  const before = new Map(known.map((turn) => [keyOf(turn), turn]));
  return turns.filter((turn) => {
    const one = before.get(keyOf(turn));
    return (
      !one ||
      one.result !== turn.result ||
      one.felt !== turn.felt ||
      one.seconds !== turn.seconds ||
      one.stage !== turn.stage
    );
  });
}

/** The look at the hold is in every plan: it is noted, and is no drill of its own. */
export const LOOK_DRILL = 'first-and-last';

/** A drill as it was planned until a day, and done. */
export interface DrillDone {
  drill: string;
  planned: number;
  done: number;
  /** Turns that were too hard. */
  hard: number;
}

/** A plan against what was done. */
export interface PlanDone {
  /** Days on which anything was done. */
  daysDone: number;
  /** Days of practice up to now. */
  daysPlanned: number;
  drills: DrillDone[];
  minutes: number;
}

/**
 * What was planned up to a day, that day included, and what was done of it.
 *
 * @param until 2026-11-26
 */
export function planDone(
  { days }: { days: readonly KeptPlannedDay[] },
  turns: readonly PractisedTurn[],
  until: string,
): PlanDone {
  const due = days.filter(({ on, drills }) => on <= until && drills.length > 0);
  const done = turns.filter(({ result }) => result !== 'hurt');
  const names = [...new Set(days.flatMap((day) => day.drills.map(({ drill }) => drill)))];
  const dose = (on: string, drill: string) =>
    days.find((day) => day.on === on)?.drills.find((one) => one.drill === drill);
  return {
    daysDone: new Set(done.map(({ day }) => day)).size,
    daysPlanned: due.length,
    drills: names.map((name) => {
      const mine = done.filter(({ drill }) => drill === name);
      return {
        drill: name,
        planned: due.reduce((sum, { on }) => sum + (dose(on, name)?.turns ?? 0), 0),
        done: mine.filter(({ result }) => result === 'done').length,
        hard: mine.filter(({ result }) => result === 'hard').length,
      };
    }),
    minutes: Math.round(done.reduce((sum, { seconds }) => sum + seconds, 0) / 60),
  };
}
