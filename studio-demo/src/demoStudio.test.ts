import { join } from 'node:path';
import { demoStudio } from './demoStudio';

const PICTURES = join(__dirname, '../pictures');
const FIRST = Date.UTC(2026, 10, 29, 10);
const WEEK = Array.from({ length: 7 }, (_, day) => new Date(FIRST + day * 86_400_000));

/** Each student's looks as they came, without ids and days. */
function storiesOn(today: Date): [string, string[]][] {
  const { students, checks } = demoStudio(PICTURES, today, 'Europe/Berlin');
  return students.map(({ id, name }) => [
    name,
    checks
      .filter(({ input }) => input.studentId === id)
      .map(({ input }) => input)
      .sort((a, b) => a.takenAt.localeCompare(b.takenAt))
      .map(({ context, taps, captures }) =>
        JSON.stringify([context, taps, captures.map(({ view }) => view)]),
      ),
  ]);
}

describe('the demo’s students', () => {
  const stories = storiesOn(WEEK[0]!);

  it.each(WEEK.slice(1).map((day) => [day.toISOString().slice(0, 10), day]))(
    'have the same story in the same order on %s, whatever weekday their lesson is on',
    (_, day) => {
      expect(storiesOn(day)).toEqual(stories);
    },
  );

  it('have looks behind them, and none ahead', () => {
    for (const today of WEEK) {
      const { checks } = demoStudio(PICTURES, today, 'Europe/Berlin');
      const ahead = checks.filter(({ input }) => Date.parse(input.takenAt) > today.getTime());
      expect(ahead).toEqual([]);
    }
    expect(stories.flatMap(([, looks]) => looks).length).toBeGreaterThan(200);
  });
});
