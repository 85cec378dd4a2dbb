import type { RankedCause } from './judgeFindings';
import { NUMBERS } from './knowledge';

/**
 * What is worked on: what comes first, and then each time the best answer to what is left unexplained. Two answers to
 * the same signs would be one correction said twice, and an answer that is not likely is left unsaid.
 *
 * @param most two in a lesson; a letter may make four points
 */
export function worksOn(ranked: readonly RankedCause[], most = 2): RankedCause[] {
  const [first] = ranked;
  if (!first) return [];
  const chosen = [first];
  while (chosen.length < most) {
    const explained = new Set(chosen.flatMap(({ explains }) => explains));
    const next = ranked.find(
      ({ explains, posterior }) =>
        posterior >= NUMBERS.secondFrom && explains.some((sign) => !explained.has(sign)),
    );
    if (!next) break;
    chosen.push(next);
  }
  return chosen;
}
