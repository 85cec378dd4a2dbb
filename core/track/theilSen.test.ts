import fc from 'fast-check';
import { TheilSenRegression } from 'ml-regression-theil-sen';
import { linearRegression } from 'simple-statistics';
import { seededNormal } from '../stats';
import { NORRIS } from './testing/norris';
import { theilSen } from './theilSen';

describe('theilSen', () => {
  it('finds a slope worked by hand, whatever one odd value does', () => {
    const points = [0, 1, 2, 3, 4].map((at) => ({ at, value: 2 + 3 * at }));
    expect(theilSen(points)).toMatchObject({ slope: 3, intercept: 2 });
    points[4]!.value = 500;
    expect(theilSen(points)!.slope).toBe(3);
  });

  it('agrees with a reference package on noisy series', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 10_000 }),
        fc.integer({ min: 0, max: 8 }),
        (seed, k) => {
          // Odd numbers of values and of pairs: the package takes one of two middle ones, and not their mean.
          const n = 7 + 4 * k;
          const normal = seededNormal(seed);
          const points = Array.from({ length: n }, (_, at) => ({ at, value: 0.4 * at + normal() }));
          const { slope, intercept } = new TheilSenRegression(
            points.map(({ at }) => at),
            points.map(({ value }) => value),
          );
          const ours = theilSen(points)!;
          expect(ours.slope).toBeCloseTo(slope, 9);
          expect(ours.intercept).toBeCloseTo(intercept, 9);
        },
      ),
    );
  });

  it('goes through the 36 points of NIST’s Norris like the certified least-squares line', () => {
    // The package's own line shows that the points are NIST's.
    const { m, b } = linearRegression(NORRIS.points.map(({ at, value }) => [at, value]));
    expect(m).toBeCloseTo(NORRIS.slope, 10);
    expect(b).toBeCloseTo(NORRIS.intercept, 10);
    const { slope, interval } = theilSen(NORRIS.points)!;
    expect(Math.abs(slope - NORRIS.slope)).toBeLessThan(0.001);
    expect(interval![0]).toBeLessThan(NORRIS.slope);
    expect(interval![1]).toBeGreaterThan(NORRIS.slope);
  });

  it('has an interval that holds the true slope nineteen times in twenty', () => {
    const normal = seededNormal(5);
    let held = 0;
    for (let i = 0; i < 600; i += 1) {
      const points = Array.from({ length: 15 }, (_, at) => ({ at, value: 0.2 * at + normal() }));
      const [lo, hi] = theilSen(points)!.interval!;
      if (lo <= 0.2 && hi >= 0.2) held += 1;
    }
    expect(held / 600).toBeGreaterThan(0.92);
    expect(held / 600).toBeLessThan(0.99);
  });

  it('has no interval for three values, and nothing for values of one moment', () => {
    const few = [0, 1, 2].map((at) => ({ at, value: at }));
    expect(theilSen(few)!.interval).toBeNull();
    expect(
      theilSen([
        { at: 1, value: 1 },
        { at: 1, value: 5 },
      ]),
    ).toBeNull();
  });
});
