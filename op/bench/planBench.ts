import loadHighs from 'highs';
import {
  makePlan,
  offersOf,
  relaxedLimits,
  solveWith,
  type PlanFacts,
} from '@open-palm/core/practice/plan';
import { anyFacts, daysFrom } from '@open-palm/core/practice/plan/testing';
import { quantile, report } from '../../scripts/bench/readings';

/** So many students. */
const STUDENTS = 40;

/** A grown student's fortnight with all that may be planned for some causes. */
function fortnight(seed: number): PlanFacts {
  const facts = anyFacts(seed, { days: 14, causes: 6 });
  return {
    ...facts,
    minutesADay: 12,
    days: daysFrom(20_000, 14),
    student: { ...facts.student, hurts: false },
    locked: [],
    dropped: [],
  };
}

const solve = solveWith(await loadHighs());
const [plans, limits, offers]: [number[], number[], number[]] = [[], [], []];
for (let seed = 1; seed <= STUDENTS; seed += 1) {
  const facts = fortnight(seed);
  offers.push(offersOf(facts).filter(({ benefit }) => benefit > 0).length);
  const from = performance.now();
  makePlan(facts, solve);
  const made = performance.now();
  relaxedLimits(facts, solve);
  plans.push(made - from);
  limits.push(performance.now() - made);
}
report('Drills to choose from for a fortnight, most', Math.max(...offers), '');
report('A plan for a fortnight, median', quantile(plans, 0.5), 'ms', 400);
report('The same, p95', quantile(plans, 0.95), 'ms', 400);
report('What holds it back, median', quantile(limits, 0.5), 'ms', 2000);
report('The same, p95', quantile(limits, 0.95), 'ms', 2000);
