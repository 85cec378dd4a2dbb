import type { Hold } from '../holds';
import type { Cause, JudgeNumbers } from './judgeSchema';

/** How often a cause was the one, out of the checks in which it could have been. */
export interface CauseHistory {
  confirmed: number;
  checks: number;
}

/**
 * How probable a cause is before anything is seen: the usual prior, a larger one for the commonest on this bow, and
 * what this student's checks have shown, as a Beta distribution in which the prior weighs ten checks.
 */
export function priorOf(
  { id, commonestOn }: Cause,
  { bow }: Pick<Hold, 'bow'>,
  history: Readonly<Record<string, CauseHistory>>,
  { prior, priorOfCommonest, pseudoChecks }: JudgeNumbers,
): number {
  const usual = commonestOn?.includes(bow) ? priorOfCommonest : prior;
  const { confirmed, checks } = history[id] ?? { confirmed: 0, checks: 0 };
  return (usual * pseudoChecks + confirmed) / (pseudoChecks + checks);
}
