import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays';
import type { StudentListItem } from '@open-palm/contract';

/** A hold not looked at for a week is due. Simple for now: the schedule by how the hold stands comes with tracking. */
const DUE_AFTER_DAYS = 7;

/** Parts students into those due for a look, longest wait first, and the others, latest look first. */
export function partByDue(
  students: readonly StudentListItem[],
  now: Date,
): { due: StudentListItem[]; recent: StudentListItem[] } {
  const waited = ({ lastCheckAt }: StudentListItem) =>
    lastCheckAt === null ? Infinity : differenceInCalendarDays(now, new Date(lastCheckAt));
  const sorted = [...students].sort((a, b) => {
    const difference = waited(b) - waited(a);
    return Number.isNaN(difference) ? 0 : difference;
  });
  return {
    due: sorted.filter((item) => waited(item) >= DUE_AFTER_DAYS),
    recent: sorted.filter((item) => waited(item) < DUE_AFTER_DAYS).reverse(),
  };
}
