import { expose } from 'comlink';
import loadHighs from 'highs';
import {
  makePlan,
  relaxedLimits,
  solveWith,
  type PlanAnswer,
  type PlanFacts,
  type Relaxed,
  type SolveProgramme,
} from '@open-palm/core/practice/plan';

/** Adapter only: plans, away from the screen's own thread. */
let solver: Promise<SolveProgramme> | null = null;

const open = (address: string): Promise<SolveProgramme> =>
  (solver ??= loadHighs({ locateFile: () => address }).then(solveWith));

const api = {
  plan: async (facts: PlanFacts, address: string): Promise<PlanAnswer> =>
    makePlan(facts, await open(address)),
  limits: async (facts: PlanFacts, address: string): Promise<Relaxed[]> =>
    relaxedLimits(facts, await open(address)),
};

export type PlanWorker = typeof api;

expose(api);
