import { FAMILIES, specOf, type Family, type MeasureId } from '@open-palm/core/measure';
import type { TermTime } from '@open-palm/records/term';
import { dateOfDay, dayOfDate } from '@open-palm/records/time';
import { dateWords } from '../../../foundation/strings/dateWords';
import { progressWords } from '../../../foundation/strings/progress';
import { termWords } from '../../../foundation/strings/term';
import type { Followed, FollowedCheck } from '../followed';
import { looksIn } from './termTime';

/** What slips now says nothing of a term that ended longer ago, days. */
const STILL_SAYS = 21;

/** The looks that a term is told of: none from before a planned change. */
export function termLooks(
  { checks, restarts }: Pick<Followed, 'checks' | 'restarts'>,
  time: TermTime,
): { looks: FollowedCheck[]; restart: string | null } {
  const [first, last] = [dayOfDate(time.from), dayOfDate(time.until)];
  const anew = restarts.filter(({ day }) => first < day && day <= last).at(-1);
  if (!anew) return { looks: looksIn(checks, time), restart: null };
  const on = dateOfDay(anew.day);
  return {
    looks: looksIn(checks, { ...time, from: on }),
    restart: termWords.restart(
      progressWords.restartWords[anew.why],
      dateWords(on, new Date(`${time.until}T12:00:00`)),
    ),
  };
}

/** Families that slip at the end of a term, themselves or in one of their checkpoints. */
export function driftingIn(
  { standing: { drifts } }: Pick<Followed, 'standing'>,
  { until }: TermTime,
  today: string,
): Family[] {
  if (dayOfDate(today) - dayOfDate(until) > STILL_SAYS) return [];
  const of = (series: string): Family =>
    FAMILIES.find((family) => family === series) ??
    specOf(series.split('@')[0] as MeasureId).family;
  return [...new Set(drifts.map(({ series }) => of(series)))];
}
