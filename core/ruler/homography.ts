import { factorise, solveFactored } from '../fit/minimise/cholesky';
import type { Vec2 } from '../units';

/** How a flat page lies in a picture: eight numbers, row by row, the ninth is 1. */
export type Homography = readonly number[];

const SIZE = 8;
/** The weights settle in two; one more costs nothing. */
const ROUNDS = 4;

/**
 * The picture of a flat page that fits points best, in the least squares of the picture: direct linear transform, each equation weighted by
 * the depth of the round before (Hartley & Zisserman, Multiple View Geometry, 2nd ed. 2003, section 4.1 and 4.2; from memory).
 *
 * @param pairs at least four, no three of them in a line
 * @returns null where they lie so that nothing follows
 */
export function fitHomography(
  pairs: readonly (readonly [page: Vec2, seen: Vec2])[],
): Homography | null {
  const page = scaling(pairs.map(([from]) => from));
  const seen = scaling(pairs.map(([, to]) => to));
  const scaled = pairs.map(([from, to]) => [page.apply(from), seen.apply(to)] as const);
  let h: Homography = [1, 0, 0, 0, 1, 0, 0, 0];
  for (let round = 0; round < ROUNDS; round++) {
    const matrix = new Float64Array(SIZE * SIZE);
    const right = new Float64Array(SIZE);
    for (const [{ x, y }, to] of scaled) {
      const weight = 1 / (h[6]! * x + h[7]! * y + 1) ** 2;
      addRow(matrix, right, [x, y, 1, 0, 0, 0, -to.x * x, -to.x * y], to.x, weight);
      addRow(matrix, right, [0, 0, 0, x, y, 1, -to.y * x, -to.y * y], to.y, weight);
    }
    const factor = new Float64Array(SIZE * SIZE);
    if (!factorise(matrix, new Float64Array(SIZE), SIZE, factor)) return null;
    h = [...solveFactored(factor, SIZE, right)];
  }
  const fitted = h;
  return unscaled(fitted, page, seen);
}

/** Where a place of the page is seen. */
export function applyHomography(h: Homography, { x, y }: Vec2): Vec2 {
  const depth = h[6]! * x + h[7]! * y + 1;
  return { x: (h[0]! * x + h[1]! * y + h[2]!) / depth, y: (h[3]! * x + h[4]! * y + h[5]!) / depth };
}

function addRow(
  matrix: Float64Array,
  right: Float64Array,
  row: readonly number[],
  value: number,
  weight: number,
): void {
  for (let i = 0; i < SIZE; i++) {
    right[i]! += weight * row[i]! * value;
    for (let j = 0; j < SIZE; j++) matrix[i * SIZE + j]! += weight * row[i]! * row[j]!;
  }
}

/** Brings points about zero and to a spread of one, without which the equations lose half their digits (Hartley 1997). */
function scaling(points: readonly Vec2[]): {
  x: number;
  y: number;
  by: number;
  apply: (p: Vec2) => Vec2;
} {
  const x = points.reduce((sum, p) => sum + p.x, 0) / points.length;
  const y = points.reduce((sum, p) => sum + p.y, 0) / points.length;
  const spread = points.reduce((sum, p) => sum + Math.hypot(p.x - x, p.y - y), 0) / points.length;
  const by = 1 / (spread || 1);
  return { x, y, by, apply: (p) => ({ x: (p.x - x) * by, y: (p.y - y) * by }) };
}

type Scaling = ReturnType<typeof scaling>;

/** The same in the units that came: what follows scales the page first and the picture last. */
function unscaled(h: Homography, page: Scaling, seen: Scaling): Homography {
  const [a, b, c, d, e, f, g, k] = h as unknown as [
    number,
    number,
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  const s = page.by;
  // Columns: what stands before x, before y, and alone, once x is (x − page.x) s.
  const one = 1 - s * (g * page.x + k * page.y);
  const rows = [
    [s * a, s * b, c - s * (a * page.x + b * page.y)],
    [s * d, s * e, f - s * (d * page.x + e * page.y)],
    [s * g, s * k, one],
  ] as const;
  const [rx, ry, rw] = rows;
  const back = (row: readonly number[], middle: number) =>
    row.map((value, i) => value / seen.by + middle * rw[i]!);
  const full = [...back(rx, seen.x), ...back(ry, seen.y), rw[0], rw[1]];
  return full.map((value) => value / one);
}
