import type { Cause } from './judgeSchema';
import { DRILLS } from './knowledge';

/** A cause's drills; those that load the little finger are taken off while something hurts. */
export const drillsOf = ({ drills }: Pick<Cause, 'drills'>, isHurting: boolean): string[] =>
  drills.filter(
    (id) => !isHurting || !DRILLS.some((drill) => drill.id === id && drill.loadsLittleFinger),
  );
