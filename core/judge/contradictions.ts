import type { Finding } from './findings';
import type { Contradiction } from './judgeSchema';
import { CONTRADICTIONS } from './knowledge';

/** Pairs of signs of which both were said to be seen, though they cannot both be. */
export const contradictionsIn = (findings: readonly Finding[]): Contradiction[] =>
  CONTRADICTIONS.filter(({ signs }) =>
    signs.every((sign) => findings.some((finding) => finding.present && finding.sign === sign)),
  );

/** The findings without those that contradict each other: until a person has said which it was, neither counts. */
export function withoutContradictions(findings: readonly Finding[]): Finding[] {
  const asked = new Set(contradictionsIn(findings).flatMap(({ signs }) => signs));
  return findings.filter(({ sign }) => !asked.has(sign));
}
