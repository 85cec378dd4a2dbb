import type { HandFile } from '@open-palm/contract';
import type { TipRaiseStart } from '@open-palm/core/balance';
import type { Advice, AdviceFacts, Finding } from '@open-palm/core/judge';

/** What the judge worker is asked; the number comes back with the answer. */
export type WorkerQuestion = { number: number } & (AdviceQuestion | TipRaiseQuestion);

/** What to say next. */
export interface AdviceQuestion {
  findings: readonly Finding[];
  facts: AdviceFacts;
}

/** Where to begin the tip raise: asked here so that the lever is not part of every first load. */
export interface TipRaiseQuestion {
  handFile: HandFile;
  /** Milliseconds since 1970. */
  now: number;
}

export type WorkerAnswer = { number: number } & ({ advice: Advice } | { tipRaise: TipRaiseStart });
