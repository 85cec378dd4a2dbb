import fc from 'fast-check';
import { scalePlaces } from './valueScale';

describe('a value on what is wanted', () => {
  it('lies in the band where it is in it, and beyond it where it is not', () => {
    const places = (value: number) => scalePlaces(value, 5, { lo: 20, hi: 60 })!;
    expect(places(40).value).toBeCloseTo(0.5);
    expect(places(40).band[0]).toBeCloseTo(0.4 / 1.8);
    const out = places(-10);
    expect(out.value).toBeLessThan(out.band[0]);
    expect(out.doubt[0]).toBeGreaterThan(0);
    expect(places(90).value).toBeGreaterThan(places(90).band[1]);
  });

  it('has a band that reaches the end where it is open', () => {
    expect(scalePlaces(3, 1, { hi: 2 })).toMatchObject({ band: [0, expect.any(Number) as number] });
    expect(scalePlaces(3, 1, { lo: 2 })!.band[1]).toBe(1);
    expect(scalePlaces(3, 1, {})).toBeNull();
  });

  it('keeps value, doubt and band on the line, in their order, for any numbers', () => {
    // Hundredths: a value is at an end of the band or clearly beside it, however numbers round.
    const number = fc.integer({ min: -20_000, max: 20_000 }).map((n) => n / 100);
    const positive = fc.integer({ min: 1, max: 5000 }).map((n) => n / 100);
    fc.assert(
      fc.property(number, positive, number, positive, (value, sd, lo, width) => {
        const { band, doubt, value: at } = scalePlaces(value, sd, { lo, hi: lo + width })!;
        const all = [...band, ...doubt, at];
        expect(Math.min(...all)).toBeGreaterThanOrEqual(-1e-9);
        expect(Math.max(...all)).toBeLessThanOrEqual(1 + 1e-9);
        expect(band[0]).toBeLessThan(band[1]);
        expect(doubt[0]).toBeLessThan(doubt[1]);
        // In or out as the numbers are.
        expect(at >= band[0] - 1e-9 && at <= band[1] + 1e-9).toBe(
          value >= lo - 1e-9 * 400 && value <= lo + width + 1e-9 * 400,
        );
      }),
    );
  });
});
