import type { Finding } from './findings';

/** The sign of a hold that was right at first and is wrong later. */
export const TENSES_OVER_TIME = 'tensesOverTime';

/**
 * What is found at the end of a lesson, seen against its start. Signs that came up since are no placement faults but one
 * sign of a hand that tires, and stand together as that; what was wrong from the start stays what it is.
 *
 * @param start findings of the look at the start of the same lesson
 */
export function sinceStart(start: readonly Finding[], end: readonly Finding[]): Finding[] {
  const cameUp = signsSinceStart(start, end);
  if (cameUp.length === 0) return [...end];
  return [
    ...end.filter(({ sign }) => !cameUp.includes(sign) && sign !== TENSES_OVER_TIME),
    { sign: TENSES_OVER_TIME, present: true, group: TENSES_OVER_TIME },
  ];
}

/** Signs that were absent at the start and are there at the end. */
export const signsSinceStart = (start: readonly Finding[], end: readonly Finding[]): string[] =>
  end
    .filter(({ sign, present }) => present && start.some((f) => f.sign === sign && !f.present))
    .map(({ sign }) => sign);
