import type { LeastSquares } from '../fit/minimise/levenbergMarquardt';
import { levenbergMarquardt } from '../fit/minimise/levenbergMarquardt';
import type { NormalEquations } from '../fit/minimise/normalEquations';
import { fromColumns, timesInverse, toVector, type Rotation } from '../fit/rotation';
import {
  FINGERS,
  HAND_POINTS,
  PLAUSIBLE_FLEXION_DEG,
  type HandPointName,
  type JointRange,
} from '../hand';
import { DEG_PER_RAD, type Vec3 } from '../units';
import { RIG_BUILD, type HandBuild } from './handBuild';
import { DIGIT_VALUES, HandPoser, poseOf, POSE_VALUES, type HandPose } from './posedHand';

/** A posed hand for points in space. */
export interface PointedPose {
  pose: HandPose;
  build: HandBuild;
  /** How far the posed points are from the given ones, root of the mean square, mm. */
  offMm: number;
}

/** Places of the 21 points in the common order, mm in the bow's frame of a right hand. */
export type Points = readonly (readonly [number, number, number])[];

/** How far a posed point may be off before it counts once, mm: the palm's are where pictures are clicked here and there. [memory] */
const OFF_MM = { palm: 4, bones: 1.2 };
/**
 * How far joints may be from the rig's rest before it counts once, degrees: only to keep what no point tells. A thumb's base and a finger
 * sideways move less than hinges do. [memory]
 */
const REST_DEG = { hinge: 60, thumbBase: 22, sideways: 15 };
const BEYOND_DEG = 2;
/** From where the search sets out: a hand that holds something. */
const BENT = { thumb: [28, 4, 2, 22, 40], finger: [35, 0, 45, 25] };
const NUDGE = 0.02;
const SEARCH = { steps: 60, relative: 1e-5 };

/** The rig's hand that lies in given points as well as it can: the size of its palm and bones is theirs. */
export function poseOfPoints(points: Points): PointedPose {
  const build = buildOf(points);
  const poser = new HandPoser(build);
  const start = new Float64Array(POSE_VALUES);
  start.set(points[0]!);
  const rest = poser.pose(new Float64Array(POSE_VALUES)).points;
  const turn = toVector(
    timesInverse(
      palmFrame((name) => at(points, name)),
      palmFrame((name) => placeOf(rest, name)),
    ),
  );
  start.set([turn.x * DEG_PER_RAD, turn.y * DEG_PER_RAD, turn.z * DEG_PER_RAD], 3);
  start.set(BENT.thumb, DIGIT_VALUES.thumb);
  for (const finger of FINGERS) start.set(BENT.finger, DIGIT_VALUES[finger]);
  const problem = new PointsProblem(poser, points);
  const { state } = levenbergMarquardt(problem, start, SEARCH);
  const posed = poser.pose(state).points;
  let sum = 0;
  points.forEach((point, i) => point.forEach((mm, k) => (sum += (mm - posed[3 * i + k]!) ** 2)));
  return { pose: poseOf(state), build, offMm: Math.sqrt(sum / points.length) };
}

class PointsProblem implements LeastSquares<Float64Array> {
  readonly size = POSE_VALUES;

  constructor(
    readonly poser: HandPoser,
    readonly points: Points,
  ) {}

  move(values: Float64Array, change: Float64Array): Float64Array {
    return values.map((value, i) => value + change[i]!);
  }

  cost(values: Float64Array): number {
    return this.#residuals(values).reduce((sum, one) => sum + one * one, 0);
  }

  linearise(values: Float64Array, equations: NormalEquations): number {
    const base = this.#residuals(values);
    const columns = Array.from(values, (_, i) => i);
    const nudged = Float64Array.from(values);
    const changed = columns.map((i) => {
      nudged[i] = values[i]! + NUDGE;
      const residuals = this.#residuals(nudged);
      nudged[i] = values[i]!;
      return residuals;
    });
    let cost = 0;
    base.forEach((residual, r) => {
      cost += residual * residual;
      equations.add(residual, {
        columns,
        entries: changed.map((residuals) => (residuals[r]! - residual) / NUDGE),
      });
    });
    return cost;
  }

  #residuals(values: Float64Array): number[] {
    const { points: posed, bendDeg } = this.poser.pose(values);
    const out: number[] = [];
    this.points.forEach((point, i) => {
      const by = isOfPalm(HAND_POINTS[i]!) ? OFF_MM.palm : OFF_MM.bones;
      point.forEach((mm, k) => out.push((posed[3 * i + k]! - mm) / by));
    });
    for (let i = 6; i < POSE_VALUES; i += 1) out.push(values[i]! / restDeg(i));
    HAND_POINTS.forEach((name, i) => {
      const range = RANGES[name];
      if (!range) return;
      const off = Math.min(0, bendDeg[i]! - range.lo) + Math.max(0, bendDeg[i]! - range.hi);
      out.push(off / BEYOND_DEG);
    });
    return out;
  }
}

/** A value's number tells what it moves: a thumb's base, a finger sideways, or a hinge. */
function restDeg(value: number): number {
  if (value < DIGIT_VALUES.thumb + 3) return REST_DEG.thumbBase;
  const isSideways = FINGERS.some((finger) => value === DIGIT_VALUES[finger] + 1);
  return isSideways ? REST_DEG.sideways : REST_DEG.hinge;
}

/** What joints can do at all. */
const RANGES: Partial<Record<HandPointName, JointRange>> = {
  thumbMcp: PLAUSIBLE_FLEXION_DEG.thumbMcp,
  thumbIp: PLAUSIBLE_FLEXION_DEG.thumbIp,
  ...Object.fromEntries(
    FINGERS.flatMap((finger) => [
      [`${finger}Pip`, PLAUSIBLE_FLEXION_DEG.fingerPip],
      [`${finger}Dip`, PLAUSIBLE_FLEXION_DEG.fingerDip],
    ]),
  ),
};

const isOfPalm = (name: HandPointName): boolean => name === 'wrist' || name === 'thumbCmc';

const at = (points: Points, name: HandPointName): Vec3 => {
  const [x, y, z] = points[HAND_POINTS.indexOf(name)]!;
  return { x, y, z };
};
const placeOf = (points: Float64Array, name: HandPointName): Vec3 => {
  const i = 3 * HAND_POINTS.indexOf(name);
  return { x: points[i]!, y: points[i + 1]!, z: points[i + 2]! };
};

/** How a palm lies: along its middle, across it toward the index, and out of it. */
function palmFrame(place: (name: HandPointName) => Vec3): Rotation {
  const minus = (a: Vec3, b: Vec3) => ({ x: a.x - b.x, y: a.y - b.y, z: a.z - b.z });
  const unit = (v: Vec3) => {
    const length = Math.hypot(v.x, v.y, v.z);
    return { x: v.x / length, y: v.y / length, z: v.z / length };
  };
  const cross = (a: Vec3, b: Vec3) => ({
    x: a.y * b.z - a.z * b.y,
    y: a.z * b.x - a.x * b.z,
    z: a.x * b.y - a.y * b.x,
  });
  const along = unit(minus(place('middleMcp'), place('wrist')));
  const out = unit(cross(along, minus(place('indexMcp'), place('littleMcp'))));
  return fromColumns(along, cross(out, along), out);
}

/** The build whose palm, fingers and thumb are as long and as broad as those of the points. */
function buildOf(points: Points): HandBuild {
  const rest = new HandPoser(RIG_BUILD).pose(new Float64Array(POSE_VALUES)).points;
  const between = (a: Vec3, b: Vec3) => Math.hypot(a.x - b.x, a.y - b.y, a.z - b.z);
  const length = (place: (name: HandPointName) => Vec3, names: readonly HandPointName[]) =>
    names.slice(1).reduce((sum, name, i) => sum + between(place(names[i]!), place(name)), 0);
  const share = (...names: HandPointName[]) =>
    length((name) => at(points, name), names) / length((name) => placeOf(rest, name), names);
  const size = share('wrist', 'middleMcp');
  const bones = (digit: string, joints: readonly string[]) =>
    share(...joints.map((joint) => `${digit}${joint}` as HandPointName)) / size;
  const fingers =
    FINGERS.reduce((sum, finger) => sum + bones(finger, ['Mcp', 'Pip', 'Dip', 'Tip']), 0) / 4;
  return {
    size,
    fingers,
    thumb: bones('thumb', ['Cmc', 'Mcp', 'Ip', 'Tip']),
    breadth: share('indexMcp', 'littleMcp') / size,
  };
}
