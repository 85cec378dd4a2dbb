import type { RankedCause } from './judgeFindings';

/**
 * At most two things to work on: what comes first, and the best answer to what the first one leaves unexplained. Two
 * answers to the same signs would be one correction said twice.
 */
export function worksOn(ranked: readonly RankedCause[]): RankedCause[] {
  const [first] = ranked;
  if (!first) return [];
  const second = ranked.find(({ explains }) =>
    explains.some((sign) => first.leaves.includes(sign)),
  );
  return second ? [first, second] : [first];
}
