import { bowMarksOf, pixelsPerMm, type BowMark } from './bowMarks';
import { project, lensOf, show } from './camera/projection';
import { nominalTurn } from './camera/nominalCamera';
import priors from './data/handPriors.json' with { type: 'json' };
import type { FitFacts, SeenMark, SeenPicture } from './fitInput';
import { moveState, type FitState } from './fitState';
import {
  BEYOND_RANGE_SD,
  beliefOf,
  COUPLED,
  COUPLINGS,
  SOFT_RANGES,
  type Belief,
} from './handPrior';
import { skeletonOf, type Skeleton } from './hand/handSkeleton';
import { cameraFirst, TURN, unknowns } from './hand/layout';
import { POINT_COLUMNS, poseSkeleton, type PosedSkeleton } from './hand/poseSkeleton';
import type { LeastSquares } from './minimise/levenbergMarquardt';
import type { NormalEquations } from './minimise/normalEquations';
import { addPoint, bowRows, handRows, robustCost } from './pointRows';
import { timesInverse, toVector, vectorJacobian, type Rotation } from './rotation';
import { sightBetween } from './camera/sight';

/** The thumb's tip among the 21 points. */
const THUMB_TIP = 4;

/** How far a mark lies from where it should show, in SD. */
export interface Misfit {
  picture: number;
  /** A hand point by its place among the 21, or the name of a mark on the bow. */
  mark: number | keyof SeenPicture['bow'];
  sds: number;
  px: number;
}

/**
 * What a hand on a bow must explain: every marked point of every picture, and what is known of hands, cameras and
 * holds (each as a residual in its own SD). Points are robust, so that one misplaced point does not bend the rest.
 */
export class FitProblem implements LeastSquares<FitState> {
  readonly size: number;
  readonly belief: Belief;
  readonly skeleton: Skeleton;
  /** The usual camera of each picture's view. */
  readonly nominal: readonly Rotation[];
  /** About how many pixels a millimetre at the hand is, in each picture. */
  readonly scales: readonly number[];
  private readonly pointSds: readonly Float64Array[];
  private readonly bowMarks: readonly (readonly BowMark[])[];

  constructor(
    readonly pictures: readonly SeenPicture[],
    private readonly facts: FitFacts,
    readonly modelSdMm = priors.modelSdMm,
  ) {
    this.size = unknowns(pictures.length);
    this.belief = beliefOf(facts, pictures.length);
    this.skeleton = skeletonOf(facts.hand);
    this.nominal = pictures.map(({ view }) => nominalTurn(view));
    this.scales = pictures.map(pixelsPerMm);
    this.pointSds = pictures.map(({ points }, i) =>
      Float64Array.from(points, ({ sigma }) => Math.hypot(sigma, this.scales[i]! * modelSdMm)),
    );
    this.bowMarks = pictures.map((picture, i) => bowMarksOf(picture, i, this.scales[i]!));
  }

  pose(state: FitState, withEntries = false): PosedSkeleton {
    return poseSkeleton(this.skeleton, state.values, state.turn, withEntries);
  }

  cost(state: FitState): number {
    const { at } = this.pose(state);
    let sum = this.believed(state, null) + this.thumbOnStick(at, null, null);
    this.pictures.forEach((picture, i) => {
      const lens = lensOf(state, i);
      picture.points.forEach(({ point, x, y }, k) => {
        const seen = show(lens, at[3 * point]!, at[3 * point + 1]!, at[3 * point + 2]!);
        const sd = this.pointSds[i]![k]!;
        sum += robustCost(((seen.x - x) / sd) ** 2 + ((seen.y - y) / sd) ** 2);
      });
      for (const bowMark of this.bowMarks[i]!) {
        const { mark, sdPx } = bowMark;
        const seen = show(lens, ...this.placeOf(bowMark, state));
        sum += robustCost(((seen.x - mark.x) / sdPx) ** 2 + ((seen.y - mark.y) / sdPx) ** 2);
      }
    });
    return sum;
  }

  linearise(state: FitState, equations: NormalEquations): number {
    const { at, entries } = this.pose(state, true);
    let sum = this.believed(state, equations) + this.thumbOnStick(at, entries, equations);
    this.pictures.forEach((picture, i) => {
      const lens = lensOf(state, i);
      picture.points.forEach(({ point, x, y }, k) => {
        const seen = project(lens, at[3 * point]!, at[3 * point + 1]!, at[3 * point + 2]!);
        const rows = handRows(seen, POINT_COLUMNS[point]!, entries[point]!, i);
        sum += addPoint(equations, seen.x - x, seen.y - y, this.pointSds[i]![k]!, rows);
      });
      for (const bowMark of this.bowMarks[i]!) {
        const { mark, sdPx } = bowMark;
        const seen = project(lens, ...this.placeOf(bowMark, state));
        const rows = bowRows(seen, bowMark, i);
        sum += addPoint(equations, seen.x - mark.x, seen.y - mark.y, sdPx, rows);
      }
    });
    return sum;
  }

  move(state: FitState, change: Float64Array): FitState {
    return moveState(state, change);
  }

  /** Every mark with how far it lies from where this state shows it. */
  misfits(state: FitState): Misfit[] {
    const { at } = this.pose(state);
    return this.pictures.flatMap((picture, i) => {
      const lens = lensOf(state, i);
      const misfit = (mark: Misfit['mark'], seen: SeenMark, sd: number, place: Place): Misfit => {
        const shown = show(lens, ...place);
        const px = Math.hypot(shown.x - seen.x, shown.y - seen.y);
        return { picture: i, mark, px, sds: px / sd };
      };
      return [
        ...picture.points.map((seen, k) =>
          misfit(seen.point, seen, this.pointSds[i]![k]!, [
            at[3 * seen.point]!,
            at[3 * seen.point + 1]!,
            at[3 * seen.point + 2]!,
          ]),
        ),
        ...this.bowMarks[i]!.map((bowMark) =>
          misfit(bowMark.name, bowMark.mark, bowMark.sdPx, this.placeOf(bowMark, state)),
        ),
      ];
    });
  }

  private placeOf({ at, free, column }: BowMark, { values }: FitState): Place {
    return free === 0 ? [values[column]!, at[1], at[2]] : [at[0], values[column]!, at[2]];
  }

  /**
   * The thumb rests on the stick in every hold: where only one picture shows it, that tells how far away it is. Fingers
   * are not held to the stick, because a finger that has lost it must be told.
   */
  private thumbOnStick(
    at: Float64Array,
    entries: readonly Float64Array[] | null,
    equations: NormalEquations | null,
  ): number {
    const wanted = this.facts.thumbTipMm;
    if (wanted === null) return 0;
    const [y, z] = [at[3 * THUMB_TIP + 1]!, at[3 * THUMB_TIP + 2]!];
    const away = Math.hypot(y, z);
    const { sdMm, robustFromSd } = priors.thumbOnStick;
    const residual = (away - wanted) / sdMm;
    // A thumb that pokes through or sits elsewhere costs little more the farther it is.
    const squares = (residual / robustFromSd) ** 2;
    const weight = (1 + squares) ** -0.25;
    if (equations && entries && away > 0) {
      const own = entries[THUMB_TIP]!;
      const columns = POINT_COLUMNS[THUMB_TIP]!;
      equations.add(weight * residual, {
        columns,
        entries: Float64Array.from(
          columns,
          (_, i) => (weight * (y * own[3 * i + 1]! + z * own[3 * i + 2]!)) / (away * sdMm),
        ),
      });
    }
    return 2 * robustFromSd ** 2 * (Math.sqrt(1 + squares) - 1);
  }

  /** The residuals of what is believed; added to the equations where there are some. */
  private believed(state: FitState, equations: NormalEquations | null): number {
    const { mean, sd, turn, turnSd, cameraTurnSd } = this.belief;
    const { values } = state;
    let sum = 0;
    for (let i = 0; i < this.size; i += 1) {
      if (isTurn(i)) continue;
      const residual = (values[i]! - mean[i]!) / sd[i]!;
      sum += residual * residual;
      equations?.addSingle(residual, i, 1 / sd[i]!);
    }
    for (const { column, lo, hi } of SOFT_RANGES) {
      const value = values[column]!;
      const beyond = value < lo ? value - lo : value > hi ? value - hi : 0;
      if (beyond === 0) continue;
      const residual = beyond / BEYOND_RANGE_SD;
      sum += residual * residual;
      equations?.addSingle(residual, column, 1 / BEYOND_RANGE_SD);
    }
    for (const { leader, follower } of COUPLINGS) {
      const residual = (values[follower]! - COUPLED.share * values[leader]!) / COUPLED.sd;
      sum += residual * residual;
      equations?.add(residual, {
        columns: [leader, follower],
        entries: [-COUPLED.share / COUPLED.sd, 1 / COUPLED.sd],
      });
    }
    sum += addTurn(equations, state.turn, turn, turnSd, TURN);
    state.cameras.forEach((camera, i) => {
      sum += addSight(equations, camera, this.nominal[i]!, cameraTurnSd, cameraFirst(i));
    });
    return sum;
  }
}

type Place = [number, number, number];

const isTurn = (column: number): boolean => {
  if (column >= TURN && column < TURN + 3) return true;
  const offset = column - cameraFirst(0);
  return offset >= 0 && offset % (cameraFirst(1) - cameraFirst(0)) < 3;
};

/**
 * Adds how far a camera's line of sight is from the usual one, in its SD. How the picture is turned about that line says nothing: phones
 * are held as they are, and bows are tilted on the string.
 */
function addSight(
  equations: NormalEquations | null,
  camera: Rotation,
  usual: Rotation,
  sd: number,
  first: number,
): number {
  const { across, jacobian } = sightBetween(timesInverse(camera, usual));
  const residuals = across.map((angle) => angle / sd);
  if (equations) {
    residuals.forEach((residual, row) => {
      equations.add(residual, {
        columns: [first, first + 1],
        entries: jacobian[row]!.map((entry) => entry / sd),
      });
    });
  }
  return residuals.reduce((sum, r) => sum + r * r, 0);
}

/** Adds how far a rotation is from the one that is believed, as a vector in its SD. */
function addTurn(
  equations: NormalEquations | null,
  turn: Rotation,
  believed: Rotation,
  sd: number,
  first: number,
): number {
  const away = toVector(timesInverse(turn, believed));
  const residuals = [away.x / sd, away.y / sd, away.z / sd];
  if (equations) {
    const jacobian = vectorJacobian(away);
    residuals.forEach((residual, row) => {
      equations.add(residual, {
        columns: [first, first + 1, first + 2],
        entries: [0, 1, 2].map((k) => jacobian[3 * row + k]! / sd),
      });
    });
  }
  return residuals.reduce((sum, r) => sum + r * r, 0);
}
