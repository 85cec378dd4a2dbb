import { fitHold, type FittedHold, type FittedJoint } from '@open-palm/core/fit';
import { HAND_POINTS, type HandFacts } from '@open-palm/core/hand';
import { holdById } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import type { Capture, View } from '@open-palm/core/measure';
import { seededNormal } from '@open-palm/core/stats';
import { bowMarks, BOWS } from '../../studio-demo/render/bowModel';
import { cameraFor } from '../../studio-demo/render/cameras';
import { GRIPS, type RenderedGrip } from '../../studio-demo/render/grips';
import type { HandBuild } from '@open-palm/core/pose';
import { poseHand, type HandPose } from '../../studio-demo/render/handPose';
import { solveGrip } from '../../studio-demo/render/solveGrip';
import { truthOf, type PictureTruth } from '../../studio-demo/render/truth';
import { handLengthPx } from './handLength';
import { handheld } from '../../studio-demo/render/variedPictures';

/** Click noise, SD in each direction as a share of the hand's length. */
export const NOISES = [0.005, 0.01] as const;

export const ONE_VIEWS: readonly View[] = ['finger-side', 'thumb-side', 'profile', 'player-eye'];

/** Pairs of views whose cameras stand at least 45° apart. */
export const PAIRS: readonly (readonly [View, View])[] = [
  ['thumb-side', 'profile'],
  ['finger-side', 'profile'],
  ['finger-side', 'thumb-side'],
  ['player-eye', 'thumb-side'],
  ['player-eye', 'profile'],
];

/** How far hands differ in build from the rendered ones, SD. [memory] */
const BUILD_SD = { size: 0.05, fingers: 0.04, thumb: 0.05, breadth: 0.05 };
/** How well the length of the middle finger is known. [memory] */
const FINGER_SD_SHARE = 0.04;

/** A fit with what is true of its hand. */
export interface FitCase {
  grip: string;
  views: readonly View[];
  noise: number;
  truths: readonly PictureTruth[];
  /** The clicked points. */
  captures: readonly Capture[];
  /** Null when the pictures were refused. */
  fitted: FittedHold | null;
  refusal: string | null;
  ms: number;
}

/** The true bend that answers to a fitted joint. A finger's knuckle is told against the palm, which the truth is not. */
export const trueBend = (
  [truth]: readonly PictureTruth[],
  joint: FittedJoint,
): number | undefined => truth!.trueFlexionDeg[joint];

/**
 * Fits a hand to one and to two pictures of every rendered grip, each time in a hand of another build, before cameras
 * that are held by hand, with clicks that are off.
 */
export function* fitCases(seed: number): Generator<FitCase> {
  const normal = seededNormal(seed);
  for (const grip of GRIPS) {
    const { pose } = solveGrip(grip.target);
    for (const views of [...ONE_VIEWS.map((view) => [view]), ...PAIRS]) {
      for (const noise of NOISES) yield fitCase(grip, pose, views, noise, normal);
    }
  }
}

function fitCase(
  grip: RenderedGrip,
  pose: HandPose,
  views: readonly View[],
  noise: number,
  normal: () => number,
): FitCase {
  const build = otherBuild(grip.target.build, normal);
  const own = { ...grip, target: { ...grip.target, build } };
  const truths = views.map((view) =>
    truthOf(own, pose, view, 'right', cameraFor(view, false, handheld(normal))),
  );
  const captures = truths.map((truth) => clicked(truth, noise, normal));
  const { points } = poseHand(pose, build);
  const fingerMm =
    points.middleMcp.distanceTo(points.middlePip) +
    points.middlePip.distanceTo(points.middleDip) +
    points.middleDip.distanceTo(points.middleTip);
  const mm = fingerMm * (1 + FINGER_SD_SHARE * normal());
  const hand: HandFacts = { middleFinger: { mm, sdMm: FINGER_SD_SHARE * mm }, relaxed: null };
  const from = performance.now();
  const [fitted, refusal] = outcome(() => fitHold(captures, holdById(grip.holdId), hand));
  const ms = performance.now() - from;
  return { grip: grip.name, views, noise, truths, captures, fitted, refusal, ms };
}

function outcome(fit: () => FittedHold): [FittedHold | null, string | null] {
  try {
    return [fit(), null];
  } catch (error) {
    if (error instanceof InputError) return [null, error.issues[0]!.code];
    throw error;
  }
}

const otherBuild = (build: HandBuild, normal: () => number): HandBuild => ({
  size: build.size * Math.exp(BUILD_SD.size * normal()),
  fingers: build.fingers * Math.exp(BUILD_SD.fingers * normal()),
  thumb: build.thumb * Math.exp(BUILD_SD.thumb * normal()),
  breadth: build.breadth * Math.exp(BUILD_SD.breadth * normal()),
});

function clicked(truth: PictureTruth, noise: number, normal: () => number): Capture {
  const sigma = noise * handLengthPx(truth);
  const points: Capture['points'] = {};
  const marks = Object.keys(bowMarks(BOWS.violin)) as (keyof ReturnType<typeof bowMarks>)[];
  for (const name of [...HAND_POINTS, ...marks]) {
    const [x, y] = truth.points2d[name];
    points[name] = { x: x + sigma * normal(), y: y + sigma * normal(), sigma };
  }
  const { view, side, image, frogLengthMm } = truth;
  return { view, side, image, points, frogLength: { mm: frogLengthMm, sdMm: 0.5 } };
}
