import type { RankedCause } from './judgeFindings';
import { NUMBERS } from './knowledge';

/**
 * At most two things to work on: what comes first, and the best answer to what the first one leaves unexplained. Two
 * answers to the same signs would be one correction said twice, and a second answer that is not likely is left unsaid.
 */
export function worksOn(ranked: readonly RankedCause[]): RankedCause[] {
  const [first] = ranked;
  if (!first) return [];
  const second = ranked.find(
    ({ explains, posterior }) =>
      posterior >= NUMBERS.secondFrom && explains.some((sign) => first.leaves.includes(sign)),
  );
  return second ? [first, second] : [first];
}
