import type { LogEntry } from '@open-palm/contract';
import { cardLogSchema, type PractisedTurn } from '@open-palm/contract/practice';
import { LOOK_DRILL, newTurns, plansOf, practisedTurns, type KeptPlan } from './practised';

/** What becomes of a log that a card gives. */
export type TakenLog =
  | { kind: 'taken'; plan: KeptPlan; turns: PractisedTurn[]; hurtOn: string[]; isNewest: boolean }
  /** All of it was known. */
  | { kind: 'known' }
  | { kind: 'refused'; why: 'damaged' | 'newer' | 'drill' }
  | { kind: 'refused'; why: 'unknownPlan'; plan: string }
  /** Days that are still to come, or that are not in the plan. */
  | { kind: 'refused'; why: 'future' | 'before'; day: string };

/**
 * What a card's log brings: only what is not known yet, and nothing at all where any of it cannot be.
 *
 * @param value what the code or the file said
 * @param newestFirst the student's log
 * @param today on the student's calendar, as 2026-11-26
 */
export function takeLog(value: unknown, newestFirst: readonly LogEntry[], today: string): TakenLog {
  if (typeof value === 'object' && value !== null && 'v' in value && Number(value.v) > 1) {
    return { kind: 'refused', why: 'newer' };
  }
  const read = cardLogSchema.safeParse(value);
  if (!read.success) return { kind: 'refused', why: 'damaged' };
  const { plan: id, entries } = read.data;
  const plans = plansOf(newestFirst);
  const plan = plans.find((one) => one.id === id);
  if (!plan) return { kind: 'refused', why: 'unknownPlan', plan: id };
  const future = entries.find(({ day }) => day > today);
  if (future) return { kind: 'refused', why: 'future', day: future.day };
  const days = new Set(plan.days.map(({ on }) => on));
  const before = entries.find(({ day }) => !days.has(day));
  if (before) return { kind: 'refused', why: 'before', day: before.day };
  const drills = new Set(plan.days.flatMap((day) => day.drills.map(({ drill }) => drill)));
  if (entries.some(({ drill }) => drill !== LOOK_DRILL && !drills.has(drill))) {
    return { kind: 'refused', why: 'drill' };
  }
  const turns = newTurns(entries, practisedTurns(newestFirst, id));
  if (turns.length === 0) return { kind: 'known' };
  const hurt = turns.filter(({ result }) => result === 'hurt').map(({ day }) => day);
  return {
    kind: 'taken',
    plan,
    turns,
    hurtOn: [...new Set(hurt)],
    isNewest: plans[0]?.id === id,
  };
}
