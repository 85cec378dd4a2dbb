import { FAMILIES, type Family } from './measureIds';
import type { Verdict } from './verdict';

/**
 * How a family stands: out if anything in it is, else unsure, else in; `none` when there are numbers but nothing to
 * judge them by, `notSeen` when there are none.
 */
export const STANDINGS = ['in', 'unsure', 'out', 'none', 'notSeen'] as const;

export type Standing = (typeof STANDINGS)[number];

/** The standing of each of the four families over these measures. */
export function familyStandings(
  measures: readonly { family: Family; verdict: Verdict }[],
): Record<Family, Standing> {
  const standings = {} as Record<Family, Standing>;
  for (const family of FAMILIES) {
    const verdicts = measures.filter((m) => m.family === family).map((m) => m.verdict);
    if (verdicts.includes('low') || verdicts.includes('high')) standings[family] = 'out';
    else if (verdicts.includes('unsure')) standings[family] = 'unsure';
    else if (verdicts.includes('in')) standings[family] = 'in';
    else standings[family] = verdicts.length > 0 ? 'none' : 'notSeen';
  }
  return standings;
}
