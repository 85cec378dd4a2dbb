import fc from 'fast-check';
import { learnEffect, type DrillPeriod } from './learnEffect';

const period = (isImproved: boolean, daysDone = 5): DrillPeriod => ({
  daysPlanned: 6,
  daysDone,
  isImproved,
});
const times = (count: number, one: DrillPeriod) => Array.from({ length: count }, () => one);

describe('what is learned of a drill', () => {
  it('is the table’s effect as long as nothing is known', () => {
    expect(learnEffect(0.4, [])).toEqual({ mean: 0.4, scale: 1, periods: 0, says: null });
  });

  it('moves slowly: four good periods make 0.4 to 0.571, ten bad ones to 0.2', () => {
    expect(learnEffect(0.4, times(4, period(true))).mean).toBeCloseTo(8 / 14, 9);
    expect(learnEffect(0.4, times(10, period(false))).mean).toBeCloseTo(0.2, 9);
  });

  it('says that it seems to help only from three periods and 0.15 above on', () => {
    expect(learnEffect(0.4, times(2, period(true))).says).toBeNull();
    // 0.538 is not yet 0.55.
    expect(learnEffect(0.4, times(3, period(true))).says).toBe('noSignYet');
    expect(learnEffect(0.4, times(4, period(true))).says).toBe('seemsToHelp');
    expect(learnEffect(0.4, times(6, period(false))).says).toBe('noSignYet');
  });

  it('hears nothing of what was not done', () => {
    const idle = times(8, period(true, 2));
    expect(learnEffect(0.4, idle)).toEqual({ mean: 0.4, scale: 1, periods: 0, says: null });
  });

  it('stays between nothing and all, and never falls by a good period', () => {
    const any = fc.array(fc.boolean(), { maxLength: 40 });
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), any, (effect, told) => {
        const periods = told.map((good) => period(good));
        const { mean } = learnEffect(effect, periods);
        expect(mean).toBeGreaterThanOrEqual(0);
        expect(mean).toBeLessThanOrEqual(1);
        expect(learnEffect(effect, [...periods, period(true)]).mean).toBeGreaterThanOrEqual(mean);
      }),
    );
  });
});
