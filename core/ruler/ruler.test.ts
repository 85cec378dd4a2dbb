import fc from 'fast-check';
import { inverse, Matrix, solve } from 'ml-matrix';
import { seededNormal } from '../stats';
import type { Vec2 } from '../units';
import { applyHomography, fitHomography } from './homography';
import { rulerErrors, type RulerMarks } from './rulerErrors';
import {
  BAR_MM,
  RULER_ORDER,
  RULER_PAGE_MM,
  RULER_POINTS,
  RULER_TRUTH,
  type RulerPoint,
} from './rulerPage';
import { touchDoubt } from './touchDoubt';

/** The page as a pinhole camera sees it: tilted about its middle, so far away, so turned. */
function picture(tiltDeg: number, turnDeg = 0, farMm = 350, focalPx = 1500) {
  const [tilt, turn] = [tiltDeg, turnDeg].map((deg) => (deg * Math.PI) / 180) as [number, number];
  return ({ x, y }: Vec2): Vec2 => {
    const [px, py] = [x - 85, y - 107];
    const across = px * Math.cos(turn) - py * Math.sin(turn);
    const along = px * Math.sin(turn) + py * Math.cos(turn);
    const depth = farMm + along * Math.sin(tilt);
    return {
      x: 960 + (focalPx * across) / depth,
      y: 720 + (focalPx * along * Math.cos(tilt)) / depth,
    };
  };
}

const marksOf = (see: (p: Vec2) => Vec2): RulerMarks =>
  Object.fromEntries(RULER_ORDER.map((name) => [name, see(RULER_POINTS[name])])) as RulerMarks;

function touched(marks: RulerMarks, sdPx: number, seed: number): RulerMarks {
  const normal = seededNormal(seed);
  return Object.fromEntries(
    Object.entries(marks).map(([name, { x, y }]) => [
      name,
      { x: x + sdPx * normal(), y: y + sdPx * normal() },
    ]),
  ) as RulerMarks;
}

describe('the page', () => {
  it('has what it says: five bends, five lengths and a bar, all inside what every paper prints', () => {
    const told = rulerErrors(marksOf((p) => p))!;
    for (const { bendDeg, toldDeg, lengthMm, toldMm } of told.readings) {
      expect(toldDeg).toBeCloseTo(bendDeg, 9);
      expect(toldMm).toBeCloseTo(lengthMm, 9);
    }
    const { bar1, bar2 } = RULER_POINTS;
    expect(Math.hypot(bar1.x - bar2.x, bar1.y - bar2.y)).toBeCloseTo(BAR_MM, 9);
    for (const { x, y } of Object.values(RULER_POINTS)) {
      expect(x).toBeGreaterThanOrEqual(4);
      expect(x).toBeLessThanOrEqual(RULER_PAGE_MM.width - 4);
      expect(y).toBeGreaterThanOrEqual(4);
      expect(y).toBeLessThanOrEqual(RULER_PAGE_MM.height - 4);
    }
    // No two crosses so close that a finger could mean both.
    const all = Object.entries(RULER_POINTS);
    for (const [i, [, a]] of all.entries()) {
      for (const [, b] of all.slice(i + 1)) {
        expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(12);
      }
    }
    expect(RULER_TRUTH).toHaveLength(5);
  });
});

describe('what a picture of it tells', () => {
  it('is nothing but noughts from right above, however the phone is turned', () => {
    fc.assert(
      fc.property(fc.double({ min: -180, max: 180, noNaN: true }), (turn) => {
        const told = rulerErrors(marksOf(picture(0, turn)))!;
        expect(told.bendRmsDeg).toBeLessThan(1e-6);
        expect(told.lengthRmsShare).toBeLessThan(1e-9);
        expect(told.touchPx).toBeLessThan(1e-6);
        expect(told.tiltDeg).toBeLessThan(1e-3);
      }),
      { numRuns: 40 },
    );
  });

  it('is the tilt where the phone was held at an angle, which bends and lengths suffer from and touches do not', () => {
    for (const tilt of [5, 10, 20, 30]) {
      const told = rulerErrors(marksOf(picture(tilt, 33)))!;
      expect(told.tiltDeg).toBeCloseTo(tilt, 0);
      expect(told.touchPx).toBeLessThan(1e-5);
      expect(told.bendRmsDeg).toBeGreaterThan(0.1);
    }
  });

  it('is the scatter of touches, on the average over many', () => {
    for (const sd of [1, 4]) {
      const runs = 120;
      const squares = Array.from({ length: runs }, (_, seed) => {
        const { touchPx } = rulerErrors(touched(marksOf(picture(8, 20)), sd, seed + 1))!;
        return touchPx ** 2;
      });
      const mean = squares.reduce((sum, one) => sum + one, 0) / runs;
      expect(Math.sqrt(mean) / sd).toBeGreaterThan(0.97);
      expect(Math.sqrt(mean) / sd).toBeLessThan(1.03);
    }
  });

  it('is no tilt that clumsy touches alone would show, and is one that they would not', () => {
    const clear = (tilt: number, sd: number) =>
      Array.from({ length: 60 }, (_, seed) =>
        rulerErrors(touched(marksOf(picture(tilt, 50)), sd, seed + 1)),
      ).filter((told) => told!.isTiltClear).length;
    for (const sd of [2, 6, 12]) expect(clear(0, sd)).toBeLessThan(8);
    expect(clear(15, 2)).toBe(60);
    expect(clear(30, 6)).toBe(60);
    expect(rulerErrors(marksOf(picture(6)))!.isTiltClear).toBe(true);
  });

  it('is nothing where crosses were taken for others, or all lie in one place', () => {
    const right = marksOf(picture(5));
    const swapped = { ...right, a1: right.e3, e3: right.a1, b2: right.d1, d1: right.b2 };
    expect(rulerErrors(swapped)).toBeNull();
    const one = { x: 10, y: 10 };
    expect(
      rulerErrors(Object.fromEntries(RULER_ORDER.map((n) => [n, one])) as Record<RulerPoint, Vec2>),
    ).toBeNull();
  });
});

describe('the fitted picture of the page', () => {
  it('is that of a general solver (ml-matrix) where the points are exact', () => {
    const see = picture(25, -40, 300, 1800);
    const four = ['bar1', 'bar2', 'a1', 'b1'] as const;
    const rows: number[][] = [];
    const right: number[] = [];
    for (const name of four) {
      const { x, y } = RULER_POINTS[name];
      const to = see(RULER_POINTS[name]);
      rows.push([x, y, 1, 0, 0, 0, -to.x * x, -to.x * y]);
      rows.push([0, 0, 0, x, y, 1, -to.y * x, -to.y * y]);
      right.push(to.x, to.y);
    }
    const theirs = solve(new Matrix(rows), Matrix.columnVector(right)).to1DArray();
    const ours = fitHomography(
      RULER_ORDER.map((name) => [RULER_POINTS[name], see(RULER_POINTS[name])] as const),
    )!;
    ours.forEach((value, i) => expect(Math.abs(value / theirs[i]! - 1)).toBeLessThan(1e-5));
    // And back again by the inverse of the whole matrix.
    const whole = new Matrix([ours.slice(0, 3), ours.slice(3, 6), [...ours.slice(6), 1]]);
    const seen = applyHomography(ours, { x: 20, y: 30 });
    const [u, v, w] = inverse(whole)
      .mmul(Matrix.columnVector([seen.x, seen.y, 1]))
      .to1DArray() as [number, number, number];
    expect([u / w, v / w].map((mm) => Math.round(mm * 1e6) / 1e6)).toEqual([20, 30]);
  });
});

describe('the doubt of a touch', () => {
  it('follows this device upward, and never falls below the usual one', () => {
    expect(touchDoubt(0.0035, null)).toBe(0.0035);
    expect(touchDoubt(0.0035, 0.001)).toBe(0.0035);
    expect(touchDoubt(0.0035, NaN)).toBe(0.0035);
    // (10 × 0.0035² + 26 × 0.007²) / 36, its root.
    expect(touchDoubt(0.0035, 0.007)).toBeCloseTo(0.006228, 6);
    expect(touchDoubt(0.0035, 5)).toBeLessThan(0.03);
  });
});
