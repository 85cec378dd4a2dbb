import { lessonOnTop, nextLesson } from './nextLesson';
import type { TodayRow } from './teachingDay';

const row = (name: string, at: string | null): TodayRow =>
  ({ item: { student: { id: name } }, lesson: at === null ? null : new Date(at) }) as never;

const day = {
  lessons: [row('Ada', '2026-11-30T15:00:00Z'), row('Ben', '2026-11-30T15:30:00Z')],
  due: [row('Cleo', null)],
  others: [row('Dan', null)],
};
const at = (time: string) => nextLesson(day, new Date(`2026-11-30T${time}:00Z`))?.item.student.id;

it('is the lesson that runs until the next one begins, then whoever is due', () => {
  const times = ['09:00', '14:59', '15:10', '15:29', '15:30', '16:29', '16:30'];
  expect(times.map(at)).toEqual(['Ada', 'Ada', 'Ada', 'Ada', 'Ben', 'Ben', 'Cleo']);
  expect(nextLesson({ lessons: [], due: [], others: day.others }, new Date())).toBeNull();
});

it('goes on to the next lesson after a long gap, and is nobody once the last is over', () => {
  const lessons = [row('Ada', '2026-11-30T10:00:00Z'), row('Ben', '2026-11-30T15:30:00Z')];
  const top = (time: string) =>
    lessonOnTop(lessons, new Date(`2026-11-30T${time}:00Z`))?.item.student.id ?? null;
  expect(['10:30', '11:00', '15:45', '16:30'].map(top)).toEqual(['Ada', 'Ben', 'Ben', null]);
  expect(lessonOnTop([], new Date())).toBeNull();
});
