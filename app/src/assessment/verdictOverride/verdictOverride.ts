import { createContext, useContext } from 'react';
import type { LogEntryOf } from '@open-palm/contract';
import type { MergedMeasure } from '@open-palm/core/measure';

/** How the teacher sees a verdict, where a screen lets them say so. */
export interface VerdictOverrides {
  seen(measure: MergedMeasure): LogEntryOf<'verdict'> | null;
  see(measure: MergedMeasure, verdict: 'in' | 'low' | 'high', word: string | null): void;
}

const OtherEyeContext = createContext<VerdictOverrides | null>(null);

export const VerdictOverrideProvider = OtherEyeContext.Provider;

/** Null where verdicts are only shown. */
export const useVerdictOverrides = () => useContext(OtherEyeContext);
