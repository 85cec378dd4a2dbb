import { FINGERS } from '../hand';
import { seededNormal } from '../stats';
import { DEG_PER_RAD } from '../units';
import { rolled } from './camera/nominalCamera';
import { lensOf, show } from './camera/projection';
import type { SeenPicture } from './fitInput';
import type { FitProblem } from './fitProblem';
import { moveState, type FitState } from './fitState';
import { CAMERA, cameraFirst, firstOf, RAY, TURN, type Ray } from './hand/layout';

/** Bends of a ray to set out from, degrees: at its base, at its second and at its third joint. [memory] */
const BENDS: Record<'finger' | 'thumb', readonly (readonly [number, number, number])[]> = {
  finger: [
    [35, 45, 22],
    [55, 12, 4],
    [10, 75, 40],
    [-5, 20, 40],
    [70, 50, 10],
  ],
  thumb: [
    [12, 18, 30],
    [0, 5, -8],
    [20, 40, 65],
    [-15, 10, 50],
    [35, -5, 20],
  ],
};

/** How many ways of bending there are to set out from. */
export const START_BENDS = BENDS.finger.length;

/** Degrees by which further starts leave the usual turns of hand and camera. [memory] */
const SCATTER_DEG = 14;

/** A state with one ray bent in one of the ways to set out from; the rest as it is. */
export function withBends(state: FitState, ray: Ray, bends: number): FitState {
  const values = Float64Array.from(state.values);
  setBends(values, ray, bends);
  return { ...state, values };
}

function setBends(values: Float64Array, ray: Ray, bends: number): void {
  const first = firstOf(ray);
  const [base, second, third] = BENDS[ray === 'thumb' ? 'thumb' : 'finger'][bends]!;
  values[first + RAY.flexion] = base / DEG_PER_RAD;
  values[first + RAY.second] = second / DEG_PER_RAD;
  values[first + RAY.third] = third / DEG_PER_RAD;
}

/**
 * Where a search sets out: the usual hand before the usual cameras, each camera turned, moved and scaled so that bow
 * and hand show about where they were marked.
 *
 * @param trial the first ones bend all fingers in the different ways; later ones leave the usual turns as well
 */
export function startOf(problem: FitProblem, trial: number): FitState {
  const { belief, pictures } = problem;
  const values = Float64Array.from(belief.mean);
  setBends(values, 'thumb', trial % START_BENDS);
  for (const finger of FINGERS) setBends(values, finger, trial % START_BENDS);
  let state: FitState = {
    values,
    turn: belief.turn,
    cameras: pictures.map((_, i) => problem.nominal[i]!),
  };
  if (trial >= START_BENDS) {
    const normal = seededNormal(trial);
    const change = new Float64Array(problem.size);
    const first = [TURN, ...pictures.map((_, i) => cameraFirst(i))];
    for (const column of first) {
      for (let i = 0; i < 3; i += 1) change[column + i] = (SCATTER_DEG / DEG_PER_RAD) * normal();
    }
    state = moveState(state, change);
  }
  return pictures.reduce((s, picture, i) => framed(problem, s, picture, i), state);
}

/** Brings a camera so that what it shows lies about where it was marked. */
function framed(problem: FitProblem, state: FitState, picture: SeenPicture, i: number): FitState {
  const first = cameraFirst(i);
  const values = Float64Array.from(state.values);
  values[first + CAMERA.scale] = Math.log(problem.scales[i]!);
  const placed: FitState = { ...state, values };
  const shown = cloudOf(problem, placed, picture, i);
  const seen = middleOf(picture.points);
  const along = picture.view === 'profile' || picture.view === 'down-stick';
  const angle = along ? turnBetween(shown, picture) : stickAngle(placed, picture, i);
  const cameras = [...state.cameras];
  cameras[i] = rolled(cameras[i]!, angle);
  if (along) values[first + CAMERA.scale]! += Math.log(spreadOf(picture.points) / spreadOf(shown));
  const again = { ...state, values, cameras };
  const middle = middleOf(cloudOf(problem, again, picture, i));
  values[first + CAMERA.across]! += seen.x - middle.x;
  values[first + CAMERA.down]! += seen.y - middle.y;
  return again;
}

interface Dot {
  x: number;
  y: number;
}

function cloudOf(problem: FitProblem, state: FitState, { points }: SeenPicture, i: number): Dot[] {
  const { at } = problem.pose(state);
  const lens = lensOf(state, i);
  return points.map(({ point }) =>
    show(lens, at[3 * point]!, at[3 * point + 1]!, at[3 * point + 2]!),
  );
}

const middleOf = (dots: readonly Dot[]): Dot => ({
  x: dots.reduce((sum, { x }) => sum + x, 0) / dots.length,
  y: dots.reduce((sum, { y }) => sum + y, 0) / dots.length,
});

function spreadOf(dots: readonly Dot[]): number {
  const middle = middleOf(dots);
  return Math.sqrt(
    dots.reduce((sum, { x, y }) => sum + (x - middle.x) ** 2 + (y - middle.y) ** 2, 0),
  );
}

/** The turn, anticlockwise as it looks, that best lays the shown points on the seen ones (Procrustes). */
function turnBetween(shown: readonly Dot[], { points }: SeenPicture): number {
  const [from, to] = [middleOf(shown), middleOf(points)];
  let [sin, cos] = [0, 0];
  shown.forEach(({ x, y }, k) => {
    const [ax, ay] = [x - from.x, from.y - y];
    const [bx, by] = [points[k]!.x - to.x, to.y - points[k]!.y];
    sin += ax * by - ay * bx;
    cos += ax * bx + ay * by;
  });
  return Math.atan2(sin, cos);
}

/** The turn that lays the shown stick along the seen one. */
function stickAngle(state: FitState, { bow }: SeenPicture, i: number): number {
  const lens = lensOf(state, i);
  const [hand, tip] = [show(lens, -40, 0, 0), show(lens, 40, 0, 0)];
  const seen = Math.atan2(
    bow.stickHandEnd.y - bow.stickTipEnd.y,
    bow.stickTipEnd.x - bow.stickHandEnd.x,
  );
  return seen - Math.atan2(hand.y - tip.y, tip.x - hand.x);
}
