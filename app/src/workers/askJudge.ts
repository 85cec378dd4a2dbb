import type { Judgement } from '@open-palm/core/judge';
import type { JudgeAnswer, JudgeQuestion } from './judgeMessages';

let worker: Worker | undefined;
let asked = 0;
const waiting = new Map<number, (judgement: Judgement) => void>();

/** Starts the worker, once: what asks later need not wait for it. */
export function startJudge(): Worker {
  if (worker) return worker;
  worker = new Worker(new URL('./judge.worker', import.meta.url));
  worker.onmessage = ({ data }: MessageEvent<JudgeAnswer>) => {
    waiting.get(data.number)?.(data.judgement);
    waiting.delete(data.number);
  };
  return worker;
}

/** What to work on first, worked out in a worker that is started once and kept. */
export function askJudge(question: Omit<JudgeQuestion, 'number'>): Promise<Judgement> {
  asked += 1;
  const number = asked;
  startJudge().postMessage({ ...question, number } satisfies JudgeQuestion);
  return new Promise((resolve) => waiting.set(number, resolve));
}
