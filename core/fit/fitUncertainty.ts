import { HAND_POINTS } from '../hand';
import type { FitProblem } from './fitProblem';
import { moveState, type FitState } from './fitState';
import type { FittedHand } from './fittedGeometry';
import type { FitQuantity } from './fittedMeasures';
import { HAND_UNKNOWNS, SIZE } from './hand/layout';
import type { Unit } from '../measure';
import { seededNormal } from '../stats';
import { backward, factorise, inverseForm } from './minimise/cholesky';
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

/** Answers this much worse than the best, in χ², still count as equally good. [memory] */
export const EQUALLY_GOOD = 6;

/** Ends of an interval lie this many SD beyond the outermost answer: nine in ten then hold the truth at every joint of a foreign hand. [measured] */
const INTERVAL_SD = 2;

/** Answers that differ by less than this many SD are one answer. [memory] */
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
    const sds = spreadsOf(problem, state, shown).map((sd, k) => Math.hypot(sd, shown[k]!.modelSd));
    return { values, sds };
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

/**
 * SD of each quantity where the fit is as sharp as its curvature says: by its slopes, and by draws where it has none to go by, as a depth
 * at the finger's end or at a joint.
 */
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
  const bent = quantities.map(() => false);
  const here = valuesOf(problem, state, quantities);
  const change = new Float64Array(size);
  for (let i = 0; i < HAND_UNKNOWNS; i += 1) {
    change[i] = NUDGE;
    const up = valuesOf(problem, moveState(state, change), quantities);
    change[i] = -NUDGE;
    const down = valuesOf(problem, moveState(state, change), quantities);
    change[i] = 0;
    slopes.forEach((slope, k) => {
      const [rise, fall] = [up[k]! - here[k]!, here[k]! - down[k]!];
      slope[i] = (rise + fall) / (2 * NUDGE);
      if (Math.abs(rise - fall) > BENT_SHARE * (Math.abs(rise) + Math.abs(fall))) bent[k] = true;
    });
  }
  const sds = slopes.map((slope) => Math.sqrt(inverseForm(factor, size, slope)));
  const open = sds.map((sd, k) => bent[k]! || sd < LEAST_SD[quantities[k]!.unit]);
  if (!open.includes(true)) return sds;
  const drawn = drawnSpreads(problem, state, quantities, here, factor);
  return sds.map((sd, k) =>
    open[k] ? Math.max(sd, drawn[k]!, LEAST_SD[quantities[k]!.unit]) : sd,
  );
}

/** Slopes to either side that differ by this share are those of a kink, where neither tells the doubt. */
const BENT_SHARE = 0.05;

/** No fit is surer than this, in the quantity's unit: what the model of a hand leaves open. [memory] */
const LEAST_SD: Readonly<Record<Unit, number>> = {
  deg: 0.5,
  mm: 0.25,
  u: 0.05,
  ratio: 0.01,
  fingerBreadth: 0.02,
  category: 0,
};

/** How many states are drawn, always the same ones for the same fit. */
const STATES = 200;

/** SD of each quantity about its value, over states drawn from the fit's own doubt. */
function drawnSpreads<Id extends string>(
  problem: FitProblem,
  state: FitState,
  quantities: readonly FitQuantity<Id>[],
  here: readonly number[],
  factor: Float64Array,
): number[] {
  const { size } = problem;
  const normal = seededNormal(size);
  const sums = quantities.map(() => 0);
  const counts = quantities.map(() => 0);
  for (let draw = 0; draw < STATES; draw += 1) {
    const change = backward(factor, size, Float64Array.from({ length: size }, normal));
    valuesOf(problem, moveState(state, change), quantities).forEach((value, k) => {
      if (!Number.isFinite(value)) return;
      sums[k]! += (value - here[k]!) ** 2;
      counts[k]! += 1;
    });
  }
  return sums.map((sum, k) => (counts[k] === 0 ? 0 : Math.sqrt(sum / counts[k]!)));
}

/** The 21 points of a state in the bow's frame, mm. */
export const pointsOf = (problem: FitProblem, state: FitState): [number, number, number][] => {
  const { at } = problem.pose(state);
  return HAND_POINTS.map((_, i) => [at[3 * i]!, at[3 * i + 1]!, at[3 * i + 2]!]);
};
