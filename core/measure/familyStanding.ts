import type { Breakdown } from './measureCapture';
import { FAMILIES, type Family } from './measureIds';

/** How a family stands: out if anything in it is, else unsure, else in; `notSeen` when nothing was judged. */
export type Standing = 'in' | 'unsure' | 'out' | 'notSeen';

/** The standing of each of the four families in one breakdown. */
export function familyStandings(measures: Breakdown['measures']): Record<Family, Standing> {
  const standings = {} as Record<Family, Standing>;
  for (const family of FAMILIES) {
    const verdicts = measures.filter((m) => m.family === family).map((m) => m.verdict);
    if (verdicts.includes('low') || verdicts.includes('high')) standings[family] = 'out';
    else if (verdicts.includes('unsure')) standings[family] = 'unsure';
    else standings[family] = verdicts.includes('in') ? 'in' : 'notSeen';
  }
  return standings;
}
