import { fitLookInSteps } from '@open-palm/core/fit';
import type { FitAnswer, FitQuestion } from './fitMessages';

/** How often it is told how far the work is, in steps of it. */
const TOLD_EVERY = 4;

/** Message adapter only: a hand fitted away from the screen's own thread. Whoever wants it to stop ends the worker. */
self.onmessage = ({ data }: MessageEvent<FitQuestion>) => {
  const work = fitLookInSteps(data.look, data.hold, data.hand);
  let steps = 0;
  for (;;) {
    const step = work.next();
    if (step.done) {
      tell({ kind: 'fits', fits: step.value });
      return;
    }
    steps += 1;
    if (steps % TOLD_EVERY === 0) tell({ kind: 'done', share: step.value });
  }
};

const tell = (answer: FitAnswer) => self.postMessage(answer);
