import type { Hold } from '../holds';
import type { AgeBand, Cause, DiagnosisNumbers } from './judgeSchema';

/** How often a cause was the one, out of the checks in which it could have been. */
export interface CauseHistory {
  confirmed: number;
  checks: number;
}

/** What shifts the priors for one student. */
export interface StudentPriors {
  history?: Readonly<Record<string, CauseHistory>>;
  age?: AgeBand | null;
}

/** First year of the age of youths, and of adults. [memory] */
const YOUTH_FROM = 12;
const ADULT_FROM = 18;

/**
 * The age band in a year, by the year of birth; null where that is not known.
 *
 * @example ageBandOf(2014, 2026) // 'youth'
 */
export function ageBandOf(birthYear: number | null, year: number): AgeBand | null {
  if (birthYear === null) return null;
  const age = year - birthYear;
  if (age < YOUTH_FROM) return 'child';
  return age < ADULT_FROM ? 'youth' : 'adult';
}

/**
 * How probable a cause is before anything is seen: the usual prior, a larger one for the commonest on this bow and for
 * what is commoner at this age, and what this student's checks have shown, as a Beta distribution in which the prior
 * weighs ten checks.
 */
export function priorOf(
  { id, commonestOn, commonerAt }: Cause,
  { bow }: Pick<Hold, 'bow'>,
  student: { history: Readonly<Record<string, CauseHistory>>; age: AgeBand | null },
  { prior, priorOfCommonest, priorOfCommonerAtAge, pseudoChecks }: DiagnosisNumbers,
): number {
  const usual = Math.max(
    prior,
    commonestOn?.includes(bow) ? priorOfCommonest : 0,
    student.age !== null && commonerAt?.includes(student.age) ? priorOfCommonerAtAge : 0,
  );
  const { confirmed, checks } = student.history[id] ?? { confirmed: 0, checks: 0 };
  return (usual * pseudoChecks + confirmed) / (pseudoChecks + checks);
}
