import { advise } from '@open-palm/core/judge';
import { tipRaiseAdvice } from '@open-palm/records/balance';
import type { WorkerAnswer, WorkerQuestion } from './adviceMessages';

/** Message adapter only: with many signs the posteriors take longer than a frame. */
self.onmessage = ({ data }: MessageEvent<WorkerQuestion>) => {
  const { number } = data;
  const answer: WorkerAnswer =
    'handFile' in data
      ? { number, tipRaise: tipRaiseAdvice(data.handFile, new Date(data.now)) }
      : { number, advice: advise(data.findings, data.facts) };
  self.postMessage(answer);
};
