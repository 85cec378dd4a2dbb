import type { Breakdown, Capture, Context } from '@open-palm/core/measure';

/** What the breakdown worker is asked. */
export interface BreakdownQuestion {
  id: number;
  capture: Capture;
  holdId: string;
  context: Context;
}

/** What it answers; null when the capture could not be measured. */
export interface BreakdownAnswer {
  id: number;
  breakdown: Breakdown | null;
}
