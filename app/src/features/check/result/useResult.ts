import { useMemo } from 'react';
import { lookFitsOf } from '@open-palm/core/fit';
import { measureCheck } from '@open-palm/core/measure';
import { useFit } from '../fit/useFit';
import type { LookFacts } from '../look/useLookFacts';
import { useSampledBreakdown } from '../useSampledBreakdown';

/** What a look says: the hand that fits its pictures, and every measure. */
export function useResult({ look, hold, hand }: Pick<LookFacts, 'look' | 'hold' | 'hand'>) {
  const fit = useFit(look, hold, hand);
  const fits = useMemo(
    () =>
      fit.state.kind === 'fits'
        ? lookFitsOf(fit.state.fits.filter(({ captures }) => captures.length > 1))
        : [],
    [fit.state],
  );
  const firstOrder = useMemo(
    () => measureCheck(look, hold, hand, undefined, fits),
    [look, hold, hand, fits],
  );
  return { fit, ...useSampledBreakdown(look, hold, hand, fits, firstOrder) };
}

export type Result = ReturnType<typeof useResult>;
