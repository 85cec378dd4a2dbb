import { seededNormal } from '../stats';
import { driftOf, isOutside } from './drift';
import { ewmaChart } from './ewma';

describe('ewmaChart', () => {
  it('reproduces the handbook’s example point by point', () => {
    // NIST/SEMATECH e-Handbook of Statistical Methods, 6.3.2.4: λ 0.3, target 50, s 2.0539, three standard deviations.
    const values = [
      52.0, 47.0, 53.0, 49.3, 50.1, 47.0, 51.0, 50.1, 51.2, 50.5, 49.6, 47.6, 49.9, 51.3, 47.8,
      51.2, 52.6, 52.4, 53.6, 52.1,
    ];
    const smoothed = [
      50.6, 49.52, 50.56, 50.18, 50.16, 49.21, 49.75, 49.85, 50.26, 50.33, 50.11, 49.36, 49.52,
      50.05, 49.38, 49.92, 50.73, 51.23, 51.94, 51.99,
    ];
    const chart = ewmaChart(values, 50, 2.0539, { limitSd: 3 });
    chart.smoothed.forEach((value, i) =>
      expect(Math.abs(value - smoothed[i]!)).toBeLessThan(0.0051),
    );
    expect(chart.upper).toBeCloseTo(52.588, 3);
    expect(chart.lower).toBeCloseTo(47.412, 3);
    expect(chart.outsideFrom).toBeNull();
  });

  it('tells from which value on a series lies outside', () => {
    const chart = ewmaChart([0, 0, 5, 5, 5], 0, 1);
    expect(chart.outsideFrom).toBe(2);
  });
});

describe('driftOf', () => {
  const SEM = 5;

  it('raises fewer than one in ten settled half-years, and a slide of 2 SEM within eight checks more in 95 %', () => {
    const normal = seededNormal(2026);
    const series = (length: number, slideFrom = Infinity) =>
      Array.from({ length }, (_, i) => {
        const slid = i < slideFrom ? 0 : Math.min(2, (i - slideFrom + 1) / 3);
        return 40 + SEM * (slid + normal());
      });
    const raised = (values: readonly number[]) => values.some((_, i) => isOutside(values, i, SEM));
    const HALF_YEARS = 10_000;
    let falseAlarms = 0;
    for (let i = 0; i < HALF_YEARS; i += 1) {
      if (Array.from({ length: 5 }, () => series(26)).some(raised)) falseAlarms += 1;
    }
    const SLIDES = 4000;
    const found = (before: number) => {
      let count = 0;
      // Six checks of sliding, then eight more.
      for (let i = 0; i < SLIDES; i += 1) if (raised(series(before + 14, before))) count += 1;
      return count / SLIDES;
    };
    const [young, half, long] = [found(8), found(15), found(20)];
    // Straight to the output: the whole suite runs silently, and these figures are asked for.
    process.stdout.write(
      `Measured: drift raised in ${((100 * falseAlarms) / HALF_YEARS).toFixed(1)} % of settled half-years; ` +
        `slides raised after 8 settled checks: ${(100 * young).toFixed(1)} %, after 15: ${(100 * half).toFixed(1)} %, after 20: ${(100 * long).toFixed(1)} %\n`,
    );
    expect(falseAlarms / HALF_YEARS).toBeLessThan(0.1);
    expect(half).toBeGreaterThanOrEqual(0.95);
    expect(long).toBeGreaterThanOrEqual(0.95);
  });

  it('says since when, from where and how far', () => {
    const values = [40, 41, 39, 40, 40, 41, 39, 40, 40, 40, 60, 60, 60, 60];
    const drift = driftOf(values, SEM)!;
    expect(drift.since).toBe(11);
    expect(drift.target).toBeCloseTo(40, 0);
    expect(drift.by).toBeGreaterThan(10);
  });

  it('is silent about a series that came back, and about one that has just begun', () => {
    const back = [40, 40, 40, 40, 40, 40, 40, 40, 62, 62, 40, 40, 40, 40, 40, 40];
    expect(driftOf(back, SEM)).toBeNull();
    expect(driftOf([40, 80, 40, 80, 40, 80], SEM)).toBeNull();
    expect(driftOf([], SEM)).toBeNull();
  });
});
