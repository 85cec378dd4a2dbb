import type { Check, ReportInput, Student } from '@open-palm/contract';
import type { BowKind } from '@open-palm/core/holds';
import type { Advice } from '@open-palm/core/judge';
import type { LessonLog } from '../../foundation/api/lessonLog';
import { cueWords } from '../../assessment/advice/CueTry';
import { drillWords } from '../../assessment/advice/drillWords';
import { ladderPlace } from '../../assessment/advice/lesson';
import { aspectWords, signSentence } from '../../assessment/advice/signWords';
import { saidFirst } from '../../assessment/advice/whyWords';
import { strings } from '../../foundation/strings';
import { dayWords } from '../../foundation/strings/dateWords';

const words = strings.report;

/** A report makes so many points at first. [practice] */
export const POINTS = 4;

/** A report to begin with: what holds, then the points in order of what would get in the way later. */
export function firstDraft(
  check: Check,
  student: Student,
  advice: Advice,
  log: LessonLog,
  bow: BowKind,
): ReportInput {
  const advised = advice.kind === 'toWorkOn' ? advice.points : [];
  const holds = 'holds' in advice ? advice.holds : [];
  const points = advised.map((point) => {
    const { signs, cause, cues } = point;
    const ladder = { cues, cause: cause?.cause.id ?? null, sign: signs[0] };
    const { cue } = ladderPlace(ladder, log.entries, log.ownCues, check.id);
    return words.point(signSentence(saidFirst(point), bow), cueWords(cue ?? cues[0]!, log.ownCues));
  });
  const drills = drillWords(advised[0]?.drills ?? [], '; ');
  if (points.length > 0 && points.length < POINTS && drills !== '') {
    points.push(words.practise(drills.toLowerCase()));
  }
  const [firstName = student.name] = student.name.split(' ');
  const wrong = advised.flatMap(({ signs }) => signs);
  return {
    title: words.heading(student.name, dayWords(check.takenAt)),
    opening: [
      words.opening(firstName),
      ...(holds.length > 0 ? [words.holds(aspectWords(holds, wrong))] : []),
    ].join(' '),
    points: points.length > 0 ? points : [advice.kind === 'rest' ? words.rest : words.noPoints],
    closing: words.closing,
    caution: strings.cautions.pain,
    captions: check.captures.map(({ view }) => strings.views[view]),
    drawing: { seen: words.drawnSeen, wanted: words.drawnWanted },
  };
}
