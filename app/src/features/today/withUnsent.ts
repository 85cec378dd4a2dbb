import type { StudentListItem } from '@open-palm/contract';
import type { Entry } from '../../foundation/api/sync/entry';

/** The students with what this device has noted of them and not sent yet: a promise counts from when it is made. */
export function withUnsent(
  students: readonly StudentListItem[],
  unsent: readonly Entry[],
): StudentListItem[] {
  const entries = unsent.flatMap((one) => (one.kind === 'log' ? [one.body] : [])).reverse();
  if (entries.length === 0) return [...students];
  return students.map((item) => {
    const mine = entries.filter(({ studentId }) => studentId === item.student.id);
    return mine.length === 0 ? item : { ...item, open: [...mine, ...item.open] };
  });
}
