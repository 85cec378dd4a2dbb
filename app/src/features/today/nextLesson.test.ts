import { nextLesson } from './nextLesson';
import type { TodayRow } from './teachingDay';

const row = (name: string, at: string | null): TodayRow =>
  ({ item: { student: { id: name } }, lesson: at === null ? null : new Date(at) }) as never;

const day = {
  lessons: [row('Ada', '2026-11-30T15:00:00Z'), row('Ben', '2026-11-30T15:30:00Z')],
  due: [row('Cleo', null)],
  others: [row('Dan', null)],
};
const at = (time: string) => nextLesson(day, new Date(`2026-11-30T${time}:00Z`))?.item.student.id;

it('is the lesson that comes or has just begun, then whoever is due', () => {
  expect(['09:00', '15:10', '15:20', '15:44', '15:46'].map(at)).toEqual([
    'Ada',
    'Ada',
    'Ben',
    'Ben',
    'Cleo',
  ]);
  expect(nextLesson({ lessons: [], due: [], others: day.others }, new Date())).toBeNull();
});
