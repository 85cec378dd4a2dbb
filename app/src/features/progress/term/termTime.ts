import type { LogEntry, LogEntryOf } from '@open-palm/contract';
import { dateSchema } from '@open-palm/contract/bounds';
import { dateOfDay, dayOfDate } from '@open-palm/records/time';
import type { TermTime } from '@open-palm/records/term';
import { strings } from '../../../foundation/strings';
import { termWords } from '../../../foundation/strings/term';
import type { FollowedCheck } from '../followed';

/** A term is told of so many days where nothing else says when it began. [practice] */
const TERM_DAYS = 126;
/** A page that was given so long ago, in days, ended the term before. */
const NEW_TERM_DAYS = 21;

/** Pages that were given, the newest first. */
export const pagesGiven = (newestFirst: readonly LogEntry[]): LogEntryOf<'term'>[] =>
  newestFirst.filter((entry) => entry.kind === 'term');

/**
 * The time that a page tells of at first: since the page before, else since the first look that counts, and no longer than a term.
 *
 * @param today 2026-11-26
 */
export function firstTime(
  counted: readonly Pick<FollowedCheck, 'tracked'>[],
  given: readonly Pick<LogEntryOf<'term'>, 'until'>[],
  today: string,
): TermTime {
  const last = dayOfDate(today);
  const before = given.find(({ until }) => last - dayOfDate(until) > NEW_TERM_DAYS);
  const first = Math.max(
    last - TERM_DAYS,
    before ? dayOfDate(before.until) : -Infinity,
    counted[0]?.tracked.day ?? -Infinity,
  );
  return { from: dateOfDay(Math.min(first, last - 1)), until: today };
}

/** Looks of a time. */
export const looksIn = <Look extends Pick<FollowedCheck, 'tracked'>>(
  looks: readonly Look[],
  { from, until }: TermTime,
): Look[] =>
  looks.filter(({ tracked: { day } }) => dayOfDate(from) <= day && day <= dayOfDate(until));

/** Why a time cannot be told of; null where it can. */
export function timeProblem({ from, until }: TermTime, today: string): string | null {
  const isDay = (text: string) => dateSchema.safeParse(text).success;
  if (!isDay(from) || !isDay(until)) return strings.agreements.dateWrong;
  if (until > today) return termWords.dateLater;
  return from < until ? null : termWords.dateOrder;
}
