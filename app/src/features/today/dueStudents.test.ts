import type { StudentListItem } from '@open-palm/contract';
import { partByDue } from './dueStudents';

const NOW = new Date(2026, 10, 25, 9);

const student = (name: string, daysAgo: number | null): StudentListItem =>
  ({
    student: { name },
    lastCheckAt: daysAgo === null ? null : new Date(2026, 10, 25 - daysAgo, 16).toISOString(),
  }) as StudentListItem;

const names = (items: StudentListItem[]) => items.map((item) => item.student.name);

describe('partByDue', () => {
  it('has those never looked at first, then the longest wait; a week makes due', () => {
    const { due, recent } = partByDue(
      [student('six', 6), student('nine', 9), student('never', null), student('seven', 7)],
      NOW,
    );
    expect(names(due)).toEqual(['never', 'nine', 'seven']);
    expect(names(recent)).toEqual(['six']);
  });

  it('has the latest look first among the others, and stays calm with two never looked at', () => {
    const { due, recent } = partByDue(
      [student('a', null), student('b', null), student('three', 3), student('today', 0)],
      NOW,
    );
    expect(names(due)).toEqual(['a', 'b']);
    expect(names(recent)).toEqual(['today', 'three']);
  });
});
