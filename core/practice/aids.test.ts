import { aidById, aidPlan, AIDS } from './aids';

describe('aids', () => {
  it('end in being without', () => {
    for (const { steps } of AIDS) expect(steps.at(-1)).toBe('without');
    expect(() => aidById('crutch')).toThrow('crutch');
  });

  it('spread the steps of doing without over the time, the last on the day to be without', () => {
    expect(aidPlan(aidById('soft-grip'), 100, 114)).toEqual([104, 107, 111, 114]);
    expect(aidPlan(aidById('finger-marks'), 100, 101)).toEqual([101, 101]);
  });
});
