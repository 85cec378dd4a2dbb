import { changeBetween, defaultSem, pooledSem, smallestRealChange } from './realChange';

describe('the smallest real change', () => {
  it('is 1.96 · √2 · SEM', () => {
    // Worked by hand: 2.77 times the standard error.
    expect(smallestRealChange(5)).toBeCloseTo(13.859, 3);
    // From memory of J. Weir, J. Strength Cond. Res. 19(1), 2005: an SEM of 17.7 gives a minimal difference of about 49.
    expect(Math.abs(smallestRealChange(17.7) - 49)).toBeLessThan(0.1);
  });

  it('parts a real change from what forming the hold afresh makes', () => {
    expect(changeBetween(20, 33, 5)).toMatchObject({ code: 'noRealChange', by: 13 });
    expect(changeBetween(20, 34, 5)).toMatchObject({ code: 'realChange', by: 14 });
    expect(changeBetween(34, 20, 5)).toMatchObject({ code: 'realChange', by: -14 });
  });

  it('has a default for what is measured, and none for what is only named', () => {
    expect([defaultSem('deg'), defaultSem('mm'), defaultSem('u')]).toEqual([5, 3, 0.15]);
    expect(defaultSem('category')).toBeNull();
  });
});

describe('pooledSem', () => {
  it('pools what single tests scatter by their degrees of freedom', () => {
    // Sums of squares 2 and 8 over 2 + 1 degrees of freedom: √(10/3).
    expect(
      pooledSem([
        [1, 2, 3],
        [10, 14],
      ]),
    ).toBeCloseTo(Math.sqrt(10 / 3), 12);
  });

  it('does not take a difference between tests for scatter', () => {
    expect(
      pooledSem([
        [5, 5],
        [50, 50],
      ]),
    ).toBe(0);
    expect(pooledSem([[5], []])).toBeNull();
  });
});
