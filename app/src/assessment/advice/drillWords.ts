import { DRILLS } from '@open-palm/core/practice';
import { strings } from '../../foundation/strings';

const OVER_SOFT = new Set(
  DRILLS.filter(({ stages }) => stages[0]!.needs.includes('soft')).map(({ id }) => id),
);

/** Exercises as they are named in a row; last those where the bow may fall, and that they are done over something soft. */
export function drillWords(ids: readonly string[], between: string): string {
  const soft = ids.filter((id) => OVER_SOFT.has(id));
  const ordered = [...ids.filter((id) => !OVER_SOFT.has(id)), ...soft];
  const names = ordered.map((id) => strings.drills[id] ?? id).join(between);
  return soft.length === 0 ? names : strings.overSoft(names, soft.length, soft.length < ids.length);
}
