import type { Capture, View } from '../../measure';
import { HAND_POINTS, UNKNOWN_HAND } from '../../hand';
import { seededNormal } from '../../stats';
import { DEG_PER_RAD } from '../../units';
import { lensOf, show } from '../camera/projection';
import { seenPicture } from '../fitInput';
import { FitProblem } from '../fitProblem';
import { moveState, type FitState } from '../fitState';
import {
  CAMERA,
  cameraFirst,
  firstOf,
  HAND_UNKNOWNS,
  RAY,
  TURN,
  WRIST,
  type Ray,
} from '../hand/layout';

export const FACTS = { hand: UNKNOWN_HAND, holds: 'over' as const, thumbTipMm: 10 };

/** A picture of a view with every mark in its middle: only its camera's place counts. */
const blank = (view: View): Capture => {
  const points: Capture['points'] = {};
  HAND_POINTS.forEach((name, i) => {
    points[name] = { x: 500 + 20 * (i % 5), y: 300 + 30 * Math.floor(i / 5), sigma: 3 };
  });
  return {
    view,
    side: 'right',
    image: { width: 1200, height: 900 },
    points: {
      ...points,
      stickHandEnd: { x: 300, y: 450, sigma: 3 },
      stickTipEnd: { x: 900, y: 450, sigma: 3 },
      frogFront: { x: 560, y: 490, sigma: 3 },
      frogBack: { x: 380, y: 490, sigma: 3 },
    },
    frogLength: { mm: 46, sdMm: 0.5 },
  };
};

const THUMB_TIP_MM = [2, -9, -5];
/** At the hand. */
const PIXELS_PER_MM = 3.8;
/** How far hand and cameras are turned from what is usual, radians. */
const TURN_SD = 0.12;

/** A problem whose pictures are blank, for its derivatives and its starts. */
export const blankProblem = (...views: View[]): FitProblem =>
  new FitProblem(
    views.map((view) => seenPicture(blank(view))),
    FACTS,
  );

/** Bends of an invented hold, degrees: base, second and third joint. */
export type Bends = Record<Ray, readonly [number, number, number]>;

export const SETTLED: Bends = {
  thumb: [18, 22, 40],
  index: [30, 46, 22],
  middle: [38, 48, 24],
  ring: [42, 40, 20],
  little: [20, 58, 30],
};

/** What a hold of these bends shows from these views, each camera off its place, with clicks off by `sigma` pixels. */
export function inventedCaptures(
  bends: Bends,
  views: readonly View[],
  { seed, sigma }: { seed: number; sigma: number },
): Capture[] {
  const normal = seededNormal(seed);
  const problem = blankProblem(...views);
  const values = Float64Array.from(problem.belief.mean);
  const change = new Float64Array(problem.size);
  // Every bone and place of the hand a little off what is usual.
  for (let i = 0; i < HAND_UNKNOWNS; i += 1) change[i] = 0.4 * problem.belief.sd[i]! * normal();
  for (const [ray, angles] of Object.entries(bends) as [Ray, Bends[Ray]][]) {
    [RAY.flexion, RAY.second, RAY.third].forEach((offset, i) => {
      values[firstOf(ray) + offset] = angles[i]! / DEG_PER_RAD;
      change[firstOf(ray) + offset] = 0;
    });
  }
  views.forEach((_, i) => {
    values[cameraFirst(i) + CAMERA.scale] = Math.log(PIXELS_PER_MM);
    values[cameraFirst(i) + CAMERA.across] = 560;
    values[cameraFirst(i) + CAMERA.down] = 420;
  });
  for (const column of [TURN, ...views.map((_, i) => cameraFirst(i))]) {
    for (let i = 0; i < 3; i += 1) change[column + i] = TURN_SD * normal();
  }
  const usual: FitState = { values, turn: problem.belief.turn, cameras: problem.nominal };
  const state = moveState(usual, change);
  // The thumb's tip on the stick, as in every hold.
  const { at } = problem.pose(state);
  THUMB_TIP_MM.forEach((mm, i) => (state.values[WRIST + i]! += mm - at[3 * 4 + i]!));
  return views.map((view, i) => captureOf(problem, state, view, i, sigma, normal));
}

function captureOf(
  problem: FitProblem,
  state: FitState,
  view: View,
  i: number,
  sigma: number,
  normal: () => number,
): Capture {
  const lens = lensOf(state, i);
  const { at } = problem.pose(state);
  const capture = blank(view);
  const clicked = (x: number, y: number, z: number) => {
    const seen = show(lens, x, y, z);
    return {
      x: seen.x + sigma * normal(),
      y: seen.y + sigma * normal(),
      sigma: Math.max(sigma, 1),
    };
  };
  HAND_POINTS.forEach((name, k) => {
    capture.points[name] = clicked(at[3 * k]!, at[3 * k + 1]!, at[3 * k + 2]!);
  });
  capture.points.stickHandEnd = clicked(-47, 0, 0);
  capture.points.stickTipEnd = clicked(85, 0, 0);
  capture.points.frogFront = clicked(0, -11, 0);
  capture.points.frogBack = clicked(-46, -11, 0);
  return capture;
}
