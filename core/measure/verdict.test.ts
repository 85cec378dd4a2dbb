import fc from 'fast-check';
import { jStat } from 'jstat';
import { bandProbabilities, canDecide, NARROWEST_BAND_SD, verdictAgainst } from './verdict';

const BAND = { lo: 20, hi: 60 };

describe('verdict against a band', () => {
  it('needs to be 80 % sure', () => {
    expect(verdictAgainst(38, 5, BAND)).toBe('in');
    expect(verdictAgainst(4, 6, BAND)).toBe('low');
    expect(verdictAgainst(80, 6, BAND)).toBe('high');
    expect(verdictAgainst(20, 5, BAND)).toBe('unsure');
  });

  it('turns at 0.8416 SD from an edge, the normal 80 % point', () => {
    expect(verdictAgainst(20 - 0.842 * 5, 5, BAND)).toBe('low');
    expect(verdictAgainst(20 - 0.841 * 5, 5, BAND)).toBe('unsure');
    expect(verdictAgainst(20 + 0.842 * 5, 5, { lo: 20 })).toBe('in');
    expect(verdictAgainst(20 + 0.841 * 5, 5, { lo: 20 })).toBe('unsure');
  });

  it('takes an open end as never out', () => {
    expect(verdictAgainst(500, 1, { lo: 25 })).toBe('in');
    expect(verdictAgainst(-500, 1, { hi: 25 })).toBe('in');
  });

  it("agrees with jstat's normal distribution and adds up to 1", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -100, max: 150, noNaN: true }),
        fc.double({ min: 0.1, max: 40, noNaN: true }),
        (value, sd) => {
          const { low, inside, high } = bandProbabilities(value, sd, BAND);
          expect(low).toBeCloseTo(jStat.normal.cdf(20, value, sd), 6);
          expect(high).toBeCloseTo(1 - jStat.normal.cdf(60, value, sd), 6);
          expect(low + inside + high).toBeCloseTo(1, 9);
        },
      ),
    );
  });

  it('knows when a picture can never say "in": the band is narrower than 2.563 SD', () => {
    expect(canDecide(40 / NARROWEST_BAND_SD - 0.01, BAND)).toBe(true);
    expect(canDecide(40 / NARROWEST_BAND_SD + 0.01, BAND)).toBe(false);
    expect(verdictAgainst(40, 40 / 2.6, BAND)).toBe('in');
    expect(verdictAgainst(40, 40 / 2.5, BAND)).toBe('unsure');
    expect(canDecide(1000, { lo: 20 })).toBe(true);
  });
});
