import type { FitOfLook } from '@open-palm/core/fit';
import type { HandFacts } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { Look } from '@open-palm/core/measure';

/** What the fit worker is asked. */
export interface FitQuestion {
  look: Look;
  /** As it is meant for the student, with settings and sizes. */
  hold: Hold;
  hand: HandFacts;
}

/** What it tells: how far it is, and at last what it found. */
export type FitAnswer = { kind: 'done'; share: number } | { kind: 'fits'; fits: FitOfLook[] };
