import type { Projected } from './camera/projection';
import { cameraFirst } from './hand/layout';
import type { NormalEquations, SparseRow } from './minimise/normalEquations';

/** Beyond about so many SD a point counts less and less: it may be misplaced. [memory] */
const ROBUST_FROM_SD = 3;

/**
 * Charbonnier's loss: squares near 0, straight far off.
 *
 * @example robustCost(1) // 0.9737
 */
export const robustCost = (squares: number): number =>
  2 * ROBUST_FROM_SD ** 2 * (Math.sqrt(1 + squares / ROBUST_FROM_SD ** 2) - 1);

const robustWeight = (squares: number): number => 1 / Math.sqrt(1 + squares / ROBUST_FROM_SD ** 2);

/** How both coordinates of a seen place change with the unknowns. */
export interface PointRows {
  columns: Int32Array;
  x: Float64Array;
  y: Float64Array;
}

/** Adds both residuals of a point, each weighed by how far the point is off. */
export function addPoint(
  equations: NormalEquations,
  dx: number,
  dy: number,
  sd: number,
  { columns, x, y }: PointRows,
): number {
  const squares = (dx * dx + dy * dy) / (sd * sd);
  const weight = Math.sqrt(robustWeight(squares)) / sd;
  for (let i = 0; i < x.length; i += 1) {
    x[i]! *= weight;
    y[i]! *= weight;
  }
  equations.add(dx * weight, { columns, entries: x } satisfies SparseRow);
  equations.add(dy * weight, { columns, entries: y } satisfies SparseRow);
  return robustCost(squares);
}

/** How many of a camera's unknowns move what it sees. */
const LENS_UNKNOWNS = 7;

/** Of a point of the hand: by the hand's unknowns and the camera's. */
export function handRows(
  { xBy, yBy, xByCamera, yByCamera }: Projected,
  columns: Int32Array,
  entries: Float64Array,
  picture: number,
): PointRows {
  const count = columns.length;
  const rows = {
    columns: new Int32Array(count + LENS_UNKNOWNS),
    x: new Float64Array(count + LENS_UNKNOWNS),
    y: new Float64Array(count + LENS_UNKNOWNS),
  };
  rows.columns.set(columns);
  for (let i = 0; i < count; i += 1) {
    const [a, b, c] = [entries[3 * i]!, entries[3 * i + 1]!, entries[3 * i + 2]!];
    rows.x[i] = xBy[0] * a + xBy[1] * b + xBy[2] * c;
    rows.y[i] = yBy[0] * a + yBy[1] * b + yBy[2] * c;
  }
  addLens(rows, count, picture, xByCamera, yByCamera);
  return rows;
}

/** Of a mark on the bow: by the unknown that says where it was set, and the camera's. */
export function bowRows(
  { xBy, yBy, xByCamera, yByCamera }: Projected,
  { column, free }: { column: number; free: 0 | 1 },
  picture: number,
): PointRows {
  const rows = {
    columns: new Int32Array(1 + LENS_UNKNOWNS),
    x: new Float64Array(1 + LENS_UNKNOWNS),
    y: new Float64Array(1 + LENS_UNKNOWNS),
  };
  rows.columns[0] = column;
  rows.x[0] = xBy[free];
  rows.y[0] = yBy[free];
  addLens(rows, 1, picture, xByCamera, yByCamera);
  return rows;
}

function addLens(
  rows: PointRows,
  from: number,
  picture: number,
  x: Float64Array,
  y: Float64Array,
): void {
  for (let i = 0; i < LENS_UNKNOWNS; i += 1) rows.columns[from + i] = cameraFirst(picture) + i;
  rows.x.set(x, from);
  rows.y.set(y, from);
}
