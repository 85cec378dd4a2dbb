import type { HistoryCheck } from '@open-palm/contract';
import { familyImproved, type TrackedCheck } from '@open-palm/core/track';
import { calendarDay, dayOfDate } from '../time';
import { trackedCheck } from '../track';
import type { Improved } from './drillHistories';

/** So many days after its lesson a look still tells of a plan. [memory] */
const LATE_DAYS = 7;

/**
 * Whether a family changed for the better over a plan's time: the newest look before its first day against the first from its lesson on.
 *
 * @param checks oldest first
 */
export function improvedOver(checks: readonly HistoryCheck[], timeZone: string): Improved {
  const days = checks.map(({ takenAt }) => calendarDay(takenAt, timeZone));
  const at = (i: number): TrackedCheck => trackedCheck(checks[i]!, timeZone, {});
  return (plan, family) => {
    const [first, lesson] = [dayOfDate(plan.days[0]!.on), dayOfDate(plan.lesson)];
    const before = days.findLastIndex((day) => day < first);
    const after = days.findIndex((day) => day >= lesson && day <= lesson + LATE_DAYS);
    if (before < 0 || after < 0) return null;
    // Another school, size or bow is a new beginning, and no change by practice.
    const grip = ({ grip: { holdId, bowSize } }: HistoryCheck) => `${holdId} ${bowSize}`;
    if (grip(checks[before]!) !== grip(checks[after]!)) return null;
    return familyImproved(at(before), at(after), family);
  };
}
