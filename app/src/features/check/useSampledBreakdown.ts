import { useEffect, useState } from 'react';
import type { Breakdown, Capture, Context } from '@open-palm/core/measure';
import type { BreakdownAnswer, BreakdownQuestion } from '../../workers/breakdownMessages';

/**
 * The breakdown with its doubts drawn in a worker. Until the worker answers, or where there is none, the first-order
 * breakdown stands: it agrees within a few per cent wherever a measure is smooth.
 */
export function useSampledBreakdown(
  capture: Capture,
  holdId: string,
  context: Context,
  firstOrder: Breakdown,
): Breakdown {
  const [sampled, setSampled] = useState<{ of: Capture; breakdown: Breakdown } | null>(null);
  useEffect(() => {
    const worker = new Worker(new URL('../../workers/breakdown.worker', import.meta.url));
    worker.onmessage = ({ data }: MessageEvent<BreakdownAnswer>) => {
      if (data.breakdown) setSampled({ of: capture, breakdown: data.breakdown });
    };
    const question: BreakdownQuestion = { id: 1, capture, holdId, context };
    worker.postMessage(question);
    return () => worker.terminate();
  }, [capture, holdId, context]);
  return sampled && sampled.of === capture ? sampled.breakdown : firstOrder;
}
