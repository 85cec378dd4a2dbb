import fc from 'fast-check';
import { jStat } from 'jstat';
import { normalCdf } from './normalCdf';

describe('normalCdf', () => {
  // The usual table of the standard normal distribution (Abramowitz and Stegun, table 26.1). [memory]
  it.each([
    [0, 0.5],
    [1, 0.8413447],
    [1.959964, 0.975],
    [-2.575829, 0.005],
    [4, 0.9999683],
  ])('at %d is %d', (x, p) => expect(normalCdf(x, 0, 1)).toBeCloseTo(p, 6));

  it('agrees with jstat for any mean and spread', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -100, max: 100, noNaN: true }),
        fc.double({ min: -100, max: 100, noNaN: true }),
        fc.double({ min: 0.01, max: 100, noNaN: true }),
        (x, mean, sd) =>
          expect(normalCdf(x, mean, sd)).toBeCloseTo(jStat.normal.cdf(x, mean, sd), 6),
      ),
    );
  });

  it('without spread steps from nothing to everything at the mean', () => {
    expect([normalCdf(0.9, 1, 0), normalCdf(1, 1, 0), normalCdf(1.1, 1, 0)]).toEqual([0, 1, 1]);
  });
});
