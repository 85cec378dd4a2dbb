import fc from 'fast-check';
import { FAMILIES, type Family, type Standing } from '../measure';
import type { LessonSeen } from './evidence/holdBelief';
import { lookSchedule } from './lookSchedule';
import { staminaOf } from './stamina';

const all = (standing: Standing): Record<Family, Standing> =>
  Object.fromEntries(FAMILIES.map((family) => [family, standing])) as Record<Family, Standing>;
const GOOD = all('in');
/** A lesson in which everything was seen by eye. */
const look = (day: number, standings: Record<Family, Standing> = GOOD): LessonSeen => ({
  day,
  standings,
  measures: {},
});

describe('lookSchedule', () => {
  it('asks later and later after good looks, each taken when it was due', () => {
    const looks: LessonSeen[] = [];
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

  const good = [0, 3, 10, 24].map((day) => look(day));
  const thumbOut = { ...GOOD, thumb: 'out' as const };

  it('is settled after four lessons that together are sure of every family', () => {
    expect(lookSchedule(good.slice(0, 3)).settled).toBe(false);
    expect(lookSchedule(good)).toMatchObject({ settled: true, goodInRow: 4 });
    for (const probability of Object.values(lookSchedule(good).families)) {
      expect(probability).toBeGreaterThan(0.98);
    }
  });

  it('takes one bad day of a settled hold for one bad day, and looks again at once', () => {
    const schedule = lookSchedule([...good, look(52, thumbOut)]);
    expect(schedule).toMatchObject({
      last: 'outOnce',
      settled: true,
      goodInRow: 0,
      intervalDays: 3,
      dueDay: 55,
    });
  });

  it('tells a lapse when it stays out, and begins to count anew', () => {
    const lessons = [...good, ...[52, 59].map((day) => look(day, thumbOut))];
    const schedule = lookSchedule(lessons);
    expect(schedule).toMatchObject({ last: 'lapse', settled: false, goodInRow: 0, dueDay: 62 });
    expect(schedule.families.thumb).toBeLessThan(0.35);
    expect(schedule.families.wrist).toBeGreaterThan(0.98);
    // Good again: not settled before four lessons say so.
    const back = [66, 73, 80].map((day) => look(day));
    expect(lookSchedule([...lessons, ...back]).settled).toBe(false);
    expect(lookSchedule([...lessons, ...back, look(87)]).settled).toBe(true);
  });

  it('never calls a look good in which something was out', () => {
    expect(lookSchedule([look(0, thumbOut)]).last).toBe('notYet');
    expect(lookSchedule([look(0), look(3, thumbOut)]).last).not.toBe('good');
  });

  it('counts the time that really passed before a late look that was good', () => {
    expect(lookSchedule([look(0), look(20)]).intervalDays).toBe(28);
  });

  it('keeps the interval where a family was never told, and counts how often', () => {
    const unsure = { ...GOOD, wrist: 'unsure' as const };
    const days = [look(0, unsure), look(3, unsure), look(10, unsure)];
    expect(lookSchedule(days)).toMatchObject({ last: 'unsure', intervalDays: 3, unsureInRow: 3 });
    expect(lookSchedule([...days, look(17, unsure), look(24, unsure)]).settled).toBe(false);
  });

  it('takes nothing from a good hold because one picture of it is unsure', () => {
    const unsure = { ...GOOD, wrist: 'unsure' as const };
    expect(lookSchedule([...good, look(52, unsure)])).toMatchObject({ last: 'good', goodInRow: 5 });
  });

  it('begins anew what other bands judge, and calls nothing lost by them', () => {
    const numbers = (value: number) => ({
      thumbIpFlexion: { family: 'thumb' as const, value, band: { lo: 20, hi: 60 }, sem: 5 },
    });
    const lessons = [0, 7, 14, 21, 28, 35, 42].map((day, i) => ({
      ...look(day, i < 4 ? GOOD : thumbOut),
      measures: numbers(i < 4 ? 40 : 5),
    }));
    expect(lookSchedule(lessons.slice(0, 6)).last).toBe('lapse');
    const newBands = [{ day: 28, series: ['thumbIpFlexion'] }];
    expect(lookSchedule(lessons.slice(0, 6), { newBands }).last).toBe('notYet');
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

describe('a row that is walked', () => {
  const seen = (day: number, context: 'row' | 'free', thumb: 'in' | 'out' = 'in') => ({
    day,
    context,
    standings: { thumb, fingers: 'in', little: 'in', wrist: 'in' } as const,
    measures: {},
  });
  const weeks = (count: number, context: 'row' | 'free') =>
    Array.from({ length: count }, (_, i) => seen(i * 7, context));

  it('never settles a hold by itself, however often all was fine', () => {
    expect(lookSchedule(weeks(12, 'free')).settled).toBe(true);
    const { settled, goodInRow, dueDay } = lookSchedule(weeks(12, 'row'));
    expect({ settled, goodInRow, dueDay }).toEqual({
      settled: false,
      goodInRow: 0,
      dueDay: 11 * 7 + 21,
    });
  });

  it('does not put off a look that was planned, and brings one nearer where something was out', () => {
    const planned = lookSchedule(weeks(6, 'free'));
    const fine = lookSchedule([...weeks(6, 'free'), seen(40, 'row')]);
    expect([fine.dueDay, fine.settled]).toEqual([planned.dueDay, true]);
    const out = lookSchedule([...weeks(6, 'free'), seen(40, 'row', 'out')]);
    expect(out).toMatchObject({ last: 'outOnce', dueDay: 43, settled: true });
  });

  it('says less than a look by eye', () => {
    const [row, look] = (['row', 'free'] as const).map(
      (context) => lookSchedule([seen(0, context)]).families.thumb!,
    );
    expect(row!).toBeCloseTo(2 / 3, 9);
    expect(look!).toBeCloseTo(5 / 6, 9);
  });
});
