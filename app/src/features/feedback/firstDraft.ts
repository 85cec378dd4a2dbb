import { openHurts, type Check, type LetterInput, type Student } from '@open-palm/contract';
import { drillsOf, worksOn, type Cause, type Judgement } from '@open-palm/core/judge';
import type { LessonLog } from '../../api/lessonLog';
import { cueWords } from '../../judgement/CueTry';
import { ladderPlace } from '../../judgement/lesson';
import { aspectWords, presentSigns } from '../../judgement/signWords';
import { strings } from '../../strings';
import { dayWords } from '../../strings/dateWords';

const words = strings.feedback;

/** A letter makes so many points at first. [practice] */
const POINTS = 4;

/** A letter to begin with: what holds, then the points in order of what would get in the way later. */
export function firstDraft(
  check: Check,
  student: Student,
  judgement: Judgement,
  log: LessonLog,
): LetterInput {
  const ranked = judgement.kind === 'toWorkOn' ? judgement.ranked : [];
  const holds = judgement.kind === 'nothingSeen' ? [] : judgement.holds;
  const points = worksOn(ranked, POINTS).map(({ cause }) => {
    const { cue } = ladderPlace(cause, log.entries, log.ownCues, check.id);
    return words.point(
      strings.causes[cause.id] ?? cause.id,
      cueWords(cue ?? cause.cues[0]!, log.ownCues),
    );
  });
  const practise = practisePoint(ranked[0]?.cause, log);
  if (points.length > 0 && points.length < POINTS && practise !== null) points.push(practise);
  const [firstName = student.name] = student.name.split(' ');
  return {
    title: words.heading(student.name, dayWords(check.takenAt)),
    opening: [
      words.opening(firstName),
      ...(holds.length > 0 ? [words.holds(aspectWords(holds, presentSigns(judgement)))] : []),
    ].join(' '),
    points: points.length > 0 ? points : [words.noPoints],
    closing: words.closing,
    caution: strings.cautions.pain,
    captions: check.captures.map(({ view }) => strings.views[view]),
  };
}

/** What to practise for a cause, if there is something that does not hurt. */
function practisePoint(cause: Cause | undefined, log: LessonLog): string | null {
  const drills = cause ? drillsOf(cause, openHurts(log.entries).length > 0) : [];
  const names = drills.map((id) => strings.drills[id] ?? id);
  return names.length === 0 ? null : words.practise(names.join(', ').toLowerCase());
}
