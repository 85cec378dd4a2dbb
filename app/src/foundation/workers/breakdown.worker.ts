import { expose } from 'comlink';
import type { HandFacts } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import {
  measureCheck,
  sampleCapture,
  type CheckBreakdown,
  type Look,
  type LookFit,
} from '@open-palm/core/measure';

/** Adapter only: thousands of draws, away from the screen's own thread. */
const api = {
  /**
   * @param hold as it is meant for the student, with settings and sizes
   * @param fits what hands fitted to several of the look's pictures tell
   * @returns null when the look could not be measured
   */
  breakdown(
    look: Look,
    hold: Hold,
    hand: HandFacts,
    fits: readonly LookFit[],
  ): CheckBreakdown | null {
    try {
      return measureCheck(look, hold, hand, sampleCapture, fits);
    } catch (error) {
      if (error instanceof InputError) return null;
      throw error;
    }
  },
};

export type BreakdownWorker = typeof api;

expose(api);
