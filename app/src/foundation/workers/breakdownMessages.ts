import type { HandFacts } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { CheckBreakdown, Look, LookFit } from '@open-palm/core/measure';

/** What the breakdown worker is asked. */
export interface BreakdownQuestion {
  look: Look;
  /** As it is meant for the student, with settings and sizes. */
  hold: Hold;
  hand: HandFacts;
  /** What hands fitted to several of its pictures tell. */
  fits: readonly LookFit[];
}

/** What it answers; null when the look could not be measured. */
export interface BreakdownAnswer {
  breakdown: CheckBreakdown | null;
}
