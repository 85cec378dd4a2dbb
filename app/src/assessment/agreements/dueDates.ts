import { addDays } from 'date-fns/addDays';
import { addMonths } from 'date-fns/addMonths';
import { format } from 'date-fns/format';
import { z } from 'zod';
import type { Lesson } from '@open-palm/contract';
import { nextLessonDate } from '@open-palm/records/time';

export type When = 'lesson' | 'week' | 'month' | 'other';

export const dateOf = (at: Date): string => format(at, 'yyyy-MM-dd');

/** The day that a choice means; what was written for another day, if it is one. */
export function dueDate(
  when: When,
  other: string,
  lesson: Lesson | null,
  now: Date,
): string | null {
  switch (when) {
    case 'lesson':
      return lesson ? nextLessonDate(lesson, dateOf(now)) : dateOf(addDays(now, 7));
    case 'week':
      return dateOf(addDays(now, 7));
    case 'month':
      return dateOf(addMonths(now, 1));
    case 'other':
      return z.iso.date().safeParse(other.trim()).data ?? null;
  }
}

export const daysFrom = (now: Date, days: number): string => dateOf(addDays(now, days));
