const DAY_MS = 86_400_000;

/**
 * The number of a calendar day: whole days from the first of January 1970.
 *
 * @example dayOfDate('1970-01-08') // 7
 */
export const dayOfDate = (date: string): number => Date.parse(`${date}T00:00:00Z`) / DAY_MS;

/**
 * The calendar day with this number, as 2026-11-26.
 *
 * @example dateOfDay(20783) // '2026-11-26'
 */
export const dateOfDay = (day: number): string => new Date(day * DAY_MS).toISOString().slice(0, 10);
