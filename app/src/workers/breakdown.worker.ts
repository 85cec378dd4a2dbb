import { holdById } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import { sampleCapture, type Breakdown } from '@open-palm/core/measure';
import type { BreakdownAnswer, BreakdownQuestion } from './breakdownMessages';

/** Message adapter only: thousands of draws, away from the screen's own thread. */
self.onmessage = ({ data }: MessageEvent<BreakdownQuestion>) => {
  const answer: BreakdownAnswer = { id: data.id, breakdown: breakdownOf(data) };
  self.postMessage(answer);
};

function breakdownOf({ capture, holdId, context }: BreakdownQuestion): Breakdown | null {
  try {
    return sampleCapture(capture, holdById(holdId), context);
  } catch (error) {
    if (error instanceof InputError) return null;
    throw error;
  }
}
