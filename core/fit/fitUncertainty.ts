import { HAND_POINTS } from '../hand';
import type { FitProblem } from './fitProblem';
import { moveState, type FitState } from './fitState';
import type { FittedHand } from './fittedGeometry';
import type { FitQuantity } from './fittedMeasures';
import { HAND_UNKNOWNS, SIZE } from './hand/layout';
import { factorise, inverseForm } from './minimise/cholesky';
import type { Minimum } from './minimise/levenbergMarquardt';
import { NormalEquations } from './minimise/normalEquations';
import { sizeOf } from './hand/handSkeleton';

/** A fitted quantity with its doubt. */
export interface FittedValue<Id extends string> {
  id: Id;
  unit: FitQuantity<Id>['unit'];
  /** Of the best answer. */
  value: number;
  sd: number;
  /** Set where several answers are equally good: the truth lies in here, and `value` alone says little. */
  interval: { lo: number; hi: number } | null;
}

/** Answers this much worse than the best, in χ², still count as equally good. */
export const EQUALLY_GOOD = 6;

/** Ends of an interval lie this many SD beyond the outermost answer. */
const INTERVAL_SD = 1.645;

/** Answers that differ by less than this many SD are one answer. */
const SAME_ANSWER_SD = 2;

/** A small change of an unknown for the slope of a quantity: radians, mm or a share. */
const NUDGE = 1e-4;

/** Which of the 21 points were seen in at least one picture. */
export const seenPoints = (problem: FitProblem): Set<string> =>
  new Set(problem.pictures.flatMap(({ points }) => points.map(({ name }) => name)));

/**
 * Quantities of the best minimum with their doubts: an SD from the curvature there, and an interval where minima that
 * are as good give other values, or where `alwaysInterval` says that the curvature cannot be trusted.
 *
 * @param minima best first
 */
export function withUncertainty<Id extends string>(
  problem: FitProblem,
  minima: readonly Minimum<FitState>[],
  quantities: readonly FitQuantity<Id>[],
  alwaysInterval: boolean,
): FittedValue<Id>[] {
  const seen = seenPoints(problem);
  const shown = quantities.filter(({ points }) => points.every((name) => seen.has(name)));
  const [best] = minima;
  const good = minima.filter(({ cost }) => cost <= best!.cost + EQUALLY_GOOD);
  const answers = good.map(({ state }) => {
    const values = valuesOf(problem, state, shown);
    return { values, sds: spreadsOf(problem, state, shown) };
  });
  return shown.flatMap(({ id, unit }, k): FittedValue<Id>[] => {
    const [value, sd] = [answers[0]!.values[k]!, answers[0]!.sds[k]!];
    if (!Number.isFinite(value) || !Number.isFinite(sd)) return [];
    const others = answers.filter(({ values }) => Number.isFinite(values[k]!));
    const differs = others.some(
      ({ values, sds }) => Math.abs(values[k]! - value) > SAME_ANSWER_SD * Math.max(sd, sds[k]!),
    );
    const interval =
      differs || alwaysInterval
        ? {
            lo: Math.min(...others.map(({ values, sds }) => values[k]! - INTERVAL_SD * sds[k]!)),
            hi: Math.max(...others.map(({ values, sds }) => values[k]! + INTERVAL_SD * sds[k]!)),
          }
        : null;
    return [{ id, unit, value, sd, interval }];
  });
}

const fittedHand = (problem: FitProblem, state: FitState): FittedHand => ({
  state,
  pose: problem.pose(state),
  middleFingerMm: Math.exp(state.values[SIZE]!) * PUBLISHED,
});

/** Length of the middle finger at unit size, mm. */
const PUBLISHED = 1 / sizeOf({ middleFinger: { mm: 1, sdMm: 0 }, relaxed: null });

function valuesOf<Id extends string>(
  problem: FitProblem,
  state: FitState,
  quantities: readonly FitQuantity<Id>[],
): number[] {
  const fitted = fittedHand(problem, state);
  return quantities.map(({ value }) => value(fitted));
}

/** SD of each quantity where the fit is as sharp as its curvature says. */
function spreadsOf<Id extends string>(
  problem: FitProblem,
  state: FitState,
  quantities: readonly FitQuantity<Id>[],
): number[] {
  const { size } = problem;
  const equations = new NormalEquations(size);
  problem.linearise(state, equations);
  const factor = new Float64Array(size * size);
  if (!factorise(equations.matrix, new Float64Array(size), size, factor)) {
    return quantities.map(() => Infinity);
  }
  const slopes = quantities.map(() => new Float64Array(size));
  const change = new Float64Array(size);
  for (let i = 0; i < HAND_UNKNOWNS; i += 1) {
    change[i] = NUDGE;
    const up = valuesOf(problem, moveState(state, change), quantities);
    change[i] = -NUDGE;
    const down = valuesOf(problem, moveState(state, change), quantities);
    change[i] = 0;
    slopes.forEach((slope, k) => (slope[i] = (up[k]! - down[k]!) / (2 * NUDGE)));
  }
  return slopes.map((slope) => Math.sqrt(inverseForm(factor, size, slope)));
}

/** The 21 points of a state in the bow's frame, mm. */
export const pointsOf = (problem: FitProblem, state: FitState): [number, number, number][] => {
  const { at } = problem.pose(state);
  return HAND_POINTS.map((_, i) => [at[3 * i]!, at[3 * i + 1]!, at[3 * i + 2]!]);
};
