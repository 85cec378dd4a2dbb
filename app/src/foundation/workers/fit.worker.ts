import { expose } from 'comlink';
import { fitLookInSteps, type FitOfLook } from '@open-palm/core/fit';
import type { HandFacts } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { Look } from '@open-palm/core/measure';

/** How often it is told how far the work is, in steps of it. */
const TOLD_EVERY = 4;

/** Adapter only: a hand fitted away from the screen's own thread. Whoever wants it to stop closes the line. */
const api = {
  /** @param onShare told how far it is, 0 to 1 */
  fit(look: Look, hold: Hold, hand: HandFacts, onShare: (share: number) => void): FitOfLook[] {
    const work = fitLookInSteps(look, hold, hand);
    for (let steps = 1; ; steps += 1) {
      const step = work.next();
      if (step.done) return step.value;
      if (steps % TOLD_EVERY === 0) onShare(step.value);
    }
  },
};

export type FitWorker = typeof api;

expose(api);
