import type { Place } from '../picture';

/**
 * The places from which the palm model counts: the middles of the cells of a 24 × 24 grid, two to a cell, then of a
 * 12 × 12 grid, six to a cell. Row by row; the sides of the picture run from 0 to 1.
 *
 * @returns 2016 places
 */
export function palmAnchors(): Place[] {
  return GRIDS.flatMap(({ cells, toACell }) =>
    Array.from({ length: cells * cells * toACell }, (_, i) => {
      const cell = Math.floor(i / toACell);
      return { x: ((cell % cells) + 0.5) / cells, y: (Math.floor(cell / cells) + 0.5) / cells };
    }),
  );
}

const GRIDS = [
  { cells: 24, toACell: 2 },
  { cells: 12, toACell: 6 },
];
