import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays';
import { format } from 'date-fns/format';
import { strings } from './index';

/** A day as it is read: 2 September 2026. */
export const dayWords = (iso: string) => format(new Date(iso), 'd MMMM yyyy');

/** A day of the calendar, in short: 2 September, and the year where it is another. */
export function dateWords(date: string, now: Date): string {
  const day = new Date(`${date}T12:00:00`);
  return format(day, day.getFullYear() === now.getFullYear() ? 'd MMMM' : 'd MMMM yyyy');
}

/** How long ago a day was, counted in calendar days. */
export function agoWords(iso: string, now: Date): string {
  const days = differenceInCalendarDays(now, new Date(iso));
  const { ago } = strings;
  if (days <= 0) return ago.today;
  if (days === 1) return ago.yesterday;
  if (days < 14) return ago.days(days);
  if (days < 70) return ago.weeks(Math.round(days / 7));
  return ago.months(Math.round(days / 30));
}
