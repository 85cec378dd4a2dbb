import type { StudentListItem } from '@open-palm/contract';
import { nextLessonDate } from '@open-palm/records/time';
import { plansOf } from '@open-palm/records/practice';

/** What of the practice at home a teacher should know today. */
export type PracticeReason =
  /** A log has come since the last look. */
  | { kind: 'log'; madeAt: string }
  /** The plan is over before the next lesson is. */
  | { kind: 'planEnds'; on: string; lesson: string }
  /** Nothing is planned from today on. */
  | { kind: 'noPlan' };

/**
 * What to know of a student's practice, on whichever instrument; nothing while something hurts, because then nothing is practised.
 *
 * @param today 2026-11-26
 * @param isLessonDay whether the lesson is today: then a plan is due that goes on from here
 */
export function practiceReasons(
  { open, student, lastCheckAt }: StudentListItem,
  today: string,
  isLessonDay: boolean,
): PracticeReason[] {
  const [plan] = plansOf([...open].sort((a, b) => (a.madeAt < b.madeAt ? 1 : -1)));
  if (open.some(({ kind }) => kind === 'hurt')) return [];
  const log = open
    .filter((entry) => entry.kind === 'practised' && entry.via === 'card')
    .reduce((newest, { madeAt }) => (madeAt > newest ? madeAt : newest), '');
  const came: PracticeReason[] =
    log !== '' && log > (lastCheckAt ?? '') ? [{ kind: 'log', madeAt: log }] : [];
  if (!plan || plan.lesson <= today) {
    return plan || isLessonDay ? [...came, { kind: 'noPlan' }] : came;
  }
  const lesson = student.lesson && nextLessonDate(student.lesson, today);
  return lesson && plan.lesson < lesson && !isLessonDay
    ? [...came, { kind: 'planEnds', on: plan.lesson, lesson }]
    : came;
}
