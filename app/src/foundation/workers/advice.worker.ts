import { expose } from 'comlink';
import type { HandFile } from '@open-palm/contract';
import type { TipRaiseStart } from '@open-palm/core/balance';
import { advise, type Advice, type AdviceFacts, type Finding } from '@open-palm/core/judge';
import { tipRaiseAdvice } from '@open-palm/records/balance';

/** Adapter only: with many signs the posteriors take longer than a frame. */
const api = {
  advise: async (findings: readonly Finding[], facts: AdviceFacts): Promise<Advice> =>
    advise(findings, facts),
  /** Asked here so that the balance is not part of every first load. */
  tipRaise: async (handFile: HandFile, now: Date): Promise<TipRaiseStart> =>
    tipRaiseAdvice(handFile, now),
};

export type AdviceWorker = typeof api;

expose(api);
