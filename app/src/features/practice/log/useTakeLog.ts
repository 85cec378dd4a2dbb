import { useState } from 'react';
import { BadCode } from '@open-palm/card/code';
import type { LogWay, Student } from '@open-palm/contract';
import { plansOf, takeLog } from '@open-palm/records/practice';
import { studioNow } from '../../../foundation/api/clock';
import type { LessonLog } from '../../../foundation/api/lessonLog';
import { useStudents } from '../../../foundation/api/queries';
import { strings } from '../../../foundation/strings';
import { dateWords } from '../../../foundation/strings/dateWords';

const words = strings.practice.log;

/** What came of taking a log in, in words. */
export interface LogTold {
  tone: 'in' | 'out';
  text: string;
}

/** Noon of a day of the calendar, and never later than now. */
const noonOf = (day: string): Date =>
  new Date(Math.min(new Date(`${day}T12:00:00`).getTime(), studioNow().getTime()));

/** Takes logs of a student's cards in: what is new of them is noted, and what hurts is raised on its own day. */
export function useTakeLog(
  student: Pick<Student, 'id'>,
  log: LessonLog,
  today: string,
): { told: LogTold | null; take: (read: () => unknown, via: LogWay) => void; forget: () => void } {
  const students = useStudents().data?.students;
  const [told, setTold] = useState<LogTold | null>(null);
  const out = (text: string) => setTold({ tone: 'out', text });
  const ownerOf = (plan: string): string | null =>
    students?.find(
      (item) => item.student.id !== student.id && plansOf(item.open).some(({ id }) => id === plan),
    )?.student.name ?? null;
  const take = (read: () => unknown, via: LogWay) => {
    let value: unknown;
    try {
      value = read();
    } catch (error) {
      out(words.refused[error instanceof BadCode ? error.why : 'damaged']);
      return;
    }
    const taken = takeLog(value, log.entries, today);
    const day = (on: string) => dateWords(on, studioNow());
    switch (taken.kind) {
      case 'known':
        setTold({ tone: 'in', text: words.nothingNew });
        return;
      case 'refused':
        if (taken.why === 'unknownPlan') {
          const owner = ownerOf(taken.plan);
          out(owner === null ? words.refused.unknownPlan : words.refused.otherStudent(owner));
        } else if (taken.why === 'future' || taken.why === 'before') {
          out(words.refused[taken.why](day(taken.day)));
        } else out(words.refused[taken.why]);
        return;
      case 'taken': {
        void log.add({ kind: 'practised', of: taken.plan.id, via, entries: taken.turns });
        for (const on of taken.hurtOn) {
          void log.add({ kind: 'hurt', what: 'pain', word: null }, noonOf(on));
        }
        const lines = [
          words.taken(taken.turns.length),
          ...(taken.isNewest ? [] : [words.refused.otherPlan]),
          ...taken.hurtOn.map((on) => words.hurt(day(on))),
        ];
        setTold({ tone: taken.hurtOn.length > 0 ? 'out' : 'in', text: lines.join(' ') });
      }
    }
  };
  return { told, take, forget: () => setTold(null) };
}
