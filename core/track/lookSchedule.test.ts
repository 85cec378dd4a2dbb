import fc from 'fast-check';
import { FAMILIES, type Family, type Standing } from '../measure';
import { lookSchedule, type LookedDay } from './lookSchedule';
import { staminaOf } from './stamina';

const all = (standing: Standing): Record<Family, Standing> =>
  Object.fromEntries(FAMILIES.map((family) => [family, standing])) as Record<Family, Standing>;
const GOOD = all('in');
const look = (day: number, standings: Record<Family, Standing> = GOOD): LookedDay => ({
  day,
  standings,
});

describe('lookSchedule', () => {
  it('asks later and later after good looks, each taken when it was due', () => {
    const looks: LookedDay[] = [];
    const intervals: number[] = [];
    let day = 0;
    for (let i = 0; i < 7; i += 1) {
      looks.push(look(day));
      const { intervalDays, dueDay } = lookSchedule(looks);
      intervals.push(intervalDays);
      day = dueDay!;
    }
    expect(intervals).toEqual([3, 7, 14, 28, 56, 56, 56]);
    expect(lookSchedule(looks, { audits: true }).intervalDays).toBe(90);
  });

  it('calls no look good in which nothing was judged', () => {
    const looks = [0, 7, 14, 21].map((day) => look(day, all('none')));
    expect(lookSchedule(looks)).toMatchObject({ settled: false, goodInRow: 0, dueDay: 24 });
  });

  it('is settled after four good looks in a row', () => {
    const good = [0, 3, 10, 24].map((day) => look(day));
    expect(lookSchedule(good.slice(0, 3)).settled).toBe(false);
    expect(lookSchedule(good).settled).toBe(true);
  });

  it('goes back to three days after a lapse', () => {
    const lapsed = { ...GOOD, thumb: 'out' as const };
    const schedule = lookSchedule([look(0), look(3), look(10), look(24, lapsed)]);
    expect(schedule).toMatchObject({ last: 'lapse', goodInRow: 0, intervalDays: 3, dueDay: 27 });
  });

  it('counts the time that really passed before a late look that was good', () => {
    expect(lookSchedule([look(0), look(20)]).intervalDays).toBe(28);
  });

  it('keeps the interval once where it was unsure, and takes the third for a lapse', () => {
    const unsure = { ...GOOD, wrist: 'unsure' as const };
    const days = [look(0), look(3), look(10, unsure)];
    expect(lookSchedule(days)).toMatchObject({ last: 'unsure', intervalDays: 7, unsureInRow: 1 });
    days.push(look(17, unsure));
    expect(lookSchedule(days)).toMatchObject({ intervalDays: 7, unsureInRow: 2 });
    days.push(look(24, unsure));
    expect(lookSchedule(days)).toMatchObject({ last: 'lapse', intervalDays: 3 });
  });

  it('does not count a look at which nothing was seen', () => {
    const looks = [look(0), look(3)];
    expect(lookSchedule([...looks, look(5, all('notSeen'))])).toEqual(lookSchedule(looks));
    expect(lookSchedule([])).toMatchObject({ dueDay: null, last: null });
  });

  it('falls on a lesson day, never before the next lesson', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 8 }),
        fc.integer({ min: 0, max: 6 }),
        (gaps, lessonDay) => {
          let day = 0;
          const looks = gaps.map((gap) => look((day += gap)));
          const { dueDay, intervalDays } = lookSchedule(looks, { lessonDay });
          expect((dueDay! - lessonDay) % 7).toBe(0);
          expect(dueDay!).toBeGreaterThan(day);
          const wished = day + intervalDays;
          const nextLesson = [1, 2, 3, 4, 5, 6, 7]
            .map((i) => day + i)
            .find((d) => (d - lessonDay) % 7 === 0)!;
          expect(dueDay!).toBeGreaterThanOrEqual(nextLesson);
          if (wished > nextLesson) expect(Math.abs(dueDay! - wished)).toBeLessThanOrEqual(3.5);
        },
      ),
    );
  });
});

describe('staminaOf', () => {
  it('finds a small drop real over many lessons and not over one', () => {
    const pair = { start: 40, end: 32 };
    expect(staminaOf([pair], 5)).toEqual({ lessons: 1, drop: -8, change: 'noRealChange' });
    expect(staminaOf([pair, pair, pair, pair], 5)).toMatchObject({ change: 'realChange' });
    expect(staminaOf([], 5)).toBeNull();
  });
});
