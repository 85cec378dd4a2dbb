import { keyOf, type Entry } from './entry';
import { isShipped } from '@open-palm/records/holds';

/** Keys of what an entry refers to: it waits for these, and for nothing else. */
export function needsOf(entry: Entry): string[] {
  const student = (id: string) => keyOf({ kind: 'student', id });
  const hold = (id: string) => (isShipped(id) ? [] : [keyOf({ kind: 'hold', id })]);
  switch (entry.kind) {
    case 'student':
      return entry.body.setups.flatMap(({ holdId }) => hold(holdId));
    case 'letter':
      return [keyOf({ kind: 'check', id: entry.id })];
    case 'hold':
      return [];
    case 'group':
      return Object.keys(entry.body.members).map(student);
    case 'walk':
      return [
        keyOf({ kind: 'group', id: entry.body.groupId }),
        ...new Set(entry.body.marks.map(({ studentId }) => student(studentId))),
      ];
    case 'check': {
      const { relaxedHandId, holdId } = entry.body.grip;
      const relaxed =
        relaxedHandId === null ? [] : [keyOf({ kind: 'relaxedHand', id: relaxedHandId })];
      return [student(entry.body.studentId), ...hold(holdId), ...relaxed];
    }
    default:
      return [student(entry.body.studentId)];
  }
}

/**
 * Whether everything that an entry refers to has arrived, as far as this device knows. A student who is known to the studio and only
 * waits to be changed holds nothing up.
 */
export const hasArrived = (entry: Entry, all: readonly Entry[]): boolean => {
  const needs = needsOf(entry);
  return !all.some((other) => needs.includes(keyOf(other)) && other.basedOn === 0);
};
