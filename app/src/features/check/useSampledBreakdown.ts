import { useEffect, useState } from 'react';
import type { HandFacts } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { CheckBreakdown, Look, LookFit } from '@open-palm/core/measure';
import type {
  BreakdownAnswer,
  BreakdownQuestion,
} from '../../foundation/workers/breakdownMessages';

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
    const worker = new Worker(
      new URL('../../foundation/workers/breakdown.worker', import.meta.url),
    );
    worker.onmessage = ({ data }: MessageEvent<BreakdownAnswer>) => {
      if (data.breakdown) setSampled({ of: look, fits, breakdown: data.breakdown });
    };
    const question: BreakdownQuestion = { look, hold, hand, fits };
    worker.postMessage(question);
    return () => worker.terminate();
  }, [look, hold, hand, fits]);
  return sampled && sampled.of === look && sampled.fits === fits ? sampled.breakdown : firstOrder;
}
