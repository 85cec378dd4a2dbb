import type { Hold } from '../holds';
import { DRILLS, isDrillOf } from '../practice/drills';
import type { Cause } from './judgeSchema';

/** A drill that takes away less of a cause is not named with it. [memory] */
const NAMED_FROM = 0.4;
/** More are not read. [practice] */
const MOST = 3;

/**
 * The drills to name with a cause on a hold, what helps most first. What loads the little finger fully, or is not for beginners, is left to
 * a plan, which knows the student.
 */
export const drillsOf = ({ id }: Pick<Cause, 'id'>, hold: Pick<Hold, 'bow' | 'tests'>): string[] =>
  DRILLS.filter(
    (drill) =>
      isDrillOf(drill, hold) &&
      drill.fromLevel === undefined &&
      drill.stages[0]!.load < 2 &&
      (drill.trains[id] ?? 0) >= NAMED_FROM,
  )
    .sort((a, b) => b.trains[id]! - a.trains[id]!)
    .slice(0, MOST)
    .map((drill) => drill.id);
