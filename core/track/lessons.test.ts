import { FAMILIES, type Context, type Family, type Standing } from '../measure';
import { byLesson } from './lessons';
import { trackChecks } from './trackChecks';
import type { TrackedCheck } from './trackedCheck';

const all = (standing: Standing): Record<Family, Standing> =>
  Object.fromEntries(FAMILIES.map((family) => [family, standing])) as Record<Family, Standing>;

const check = (
  day: number,
  context: Context,
  value: number,
  more: Partial<TrackedCheck> = {},
): TrackedCheck => ({
  day,
  context,
  standings: all('in'),
  measures: { thumbIpFlexion: { family: 'thumb', value, band: { lo: 20, hi: 60 }, sem: 5 } },
  ...more,
});

describe('looks by lesson', () => {
  it('count a day once, by its start, however many looks there were', () => {
    const [lesson, ...more] = byLesson([
      check(1, 'playing-end', 25),
      check(1, 'playing-start', 40),
      check(1, 'free', 50),
    ]);
    expect(more).toEqual([]);
    expect(lesson!.measures.thumbIpFlexion!.value).toBe(40);
  });

  it('see in a later look of the day what the first did not', () => {
    const [lesson] = byLesson([
      check(1, 'free', 40, { standings: { ...all('notSeen'), thumb: 'in' } }),
      check(1, 'free', 5, {
        standings: { ...all('out'), thumb: 'out' },
        measures: { wristFlexion: { family: 'wrist', value: 50, band: { hi: 30 }, sem: 5 } },
      }),
    ]);
    expect(lesson!.standings).toEqual({ ...all('out'), thumb: 'in' });
    expect(Object.keys(lesson!.measures).sort()).toEqual(['thumbIpFlexion', 'wristFlexion']);
  });

  it('take an end look for the lesson only where nothing else was looked at', () => {
    expect(byLesson([check(1, 'playing-end', 25)])[0]!.measures.thumbIpFlexion!.value).toBe(25);
  });

  it('do not settle a hold after two lessons with a look at their start and their end each, nor after four looks on a day', () => {
    const twoLessons = [0, 7].flatMap((day) => [
      check(day, 'playing-start', 40),
      check(day, 'playing-end', 40),
    ]);
    const { schedule } = trackChecks(twoLessons);
    expect(schedule).toMatchObject({ settled: false, goodInRow: 2, intervalDays: 14 });
    const oneDay = [40, 41, 42, 40].map((value) => check(3, 'free', value));
    expect(trackChecks(oneDay).schedule).toMatchObject({ settled: false, goodInRow: 1, dueDay: 6 });
  });

  it('hold the end against the start, and tell nothing lost that only tires', () => {
    const lessons = [0, 7, 14, 21, 28, 35].flatMap((day) => [
      check(day, 'playing-start', 40),
      check(day, 'playing-end', 8, { standings: { ...all('in'), thumb: 'out' } }),
    ]);
    const track = trackChecks(lessons);
    expect(track.schedule).toMatchObject({ settled: true, last: 'good' });
    expect(track.stamina).toMatchObject([{ lessons: 6, drop: -32, change: 'realChange' }]);
    // From lesson to lesson nothing has changed.
    expect(track.changes).toMatchObject([{ from: 40, to: 40, code: 'noRealChange' }]);
  });
});
