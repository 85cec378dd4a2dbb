/** How one residual changes with the unknowns: only what is not 0 is told. */
export interface SparseRow {
  /** Which unknowns. */
  columns: ArrayLike<number>;
  /** The derivative by each of them. */
  entries: ArrayLike<number>;
}

/**
 * The normal equations of a least-squares problem, gathered residual by residual: `matrix` is JᵀJ (lower triangle, row
 * by row) and `gradient` is Jᵀr.
 */
export class NormalEquations {
  readonly matrix: Float64Array;
  readonly gradient: Float64Array;

  constructor(readonly size: number) {
    this.matrix = new Float64Array(size * size);
    this.gradient = new Float64Array(size);
  }

  clear(): void {
    this.matrix.fill(0);
    this.gradient.fill(0);
  }

  /** Adds one residual with its derivatives. */
  add(residual: number, { columns, entries }: SparseRow): void {
    for (let i = 0; i < columns.length; i += 1) {
      const row = columns[i]!;
      const entry = entries[i]!;
      this.gradient[row]! += entry * residual;
      for (let j = 0; j <= i; j += 1) {
        const column = columns[j]!;
        const at = row >= column ? row * this.size + column : column * this.size + row;
        this.matrix[at]! += entry * entries[j]!;
      }
    }
  }

  /** Adds one residual that depends on one unknown only. */
  addSingle(residual: number, column: number, entry: number): void {
    this.gradient[column]! += entry * residual;
    this.matrix[column * this.size + column]! += entry * entry;
  }
}
