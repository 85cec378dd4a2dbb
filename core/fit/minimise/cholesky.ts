/**
 * Cholesky's factor L of a symmetric positive definite matrix, A = L·Lᵀ.
 *
 * @param matrix lower triangle, row by row
 * @param added to each element of the diagonal
 * @param factor where L is put; a buffer of its own, so that a search makes no rubbish
 * @returns false when the matrix is not positive definite
 */
export function factorise(
  matrix: Float64Array,
  added: Float64Array,
  size: number,
  factor: Float64Array,
): boolean {
  for (let i = 0; i < size; i += 1) {
    const row = i * size;
    for (let j = 0; j <= i; j += 1) {
      const other = j * size;
      let sum = matrix[row + j]!;
      for (let k = 0; k < j; k += 1) sum -= factor[row + k]! * factor[other + k]!;
      if (i === j) {
        const pivot = sum + added[i]!;
        if (!(pivot > 0)) return false;
        factor[row + i] = Math.sqrt(pivot);
      } else {
        factor[row + j] = sum / factor[other + j]!;
      }
    }
  }
  return true;
}

/** Solves L·Lᵀ·x = b for a factor L of `factorise`. */
export const solveFactored = (factor: Float64Array, size: number, b: Float64Array): Float64Array =>
  backward(factor, size, forward(factor, size, b));

/**
 * Solves Lᵀ·x = y. Of standard normal numbers it makes a draw of the unknowns about which A is the information.
 *
 * @param y is overwritten, and given back as x
 */
export function backward(factor: Float64Array, size: number, y: Float64Array): Float64Array {
  const x = y;
  for (let i = size - 1; i >= 0; i -= 1) {
    let sum = x[i]!;
    for (let k = i + 1; k < size; k += 1) sum -= factor[k * size + i]! * x[k]!;
    x[i] = sum / factor[i * size + i]!;
  }
  return x;
}

/**
 * gᵀ·A⁻¹·g: the variance of a quantity with gradient g where A is the information about the unknowns.
 *
 * @param factor L of A, from `factorise`
 */
export function inverseForm(factor: Float64Array, size: number, g: Float64Array): number {
  return forward(factor, size, g).reduce((sum, value) => sum + value * value, 0);
}

/** Solves L·y = b. */
function forward(factor: Float64Array, size: number, b: Float64Array): Float64Array {
  const y = new Float64Array(size);
  for (let i = 0; i < size; i += 1) {
    let sum = b[i]!;
    for (let k = 0; k < i; k += 1) sum -= factor[i * size + k]! * y[k]!;
    y[i] = sum / factor[i * size + i]!;
  }
  return y;
}
