import type { FitProblem } from './fitProblem';
import type { FitState } from './fitState';
import { firstOf, RAY, RAYS } from './hand/layout';
import { levenbergMarquardt, type Minimum } from './minimise/levenbergMarquardt';
import { START_BENDS, startOf, withBends } from './starts';

/** How thoroughly a search goes. */
export interface SearchEffort {
  /** Starts all over. */
  starts: number;
  /** How many of them are followed to their end. */
  kept: number;
  /** Rounds in which every ray of the best minimum is bent anew. */
  rounds: number;
}

/** Work in steps of a few milliseconds: yields the share that is done, and gives its answer at the end. */
export type InSteps<Answer> = Generator<number, Answer, void>;

/** Does such work at one go. */
export function atOnce<Answer>(work: InSteps<Answer>): Answer {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
}

const SCOUT = { steps: 10, relative: 1e-3 };
const FOLLOW = { steps: 60, relative: 1e-6 };
const RE_BEND = { steps: 30, relative: 1e-5 };

/** Joints that differ by less bend the same, radians. */
const SAME_BEND = 0.02;

const BENDS = RAYS.flatMap((ray) =>
  [RAY.flexion, RAY.second, RAY.third].map((offset) => firstOf(ray) + offset),
);

/** Minima worse than the best by more than this are not kept, in χ². */
const KEPT_WITHIN = 30;

/**
 * The minima of a fit, best first: many starts scouted, the best followed; then, in the best one, every ray bent anew in
 * several ways, because a flat picture often tells a bend toward the camera as well as one away from it.
 */
export function* searchMinima(
  problem: FitProblem,
  { starts, kept, rounds }: SearchEffort,
): InSteps<Minimum<FitState>[]> {
  const work = starts + kept + rounds * RAYS.length * START_BENDS;
  let done = 0;
  const scouts: Minimum<FitState>[] = [];
  for (let trial = 0; trial < starts; trial += 1) {
    scouts.push(levenbergMarquardt(problem, startOf(problem, trial), SCOUT));
    yield (done += 1) / work;
  }
  const found: Minimum<FitState>[] = [];
  for (const scout of scouts.sort(byCost).slice(0, kept)) {
    found.push(levenbergMarquardt(problem, scout.state, FOLLOW));
    yield (done += 1) / work;
  }
  for (let round = 0; round < rounds; round += 1) {
    for (const ray of RAYS) {
      const best = found.reduce((a, b) => (b.cost < a.cost ? b : a));
      for (let bends = 0; bends < START_BENDS; bends += 1) {
        found.push(levenbergMarquardt(problem, withBends(best.state, ray, bends), RE_BEND));
        yield (done += 1) / work;
      }
    }
  }
  return distinct(found.sort(byCost)).filter(({ cost }) => cost <= found[0]!.cost + KEPT_WITHIN);
}

/** Minima at which some joint bends otherwise than at every better one; most searches end in the same few. */
function distinct(sorted: readonly Minimum<FitState>[]): Minimum<FitState>[] {
  const kept: Minimum<FitState>[] = [];
  for (const minimum of sorted) {
    if (!kept.some((other) => bendTheSame(minimum.state, other.state))) kept.push(minimum);
  }
  return kept;
}

const bendTheSame = (a: FitState, b: FitState): boolean =>
  BENDS.every((column) => Math.abs(a.values[column]! - b.values[column]!) < SAME_BEND);

const byCost = (a: Minimum<FitState>, b: Minimum<FitState>) => a.cost - b.cost;
