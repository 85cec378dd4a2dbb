import { TZDate } from '@date-fns/tz';
import { WEEKDAYS, type Lesson, type Weekday } from '@open-palm/contract/lesson';
import { dateOfDay, dayOfDate } from './days';

/** Day 0 of all day numbers was a Thursday. */
const FIRST_WEEKDAY = WEEKDAYS.indexOf('thursday');

/**
 * A weekday as the schedule of looks wants it: the number of such a day.
 *
 * @example lessonDayOf('thursday') // 0
 */
export const lessonDayOf = (day: Weekday): number => WEEKDAYS.indexOf(day) - FIRST_WEEKDAY;

/**
 * The number of the calendar day that an instant falls on in a time zone.
 *
 * @example calendarDay('2026-11-26T23:30:00Z', 'Europe/Berlin') - calendarDay('2026-11-26T23:30:00Z', 'America/Halifax') // 1
 */
export function calendarDay(instant: string | Date, timeZone: string): number {
  const at = new TZDate(new Date(instant).getTime(), timeZone);
  return Date.UTC(at.getFullYear(), at.getMonth(), at.getDate()) / 86_400_000;
}

/**
 * When the lesson of a calendar day begins.
 *
 * @example lessonOn({ at: '16:00', timeZone: 'Europe/Berlin' }, 20783).toISOString() // '2026-11-26T15:00:00.000Z'
 */
export function lessonOn({ at, timeZone }: Pick<Lesson, 'at' | 'timeZone'>, day: number): Date {
  const [year, month, date] = dateOfDay(day).split('-').map(Number) as [number, number, number];
  const [hour, minute] = at.split(':').map(Number) as [number, number];
  return new Date(new TZDate(year, month - 1, date, hour, minute, timeZone).getTime());
}

/**
 * The weekly lesson that begins on a calendar day of the teacher's, wherever the student is.
 *
 * @param date 2026-11-26, as the teacher's calendar has it
 * @returns null when none does
 */
export function lessonOnDate(lesson: Lesson, date: string, teacherZone: string): Date | null {
  const today = dayOfDate(date);
  for (const day of [today - 1, today, today + 1]) {
    if ((((day - lessonDayOf(lesson.day)) % 7) + 7) % 7 !== 0) continue;
    const begins = lessonOn(lesson, day);
    if (calendarDay(begins, teacherZone) === today) return begins;
  }
  return null;
}

/**
 * The date of the next weekly lesson after a date of the student's calendar.
 *
 * @example nextLessonDate({ day: 'thursday' }, '2026-11-26') // '2026-12-03'
 */
export function nextLessonDate({ day }: Pick<Lesson, 'day'>, date: string): string {
  const from = dayOfDate(date);
  const until = ((((lessonDayOf(day) - from) % 7) + 6) % 7) + 1;
  return dateOfDay(from + until);
}
