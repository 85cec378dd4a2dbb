import { factorise, solveFactored } from './cholesky';
import { NormalEquations } from './normalEquations';

/** A problem whose sum of squares is to be made small. Its state may be anything that can be moved by small changes. */
export interface LeastSquares<State> {
  /** How many unknowns. */
  size: number;
  /** What is to be made small. */
  cost(state: State): number;
  /** Adds every residual with its derivatives to the equations (which are empty) and gives the cost. */
  linearise(state: State, equations: NormalEquations): number;
  /** The state after a change of its unknowns; a new one. */
  move(state: State, change: Float64Array): State;
}

export interface Minimum<State> {
  state: State;
  cost: number;
  steps: number;
  /** Whether it stopped because no step helps any more, rather than because it ran out of steps. */
  settled: boolean;
}

export interface SearchLimits {
  /** At most so many steps. */
  steps: number;
  /** Settled when a step changes the cost by less than this share of it. */
  relative: number;
}

const DAMPING = { first: 1e-3, least: 1e-12, most: 1e12 };

/**
 * A local minimum by Levenberg and Marquardt's way: Gauss–Newton steps, damped along each unknown in its own scale as
 * long as they do not help. The damping follows how well the last step was foretold (Nielsen's rule).
 * [published: D. Marquardt, J. SIAM 11(2), 1963; H. B. Nielsen, IMM-REP-1999-05, 1999; recalled]
 *
 * Worked: from (−1.2, 1) Rosenbrock's residuals 10(y − x²), 1 − x lead to (1, 1)
 */
export function levenbergMarquardt<State>(
  problem: LeastSquares<State>,
  start: State,
  { steps: most, relative }: SearchLimits,
): Minimum<State> {
  const { size } = problem;
  const equations = new NormalEquations(size);
  const factor = new Float64Array(size * size);
  const added = new Float64Array(size);
  const downhill = new Float64Array(size);
  let state = start;
  let cost = problem.linearise(state, equations);
  let damping = DAMPING.first;
  let growth = 2;
  for (let steps = 1; steps <= most; steps += 1) {
    for (let i = 0; i < size; i += 1) {
      // A scale that has nothing to say about an unknown still lets the equations be solved.
      added[i] = damping * Math.max(equations.matrix[i * size + i]!, 1e-12);
      downhill[i] = -equations.gradient[i]!;
    }
    const solved = factorise(equations.matrix, added, size, factor);
    const change = solved ? solveFactored(factor, size, downhill) : null;
    const next = change && problem.move(state, change);
    const nextCost = next ? problem.cost(next) : Infinity;
    if (next && change && nextCost <= cost) {
      const foretold = foretoldGain(change, added, downhill);
      const gain = cost - nextCost;
      state = next;
      equations.clear();
      cost = problem.linearise(state, equations);
      const trust = foretold > 0 ? gain / foretold : 1;
      damping = Math.max(damping * Math.max(1 / 3, 1 - (2 * trust - 1) ** 3), DAMPING.least);
      growth = 2;
      if (gain <= relative * cost) return { state, cost, steps, settled: true };
    } else {
      damping *= growth;
      growth *= 2;
      if (damping > DAMPING.most) return { state, cost, steps, settled: true };
    }
  }
  return { state, cost, steps: most, settled: false };
}

/** By how much the linear model says that the sum of squares falls. */
function foretoldGain(change: Float64Array, added: Float64Array, downhill: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < change.length; i += 1) {
    sum += change[i]! * (added[i]! * change[i]! + downhill[i]!);
  }
  return sum;
}
