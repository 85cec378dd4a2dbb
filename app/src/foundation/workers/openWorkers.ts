import type { BreakdownWorker } from './breakdown.worker';
import type { FitWorker } from './fit.worker';
import { WorkerLine } from './WorkerLine';

/** A worker that draws the doubts of a breakdown; closed by whoever wants another one. */
export const openBreakdown = (): WorkerLine<BreakdownWorker> =>
  new WorkerLine(new Worker(new URL('./breakdown.worker', import.meta.url)));

/** A worker that fits a hand; closed by whoever wants it to stop. */
export const openFit = (): WorkerLine<FitWorker> =>
  new WorkerLine(new Worker(new URL('./fit.worker', import.meta.url)));
