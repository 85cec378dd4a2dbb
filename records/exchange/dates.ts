import { TZDate } from '@date-fns/tz';
import type { DateOrder } from '@open-palm/contract/exchange';

const ISO = /^(\d{4})-(\d{1,2})-(\d{1,2})/;
const DOTTED = /^(\d{1,2})\.\s?(\d{1,2})\.\s?(\d{4})/;
const SLASHED = /^(\d{1,2})[/-](\d{1,2})[/-](\d{4})/;
const TIME = /^(?:[T ,]+(\d{1,2}):(\d{2})(?::(\d{2})(?:\.(\d+))?)?)?\s*(Z|[+-]\d{2}:?\d{2})?$/i;

/**
 * The order that a column of dates shows by itself: one of them has a number above twelve.
 *
 * @returns null where every date can be read both ways; `both` where they contradict each other
 * @example dateOrderOf(['13/02/2026', '01/02/2026']) // 'dayFirst'
 */
export function dateOrderOf(cells: readonly string[]): DateOrder | 'both' | null {
  const [first, second] = [1, 2].map((part) =>
    cells.some((cell) => Number(SLASHED.exec(cell)?.[part]) > 12),
  );
  if (first && second) return 'both';
  if (first) return 'dayFirst';
  return second ? 'monthFirst' : null;
}

/** Whether a date needs to be told which of its numbers is the day. */
export const isSlashed = (cell: string): boolean => SLASHED.test(cell);

/**
 * A moment as it is written in tables: 2026-11-26T16:00:00Z, 2026-11-26 16:00, 26.11.2026 16:00, 11/26/2026. Without a zone it is
 * by the clock of the given one; without a time, noon.
 *
 * @returns null for what is no date
 */
export function readMoment(cell: string, order: DateOrder, timeZone: string): string | null {
  const found = ISO.exec(cell) ?? DOTTED.exec(cell) ?? SLASHED.exec(cell);
  if (!found) return null;
  const [year, month, day] = parts(cell, found, order);
  const time = TIME.exec(cell.slice(found[0].length));
  if (!time || !isDay(year, month, day)) return null;
  const [hour, minute, second] = [time[1] ?? '12', time[2] ?? '00', time[3] ?? '00'].map(Number);
  if (hour! > 23 || minute! > 59 || second! > 59) return null;
  const ms = Number((time[4] ?? '0').padEnd(3, '0').slice(0, 3));
  const clock: [number, number, number, number, number, number, number] = [
    year,
    month - 1,
    day,
    hour!,
    minute!,
    second!,
    ms,
  ];
  const zone = time[5];
  if (zone === undefined) return new Date(new TZDate(...clock, timeZone).getTime()).toISOString();
  return new Date(Date.UTC(...clock) - offsetMs(zone)).toISOString();
}

function parts(cell: string, found: RegExpExecArray, order: DateOrder): [number, number, number] {
  const [a, b, c] = found.slice(1, 4).map(Number) as [number, number, number];
  if (ISO.test(cell)) return [a, b, c];
  return DOTTED.test(cell) || order === 'dayFirst' ? [c, b, a] : [c, a, b];
}

const isDay = (year: number, month: number, day: number): boolean => {
  const at = new Date(Date.UTC(year, month - 1, day));
  return at.getUTCMonth() === month - 1 && at.getUTCDate() === day;
};

function offsetMs(zone: string): number {
  if (/^z$/i.test(zone)) return 0;
  const [hours, minutes] = [zone.slice(1, 3), zone.slice(-2)].map(Number);
  return (zone[0] === '-' ? -1 : 1) * (hours! * 60 + minutes!) * 60_000;
}
