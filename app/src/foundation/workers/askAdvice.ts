import type { HandFile } from '@open-palm/contract';
import type { TipRaiseStart } from '@open-palm/core/balance';
import type { Advice, AdviceFacts, Finding } from '@open-palm/core/judge';
import type { AdviceWorker } from './advice.worker';
import { WorkerLine } from './WorkerLine';

let line: WorkerLine<AdviceWorker> | undefined;

/** Starts the worker, once: what asks later need not wait for it. One that is gone is followed by another. */
export function startAdvice(): WorkerLine<AdviceWorker> {
  if (!line || line.gone) {
    line = new WorkerLine(new Worker(new URL('./advice.worker', import.meta.url)));
  }
  return line;
}

/**
 * What to say next, worked out in a worker that is started once and kept.
 *
 * @throws WorkerGone
 */
export const askAdvice = (findings: readonly Finding[], facts: AdviceFacts): Promise<Advice> =>
  startAdvice().ask<Advice>((api) => api.advise(findings, facts));

/**
 * Where a student begins the tip raise, worked out in the same worker.
 *
 * @throws WorkerGone
 */
export const askTipRaise = (handFile: HandFile, now: Date): Promise<TipRaiseStart> =>
  startAdvice().ask<TipRaiseStart>((api) => api.tipRaise(handFile, now));
