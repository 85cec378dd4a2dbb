import { HAND_POINTS, type HandPointName } from '../hand';
import type { Capture, PointName } from '../measure';
import { seenPicture, type FitFacts, type SeenPicture } from './fitInput';
import { FitProblem, type Misfit } from './fitProblem';
import type { FitState } from './fitState';
import { cameraFirst, HAND_UNKNOWNS } from './hand/layout';
import { levenbergMarquardt, type Minimum } from './minimise/levenbergMarquardt';
import { atOnce, searchMinima } from './searchMinima';

/**
 * How much worse pictures may be explained together than each by itself, in χ². Of 340 simulated pairs of one hold (own and invented hands, palms and
 * tips free) the worst took 29; of 60 pairs in which thumb and little finger are straight in one of the pictures the least took 194, of 60 in which only the index
 * finger lies otherwise 53 took more than 27. What only a joint tells that one of the pictures hardly shows can pass. [measured]
 */
const DISAGREE_FROM = 35;

/**
 * How badly a picture may be explained by itself, χ² for each coordinate that was marked. Good ones take 0.3 … 0.55,
 * mirrored ones took 1.2 and more (simulated likewise). [measured]
 */
const CONTRADICTS_FROM = 1;

/** A mirrored reading must be this much better to be believed. [memory] */
const BETTER_SHARE = 0.6;

/** How many of the points that lie farthest off are suspected. */
const SUSPECTS = 4;

const SETTLE = { steps: 60, relative: 1e-6 };
const LOOK_AGAIN = { starts: 6, kept: 2, rounds: 0 };

/** A point that was left out, because without it everything agrees. */
export interface MisplacedPoint {
  /** Which of the pictures. */
  picture: number;
  point: PointName;
}

/** What is wrong between the pictures, if anything is. */
export type FitConsistency =
  | { kind: 'agree' }
  | { kind: 'misplaced'; at: MisplacedPoint }
  | { kind: 'mirrored' | 'contradicts'; picture: number }
  | { kind: 'differ' };

/** One picture by itself, set out from what was found for all. */
function settledAlone(
  picture: SeenPicture,
  facts: FitFacts,
  { values, turn, cameras }: FitState,
  i: number,
): Minimum<FitState> & { problem: FitProblem } {
  const own = new Float64Array(cameraFirst(1));
  own.set(values.subarray(0, HAND_UNKNOWNS));
  own.set(values.subarray(cameraFirst(i), cameraFirst(i + 1)), HAND_UNKNOWNS);
  const problem = new FitProblem([picture], facts);
  const start: FitState = { values: own, turn, cameras: [cameras[i]!] };
  const settled = levenbergMarquardt(problem, start, SETTLE);
  if (settled.cost <= limitOf(picture)) return { problem, ...settled };
  // What was found for all may lead astray where one picture shows something else: look anew before blaming it.
  const [anew] = atOnce(searchMinima(problem, LOOK_AGAIN));
  return { problem, ...(anew!.cost < settled.cost ? anew! : settled) };
}

/** The cost from which on a picture contradicts its view and hand. */
const limitOf = ({ points, bow }: SeenPicture) =>
  CONTRADICTS_FROM * 2 * (points.length + Object.keys(bow).length);

/**
 * Whether pictures belong together, and if not, what is the likeliest reason: a mirrored picture, one that shows
 * something else than its view, one misplaced point, or different holds.
 *
 * @param best the best explanation of all pictures together
 * @param without points that are left out already
 */
export function fitConsistency(
  captures: readonly Capture[],
  facts: FitFacts,
  problem: FitProblem,
  best: Minimum<FitState>,
): FitConsistency {
  const alone = problem.pictures.map((picture, i) => settledAlone(picture, facts, best.state, i));
  for (const [i, picture] of problem.pictures.entries()) {
    if (alone[i]!.cost <= limitOf(picture)) continue;
    if (isMirrored(captures[i]!, facts, alone[i]!.cost)) return { kind: 'mirrored', picture: i };
    const own = alone[i]!;
    const suspect = suspectsOf(own.problem, own.state).find(({ point }) => {
      const rest = seenPicture(captures[i]!, [point]);
      return settledAlone(rest, facts, best.state, i).cost <= limitOf(rest) * BETTER_SHARE;
    });
    if (suspect) return { kind: 'misplaced', at: { picture: i, point: suspect.point } };
    return { kind: 'contradicts', picture: i };
  }
  if (best.cost - sumOf(alone) <= DISAGREE_FROM) return { kind: 'agree' };
  const suspect = suspectsOf(problem, best.state).find((at) =>
    agreesWithout(at, captures, facts, problem, best),
  );
  return suspect ? { kind: 'misplaced', at: suspect } : { kind: 'differ' };
}

const sumOf = (minima: readonly { cost: number }[]) =>
  minima.reduce((sum, { cost }) => sum + cost, 0);

function isMirrored(capture: Capture, facts: FitFacts, cost: number): boolean {
  const mirrored = new FitProblem([seenPicture(capture, [], true)], facts);
  const [best] = atOnce(searchMinima(mirrored, LOOK_AGAIN));
  return best!.cost < BETTER_SHARE * cost;
}

/** The marks that lie farthest off, worst first. */
function suspectsOf(problem: FitProblem, state: FitState): MisplacedPoint[] {
  return problem
    .misfits(state)
    .sort((a, b) => b.sds - a.sds)
    .slice(0, SUSPECTS)
    .map(({ picture, mark }) => ({ picture, point: nameOf(mark) }));
}

/** The point's name of a mark of the hand or the bow. */
export const nameOf = (mark: Misfit['mark']): PointName =>
  typeof mark === 'number' ? (HAND_POINTS[mark] as HandPointName) : mark;

/** Whether all agree well without this point. */
function agreesWithout(
  { picture, point }: MisplacedPoint,
  captures: readonly Capture[],
  facts: FitFacts,
  problem: FitProblem,
  best: Minimum<FitState>,
): boolean {
  const pictures = problem.pictures.map((seen, i) =>
    i === picture ? seenPicture(captures[i]!, [point]) : seen,
  );
  const together = new FitProblem(pictures, facts);
  const settled = levenbergMarquardt(together, best.state, SETTLE);
  const alone = pictures.map((seen, i) => settledAlone(seen, facts, settled.state, i));
  return settled.cost - sumOf(alone) <= DISAGREE_FROM * BETTER_SHARE;
}
