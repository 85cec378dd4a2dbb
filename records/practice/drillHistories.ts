import type { LogEntry, PractisedTurn } from '@open-palm/contract';
import { CAUSES } from '@open-palm/core/judge';
import {
  DRILLS,
  effectOn,
  learnEffect,
  type Drill,
  type DrillPeriod,
  type LearnedEffect,
} from '@open-palm/core/practice';
import type { DrillHistory } from '@open-palm/core/practice/plan';
import type { Family } from '@open-palm/core/measure';
import { plansOf, practisedTurns, type KeptPlan } from './practised';

/** So many easy days in a row open the next stage. */
const EASY_DAYS = 3;
/** What a stage may ask of the little finger to be opened without the teacher's look. */
const OPENS_BY_ITSELF = 1;

/** Whether a family changed for the better over the time of a plan; null where nobody knows. */
export type Improved = (plan: KeptPlan, family: Family) => boolean | null;

/** What the family of a cause is, where a hold's checkpoints follow it. */
export function familyOf(cause: string): Family | null {
  switch (CAUSES.find(({ id }) => id === cause)?.part) {
    case 'thumb':
      return 'thumb';
    case 'index':
    case 'hand':
      return 'fingers';
    case 'little':
      return 'little';
    case 'wrist':
      return 'wrist';
    default:
      return null;
  }
}

/**
 * The stage of a drill that is open: the one that the newest plan had open, and the next one after three days in a row that were easy, unless
 * it asks all of the bow of the little finger: that is for the teacher to open.
 *
 * @param turns of that drill, in the order of the days
 */
export function openStage(
  { stages }: Pick<Drill, 'stages'>,
  planned: number,
  turns: readonly PractisedTurn[],
): number {
  let stage = planned;
  let easy = 0;
  const days = [...new Set(turns.map(({ day }) => day))];
  for (const day of days) {
    const mine = turns.filter((turn) => turn.day === day);
    const isEasy = mine.every(({ result, felt }) => result === 'done' && felt === 'easy');
    easy = isEasy && mine.some((turn) => turn.stage === stage) ? easy + 1 : 0;
    const next = stages[stage];
    if (easy < EASY_DAYS || !next || next.load > OPENS_BY_ITSELF) continue;
    stage += 1;
    easy = 0;
  }
  return stage;
}

/** What is learned of a drill that was practised. */
export interface KnownDrill extends DrillHistory {
  learned: LearnedEffect;
}

/**
 * What is known of each drill that this student has had in a plan.
 *
 * @param today 2026-11-26: periods that are not over tell nothing yet
 */
export function drillHistories(
  newestFirst: readonly LogEntry[],
  today: string,
  improved: Improved,
): Record<string, KnownDrill> {
  const plans = plansOf(newestFirst);
  const turns = new Map(plans.map(({ id }) => [id, practisedTurns(newestFirst, id)]));
  const known: Record<string, KnownDrill> = {};
  for (const drill of DRILLS) {
    const mine = plans.filter(({ days }) =>
      days.some(({ drills }) => drills.some((one) => one.drill === drill.id)),
    );
    const [newest] = mine;
    if (!newest) continue;
    const doneIn = (plan: KeptPlan) =>
      turns.get(plan.id)!.filter((turn) => turn.drill === drill.id);
    const daysOf = (plan: KeptPlan) =>
      new Set(doneIn(plan).flatMap(({ day, result }) => (result === 'done' ? [day] : []))).size;
    const learned = learnEffect(
      strongestEffect(drill, newest),
      mine.flatMap((plan) => periodOf(drill, plan, daysOf(plan), today, improved)),
    );
    known[drill.id] = {
      stage: openStage(drill, newest.stages[drill.id] ?? 1, doneIn(newest)),
      daysDone: mine.reduce((sum, plan) => sum + daysOf(plan), 0),
      effectScale: learned.scale,
      learned,
    };
  }
  return known;
}

/** What a drill takes most away of, among what a plan worked on. */
function targetOf(drill: Drill, plan: KeptPlan): { cause: string; effect: number } | null {
  const [best] = Object.keys(plan.causes)
    .map((cause) => ({ cause, effect: effectOn(drill, plan.stages[drill.id] ?? 1, cause) }))
    .sort((a, b) => b.effect - a.effect || (a.cause < b.cause ? -1 : 1));
  return best && best.effect > 0 ? best : null;
}

const strongestEffect = (drill: Drill, plan: KeptPlan): number =>
  targetOf(drill, plan)?.effect ?? Math.max(drill.trainsAll ?? 0, ...Object.values(drill.trains));

function periodOf(
  drill: Drill,
  plan: KeptPlan,
  daysDone: number,
  today: string,
  improved: Improved,
): DrillPeriod[] {
  const target = targetOf(drill, plan);
  const family = target && familyOf(target.cause);
  const isImproved = family && plan.lesson <= today ? improved(plan, family) : null;
  if (isImproved === null) return [];
  const daysPlanned = plan.days.filter(({ drills }) =>
    drills.some((one) => one.drill === drill.id),
  ).length;
  return [{ daysPlanned, daysDone, isImproved }];
}
