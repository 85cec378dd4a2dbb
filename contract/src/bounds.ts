import { z } from 'zod';
import { problemText } from '@open-palm/core/problem';

/** What is taken at all: beyond it a date, a number or a text is a mistake, and would make others unreadable. */
const FIRST_YEAR = 1900;
const LAST_YEAR = 2200;

const withinYears = (text: string): boolean => {
  const year = new Date(text).getUTCFullYear();
  return year >= FIRST_YEAR && year <= LAST_YEAR;
};

const yearsError = problemText('year', { first: FIRST_YEAR, last: LAST_YEAR });

/** A moment with its offset, as 2026-11-26T16:00:00+01:00. */
export const instantSchema = z.iso
  .datetime({ offset: true, error: problemText('moment') })
  .max(40)
  .refine(withinYears, yearsError);

/** A day of a calendar, as 2026-11-26. */
export const dateSchema = z.iso.date(problemText('date')).refine(withinYears, yearsError);

const between = (least: number, most: number) => z.number().min(least).max(most);

/** A place in a picture, px; points may lie a little outside of it. */
export const placePxSchema = between(-100_000, 100_000);

/** A doubt of any kind, in the unit of what is doubted. */
export const sdSchema = between(0, 100_000);
export const positiveSdSchema = z.number().positive().max(100_000);

/** A length of a hand or a bow, mm; what is not above zero is told where it is used. */
export const lengthMmSchema = between(-10_000, 10_000);

/** A measured value in whatever unit: degrees, mm, joints, shares. */
export const valueSchema = between(-100_000, 100_000);

/** Seconds of a take; they may count from anywhere. */
export const secondsSchema = between(-10_000_000, 10_000_000);

/** An id in our own lists: of a hold, a setting, an option, a category. */
export const nameSchema = z.string().min(1).max(80);
