import { InputError } from '@open-palm/core/issue';
import { measureCheck, sampleCapture, type CheckBreakdown } from '@open-palm/core/measure';
import type { BreakdownAnswer, BreakdownQuestion } from './breakdownMessages';

/** Message adapter only: thousands of draws, away from the screen's own thread. */
self.onmessage = ({ data }: MessageEvent<BreakdownQuestion>) => {
  const answer: BreakdownAnswer = { breakdown: breakdownOf(data) };
  self.postMessage(answer);
};

function breakdownOf({ look, hold, hand, fits }: BreakdownQuestion): CheckBreakdown | null {
  try {
    return measureCheck(look, hold, hand, sampleCapture, fits);
  } catch (error) {
    if (error instanceof InputError) return null;
    throw error;
  }
}
