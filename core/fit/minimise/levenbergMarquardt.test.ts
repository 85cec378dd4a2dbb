import { Matrix, CholeskyDecomposition, inverse } from 'ml-matrix';
import { levenbergMarquardt as reference } from 'ml-levenberg-marquardt';
import { seededNormal } from '../../stats';
import { factorise, inverseForm, solveFactored } from './cholesky';
import { levenbergMarquardt, type LeastSquares } from './levenbergMarquardt';
import type { NormalEquations } from './normalEquations';

/** A problem given by its residuals; derivatives by central differences. */
function problemOf(
  size: number,
  residuals: (x: Float64Array) => number[],
): LeastSquares<Float64Array> {
  const cost = (x: Float64Array) => residuals(x).reduce((sum, r) => sum + r * r, 0);
  return {
    size,
    cost,
    move: (x, change) => x.map((value, i) => value + change[i]!),
    linearise: (x, equations: NormalEquations) => {
      const columns = Array.from({ length: size }, (_, i) => i);
      const slopes = columns.map((i) => {
        const step = 1e-6 * Math.max(1, Math.abs(x[i]!));
        const [up, down] = [1, -1].map((sign) =>
          residuals(x.map((value, k) => (k === i ? value + sign * step : value))),
        ) as [number[], number[]];
        return up.map((value, k) => (value - down[k]!) / (2 * step));
      });
      residuals(x).forEach((residual, k) =>
        equations.add(residual, { columns, entries: slopes.map((slope) => slope[k]!) }),
      );
      return cost(x);
    },
  };
}

const LIMITS = { steps: 500, relative: 1e-16 };

// Published minima: J. J. Moré, B. S. Garbow, K. E. Hillstrom, Testing Unconstrained Optimization Software, ACM TOMS
// 7(1), 1981: functions (1), (13), (14), (15).
describe('levenbergMarquardt', () => {
  it("finds Rosenbrock's minimum", () => {
    const rosenbrock = problemOf(2, ([x, y]) => [10 * (y! - x! ** 2), 1 - x!]);
    const { state, cost } = levenbergMarquardt(rosenbrock, Float64Array.of(-1.2, 1), LIMITS);
    expect(state[0]).toBeCloseTo(1, 8);
    expect(state[1]).toBeCloseTo(1, 8);
    expect(cost).toBeLessThan(1e-16);
  });

  it("comes to Powell's singular minimum, where the equations lose their rank", () => {
    const powell = problemOf(4, ([a, b, c, d]) => [
      a! + 10 * b!,
      Math.sqrt(5) * (c! - d!),
      (b! - 2 * c!) ** 2,
      Math.sqrt(10) * (a! - d!) ** 2,
    ]);
    const { state, cost } = levenbergMarquardt(powell, Float64Array.of(3, -1, 0, 1), LIMITS);
    for (const value of state) expect(Math.abs(value)).toBeLessThan(1e-3);
    expect(cost).toBeLessThan(1e-11);
  });

  it("finds Wood's minimum", () => {
    const wood = problemOf(4, ([a, b, c, d]) => [
      10 * (b! - a! ** 2),
      1 - a!,
      Math.sqrt(90) * (d! - c! ** 2),
      1 - c!,
      Math.sqrt(10) * (b! + d! - 2),
      (b! - d!) / Math.sqrt(10),
    ]);
    const { state, cost } = levenbergMarquardt(wood, Float64Array.of(-3, -1, -3, -1), LIMITS);
    for (const value of state) expect(value).toBeCloseTo(1, 6);
    expect(cost).toBeLessThan(1e-12);
  });

  const KOWALIK = {
    x: [4, 2, 1, 0.5, 0.25, 0.167, 0.125, 0.1, 0.0833, 0.0714, 0.0625],
    y: [0.1957, 0.1947, 0.1735, 0.16, 0.0844, 0.0627, 0.0456, 0.0342, 0.0323, 0.0235, 0.0246],
  };
  const kowalik =
    ([a, b, c, d]: ArrayLike<number> & Iterable<number>) =>
    (u: number) =>
      (a! * (u * u + b! * u)) / (u * u + c! * u + d!);

  it('agrees with a general least-squares package, and both with the published minimum', () => {
    const problem = problemOf(4, (x) => KOWALIK.x.map((u, i) => KOWALIK.y[i]! - kowalik(x)(u)));
    const start = [0.25, 0.39, 0.415, 0.39];
    const { state, cost } = levenbergMarquardt(problem, Float64Array.from(start), LIMITS);
    expect(cost).toBeCloseTo(3.07505e-4, 8);
    const other = reference(KOWALIK, kowalik, {
      initialValues: start,
      damping: 1e-3,
      gradientDifference: 1e-6,
      centralDifference: true,
      maxIterations: 2000,
      improvementThreshold: 1e-12,
      errorTolerance: 1e-20,
    });
    state.forEach((value, i) => expect(value).toBeCloseTo(other.parameterValues[i]!, 3));
    expect(other.parameterError).toBeCloseTo(cost, 8);
  });

  it('stops where it was told to, and says that it had not settled', () => {
    const rosenbrock = problemOf(2, ([x, y]) => [10 * (y! - x! ** 2), 1 - x!]);
    const { steps, settled } = levenbergMarquardt(rosenbrock, Float64Array.of(-1.2, 1), {
      steps: 3,
      relative: 1e-16,
    });
    expect({ steps, settled }).toEqual({ steps: 3, settled: false });
  });
});

describe('the factor of a symmetric matrix', () => {
  const size = 12;
  const normal = seededNormal(3);
  const root = Matrix.from1DArray(size, size, Array.from({ length: size * size }, normal));
  const matrix = root.mmul(root.transpose()).add(Matrix.eye(size));
  const packed = Float64Array.from(matrix.to1DArray());
  const factor = new Float64Array(size * size);
  const b = Float64Array.from({ length: size }, normal);

  it('is that of a linear algebra package, and solves as it does', () => {
    expect(factorise(packed, new Float64Array(size), size, factor)).toBe(true);
    const other = new CholeskyDecomposition(matrix);
    other.lowerTriangularMatrix.to1DArray().forEach((value, i) => {
      expect(factor[i]).toBeCloseTo(value, 10);
    });
    const x = other.solve(Matrix.columnVector([...b])).to1DArray();
    solveFactored(factor, size, b).forEach((value, i) => expect(value).toBeCloseTo(x[i]!, 10));
  });

  it('gives the variance of a quantity as the inverse does', () => {
    factorise(packed, new Float64Array(size), size, factor);
    const g = Matrix.columnVector([...b]);
    const form = g.transpose().mmul(inverse(matrix)).mmul(g).get(0, 0);
    expect(inverseForm(factor, size, b)).toBeCloseTo(form, 10);
  });

  it('is refused where there is none', () => {
    const indefinite = Float64Array.of(1, 0, 2, 1);
    expect(factorise(indefinite, new Float64Array(2), 2, new Float64Array(4))).toBe(false);
  });
});
