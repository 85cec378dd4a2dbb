import type { HandFile } from '@open-palm/contract';
import type { TipRaiseStart } from '@open-palm/core/balance';
import type { Advice } from '@open-palm/core/judge';
import type {
  AdviceQuestion,
  TipRaiseQuestion,
  WorkerAnswer,
  WorkerQuestion,
} from './adviceMessages';

let worker: Worker | undefined;
let asked = 0;
const waiting = new Map<number, (answer: WorkerAnswer) => void>();

/** Starts the worker, once: what asks later need not wait for it. */
export function startAdvice(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./advice.worker', import.meta.url));
  worker.onmessage = ({ data }: MessageEvent<WorkerAnswer>) => {
    waiting.get(data.number)?.(data);
    waiting.delete(data.number);
  };
  return worker;
}

/** What to say next, worked out in a worker that is started once and kept. */
export async function askAdvice(question: AdviceQuestion): Promise<Advice> {
  const answer = await ask(question);
  if (!('advice' in answer)) throw new Error('the worker answered another question');
  return answer.advice;
}

/** Where a student begins the tip raise, worked out in the same worker. */
export async function askTipRaise(handFile: HandFile, now: Date): Promise<TipRaiseStart> {
  const answer = await ask({ handFile, now: now.getTime() });
  if (!('tipRaise' in answer)) throw new Error('the worker answered another question');
  return answer.tipRaise;
}

function ask(question: AdviceQuestion | TipRaiseQuestion): Promise<WorkerAnswer> {
  asked += 1;
  const number = asked;
  startAdvice().postMessage({ ...question, number } satisfies WorkerQuestion);
  return new Promise((resolve) => waiting.set(number, resolve));
}
