import type { Finding } from './findings';
import type { Contradiction, Sign } from './judgeSchema';
import { CONTRADICTIONS, SIGNS } from './knowledge';

const SIGN = new Map(SIGNS.map((sign) => [sign.id, sign]));

/**
 * Pairs of signs of which both were said to be seen, though at one place of the bow they cannot both be: too low and too
 * high, two categories of the same, and those that are listed.
 */
export function contradictionsIn(findings: readonly Finding[]): Contradiction[] {
  const present = findings.filter((finding) => finding.present);
  const isPresent = (sign: string) => present.some((finding) => finding.sign === sign);
  const opposite = present.flatMap((one, i) =>
    present.slice(i + 1).flatMap((other): Contradiction[] => {
      if (!areAtOnePlace(one, other) || !cannotBoth(one.sign, other.sign)) return [];
      return [{ signs: [one.sign, other.sign], standing: 'practice' }];
    }),
  );
  return [...opposite, ...CONTRADICTIONS.filter(({ signs }) => signs.every(isPresent))];
}

/** The findings without those that contradict each other: until a person has said which it was, neither counts. */
export function withoutContradictions(findings: readonly Finding[]): Finding[] {
  const asked = new Set(contradictionsIn(findings).flatMap(({ signs }) => signs));
  return findings.filter(({ sign }) => !asked.has(sign));
}

/** What was seen at two places of the bow is real at each. */
const areAtOnePlace = ({ at: one = [] }: Finding, { at: other = [] }: Finding): boolean =>
  one.length === 0 || other.length === 0 || one.some((place) => other.includes(place));

function cannotBoth(one: string, other: string): boolean {
  const [a, b] = [SIGN.get(one)?.from, SIGN.get(other)?.from] as [Sign['from'], Sign['from']];
  if (!a || !b || !('measure' in a) || !('measure' in b) || a.measure !== b.measure) return false;
  if ('verdict' in a && 'verdict' in b) return a.verdict !== b.verdict;
  if ('verdict' in a || 'verdict' in b) return false;
  return !a.categories.some((category) => b.categories.includes(category));
}
