import { effectOn } from '../drills';
import { offersOf, type Offer } from './offers';
import { phasesOf, restDays, type Phase } from './phases';
import { planLimits, type PlanFacts, type PlanLimits } from './planFacts';
import { daysOf, lpText, programmeOf, REPEAT } from './programme';
import { sessionsOf, turnsOf, type PlannedDay, type Turns } from './sessions';

/**
 * Solves a programme in the LP format to its optimum: the value of each variable by its name; null where nothing fulfils it. A solver is
 * handed in, because it is no pure computation to load one.
 */
export type SolveProgramme = (lp: string) => Readonly<Record<string, number>> | null;

/** What is practised until the next lesson. */
export interface Plan {
  days: PlannedDay[];
  limits: PlanLimits;
  /** Worth of it all: how probable each cause is times what is taken away of it, repeats counting less. */
  worth: number;
}

/** Why there is no plan. */
export type NoPlan = 'hurts' | 'noDays' | 'noTime' | 'nothingToPractise' | 'lockedTooMuch';

export type PlanAnswer = { kind: 'plan'; plan: Plan } | { kind: 'none'; why: NoPlan };

/** The plan that brings most within its limits. The same facts give the same plan. */
export function makePlan(facts: PlanFacts, solve: SolveProgramme): PlanAnswer {
  const none = (why: NoPlan): PlanAnswer => ({ kind: 'none', why });
  if (facts.student.hurts) return none('hurts');
  if (facts.days.length === 0) return none('noDays');
  if (facts.minutesADay <= 0) return none('noTime');
  const limits = planLimits(facts);
  const solved = solvedWithin(facts, limits, solve);
  if (!solved) return none(isAnySettled(facts) ? 'lockedTooMuch' : 'nothingToPractise');
  if (solved.worth === 0) return none('nothingToPractise');
  const { offers, phases, turns, worth } = solved;
  const rests = restDays(facts.days).map(({ day }) => ({
    day,
    phase: null,
    drills: [],
    minutes: 0,
  }));
  const days = [...sessionsOf(offers, phases, turns, facts.student.wasTired), ...rests];
  return {
    kind: 'plan',
    plan: { days: days.sort((a, b) => a.day - b.day), limits, worth },
  };
}

/** What a plan is made of, before it is laid out in days. */
export interface SolvedPlan {
  offers: Offer[];
  phases: Phase[];
  turns: Turns;
  worth: number;
  /** How much of the worth lies in each cause. */
  byCause: Record<string, number>;
}

/** The best turns within limits; null where what is locked does not fit. */
export function solvedWithin(
  facts: PlanFacts,
  limits: PlanLimits,
  solve: SolveProgramme,
): SolvedPlan | null {
  const offers = offersOf(facts).filter(
    ({ benefit, drill }) => benefit > 0 || isSettled(facts, drill.id),
  );
  const phases = phasesOf(facts.days);
  if (offers.length === 0) return isAnySettled(facts) ? null : empty(phases);
  const solution = solve(lpText(programmeOf(offers, phases, limits, facts)));
  if (!solution) return null;
  const turns = turnsOf(offers, phases, solution);
  return { offers, phases, turns, ...worthOf(facts, offers, phases, turns) };
}

/** Whether the teacher has put a drill into the plan. */
const isSettled = ({ locked, moved = {} }: PlanFacts, drill: string): boolean =>
  locked.includes(drill) || drill in moved;
const isAnySettled = ({ locked, moved = {} }: PlanFacts): boolean =>
  locked.length > 0 || Object.keys(moved).length > 0;

const empty = (phases: Phase[]): SolvedPlan => ({
  offers: [],
  phases,
  turns: [],
  worth: 0,
  byCause: {},
});

/** What turns are worth, told without a solver. */
export function worthOf(
  { causes, history, student }: Pick<PlanFacts, 'causes' | 'history' | 'student'>,
  offers: readonly Offer[],
  phases: readonly Phase[],
  turns: Turns,
): { worth: number; byCause: Record<string, number> } {
  const byCause: Record<string, number> = {};
  let worth = 0;
  offers.forEach((offer, i) => {
    let repeats = 0;
    for (let k = 1; k <= offer.turnsADay; k += 1) {
      const days = phases.reduce(
        (sum, phase, at) =>
          turns[i]![at]! >= k ? sum + daysOf(phase, offer, student.wasTired).length : sum,
        0,
      );
      for (let j = 0; j < days; j += 1) {
        repeats += REPEAT.withinDay ** (k - 1) * REPEAT.acrossDays ** j;
      }
    }
    worth += offer.benefit * repeats;
    const scale = history[offer.drill.id]?.effectScale ?? 1;
    for (const [cause, posterior] of Object.entries(causes)) {
      const part = scale * posterior * effectOn(offer.drill, offer.stage, cause) * repeats;
      byCause[cause] = (byCause[cause] ?? 0) + part;
    }
  });
  return { worth, byCause };
}
