import { useEffect, useState } from 'react';
import type { HandFacts } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { CheckBreakdown, Look, LookFit } from '@open-palm/core/measure';
import { openBreakdown } from '../../foundation/workers/openWorkers';

/**
 * The breakdown with its doubts drawn in a worker. Until the worker answers, or where there is none, the first-order
 * breakdown stands: it agrees within a few per cent wherever a measure is smooth.
 */
export function useSampledBreakdown(
  look: Look,
  hold: Hold,
  hand: HandFacts,
  fits: readonly LookFit[],
  firstOrder: CheckBreakdown,
): CheckBreakdown {
  const [sampled, setSampled] = useState<{
    of: Look;
    fits: readonly LookFit[];
    breakdown: CheckBreakdown;
  } | null>(null);
  useEffect(() => {
    const line = openBreakdown();
    void line
      .ask((api) => api.breakdown(look, hold, hand, fits))
      .then((breakdown) => breakdown && setSampled({ of: look, fits, breakdown }))
      // Without it the first-order breakdown stands.
      .catch(() => undefined);
    return () => line.close();
  }, [look, hold, hand, fits]);
  return sampled && sampled.of === look && sampled.fits === fits ? sampled.breakdown : firstOrder;
}
