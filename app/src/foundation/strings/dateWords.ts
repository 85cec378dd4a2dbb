import { differenceInCalendarDays } from 'date-fns/differenceInCalendarDays';
import { format } from 'date-fns/format';
import type { DateStyle } from '@open-palm/contract';
import { chosenSettings } from './chosen';
import { strings } from './index';

/** How each style writes a day with its year, without it, and a month. */
const FORMS: Record<DateStyle, { day: string; short: string; shortest: string; month: string }> = {
  dayFirst: { day: 'd MMMM yyyy', short: 'd MMMM', shortest: 'd MMM', month: 'MMM yyyy' },
  monthFirst: { day: 'MMMM d, yyyy', short: 'MMMM d', shortest: 'MMM d', month: 'MMM yyyy' },
  yearFirst: { day: 'yyyy-MM-dd', short: 'MM-dd', shortest: 'MM-dd', month: 'yyyy-MM' },
};

const formsNow = () => FORMS[chosenSettings()?.dateStyle ?? 'dayFirst'];

/** A day in one of the styles. */
export const styledDay = (day: Date, style: DateStyle): string => format(day, FORMS[style].day);

/** A day as it is read, as the studio writes it: 2 September 2026. */
export const dayWords = (iso: string) => format(new Date(iso), formsNow().day);

/** A moment as it is read, by this device's clock: 2 September 2026, 10:05. */
export const momentWords = (iso: string) => format(new Date(iso), `${formsNow().day}, HH:mm`);

/** A day of the calendar, in short: 2 September, and the year where it is another. */
export function dateWords(date: string, now: Date): string {
  const day = new Date(`${date}T12:00:00`);
  const { short, day: whole } = formsNow();
  return format(day, day.getFullYear() === now.getFullYear() ? short : whole);
}

/** A day at the edge of a chart: 2 Sep; its month where a year is shown: Sep 2026. */
export const axisDay = (at: number | Date, far: boolean): string =>
  format(at, far ? formsNow().month : formsNow().shortest);

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
