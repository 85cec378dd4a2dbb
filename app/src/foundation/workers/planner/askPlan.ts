import type { PlanAnswer, PlanFacts, Relaxed } from '@open-palm/core/practice/plan';
import { WorkerGone, WorkerLine } from '../WorkerLine';
import type { PlanWorker } from './plan.worker';

/** Where the build lists the planner's files. */
const LIST = '/planner/files.json';

interface Planner {
  line: WorkerLine<PlanWorker>;
  solver: string;
}

let planner: Promise<Planner> | null = null;

async function openPlanner(): Promise<Planner> {
  const response = await fetch(LIST, { cache: 'no-cache' }).catch(() => null);
  const files = (await response?.json().catch(() => null)) as {
    worker: string;
    solver: string;
  } | null;
  if (!response?.ok || !files) throw new WorkerGone('broken');
  return { line: new WorkerLine<PlanWorker>(new Worker(files.worker)), solver: files.solver };
}

/** The planner, opened once and kept; one that is gone, or could not be opened, is followed by another. */
async function opened(): Promise<Planner> {
  planner ??= openPlanner();
  const mine = planner;
  const found = await mine.catch((error: unknown) => {
    if (planner === mine) planner = null;
    throw error;
  });
  if (!found.line.gone) return found;
  if (planner === mine) planner = null;
  return opened();
}

/**
 * The plan that brings most within its limits.
 *
 * @throws WorkerGone
 */
export async function askPlan(facts: PlanFacts): Promise<PlanAnswer> {
  const { line, solver } = await opened();
  return line.ask<PlanAnswer>((api) => api.plan(facts, solver));
}

/**
 * What each limit holds back.
 *
 * @throws WorkerGone
 */
export async function askLimits(facts: PlanFacts): Promise<Relaxed[]> {
  const { line, solver } = await opened();
  return line.ask<Relaxed[]>((api) => api.limits(facts, solver));
}
