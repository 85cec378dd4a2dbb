import { format } from 'date-fns/format';
import type { Paper, PaperTerm, TermPoint, TermWords } from '@open-palm/contract';
import { FAMILIES } from '@open-palm/core/measure';
import type { PortraitView } from '@open-palm/core/portrait/views';
import { thenAndNow, type TermTime } from '@open-palm/records/term';
import { dayOfDate } from '@open-palm/records/time';
import { strings } from '../../../foundation/strings';
import { dayWords } from '../../../foundation/strings/dateWords';
import { termWords } from '../../../foundation/strings/term';
import type { FollowedCheck } from '../followed';
import { familyPoints } from '../progressPoints';

const { heads } = termWords;

/** How many looks a chart takes: the newest. */
const MOST_POINTS = 400;
const DAY_MS = 86_400_000;

/**
 * A term's page as it is shown, printed and made a PDF of: one thing for all three.
 *
 * @param looks of the term, oldest first
 */
export function termPaper(
  looks: readonly FollowedCheck[],
  {
    studentId,
    setupId,
    paper,
    view,
    words,
    time,
  }: {
    studentId: string;
    setupId: string;
    paper: Paper;
    view: PortraitView | null;
    words: TermWords;
    time: TermTime;
  },
): PaperTerm {
  const noon = (date: string) => dayWords(`${date}T12:00:00`);
  const ends = [looks[0], looks.at(-1)].map((look) => (look ? dayWords(look.kept.takenAt) : ''));
  return {
    paper,
    studentId,
    setupId,
    view,
    words,
    heads: {
      ...heads,
      dates: heads.dates(noon(time.from), noon(time.until)),
      then: heads.then(ends[0]!),
      now: heads.now(ends[1]!),
      families: strings.families,
    },
    charts: Object.fromEntries(
      FAMILIES.map((family) => [family, pointsOf(looks, family, time)] as const).filter(
        ([, points]) => points.length > 0,
      ),
    ),
    hands: thenAndNow(looks) as PaperTerm['hands'],
  };
}

function pointsOf(
  looks: readonly FollowedCheck[],
  family: (typeof FAMILIES)[number],
  { from, until }: TermTime,
): TermPoint[] {
  const start = dayOfDate(from) * DAY_MS;
  const span = (dayOfDate(until) + 1) * DAY_MS - start;
  return familyPoints(looks, family)
    .slice(-MOST_POINTS)
    .flatMap(({ at, value, sd, state }) =>
      state === 'notSeen'
        ? []
        : [{ at: Math.min(1, Math.max(0, (at - start) / span)), value, sd, state }],
    );
}

/** What the page's file is called: nothing of the student is in it. */
export const termFile = ({ until }: TermTime): string =>
  `term-${format(new Date(`${until}T12:00:00`), 'yyyy-MM-dd')}.pdf`;
