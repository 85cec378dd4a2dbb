import { FINGERS, PLAUSIBLE_FLEXION_DEG, type JointRange } from '../hand';
import { DEG_PER_RAD } from '../units';
import priors from './data/handPriors.json' with { type: 'json' };
import type { FitFacts } from './fitInput';
import { fromColumns, type Rotation } from './rotation';
import { cross, sizeOf, unit, vec } from './hand/handSkeleton';
import {
  CAMERA,
  cameraFirst,
  firstOf,
  PALM,
  RAY,
  RAYS,
  SIZE,
  TIPS,
  unknowns,
  WRIST,
  type Ray,
} from './hand/layout';

/** What is believed of the unknowns before a picture was looked at. */
export interface Belief {
  mean: Float64Array;
  sd: Float64Array;
  /** Of the hand's turn. */
  turn: Rotation;
  turnSd: number;
  cameraTurnSd: number;
}

/** A joint's unknown with the range beyond which it is hardly believed, radians. */
export interface SoftRange {
  column: number;
  lo: number;
  hi: number;
}

/** A hinge angle that follows another, weakly: how a fingertip bends with its middle joint. */
export interface Coupling {
  leader: number;
  follower: number;
}

/** An unknown about which nothing is believed still needs a scale, px. */
const ANYWHERE_PX = 4000;
/** SD of the logarithm of a scale about which nothing is believed. */
const ANY_SCALE = 3;

/** The belief about so many pictures of a hand on a bow. */
export function beliefOf({ hand, holds }: FitFacts, pictures: number): Belief {
  const mean = new Float64Array(unknowns(pictures));
  const sd = new Float64Array(unknowns(pictures)).fill(1);
  const believe = (column: number, value: number, by: number) => {
    mean[column] = value;
    sd[column] = by;
  };
  const place = priors.hand[holds];
  place.wristMm.forEach((mm, i) => believe(WRIST + i, mm, place.wristSdMm));
  believe(SIZE, Math.log(sizeOf(hand)), hand.middleFinger.sdMm / hand.middleFinger.mm);
  // A clicked fingertip lies anywhere between the nail, the bone's end and the skin's.
  believe(TIPS, 0, priors.tipsSdShare);
  believe(PALM, 0, priors.palmSdShare);
  for (const ray of RAYS) believeRay(ray, hand.relaxed !== null, believe);
  const { bowMark, camera } = priors;
  for (let picture = 0; picture < pictures; picture += 1) {
    const first = cameraFirst(picture);
    believe(first + CAMERA.scale, 0, ANY_SCALE);
    believe(first + CAMERA.across, 0, ANYWHERE_PX);
    believe(first + CAMERA.down, 0, ANYWHERE_PX);
    believe(first + CAMERA.distance, Math.log(camera.distanceMm), camera.distanceSdShare);
    believe(first + CAMERA.handEnd, ...pair(bowMark.handEndMm));
    believe(first + CAMERA.tipEnd, ...pair(bowMark.tipEndMm));
    believe(first + CAMERA.frogFront, ...pair(bowMark.frogHeightMm));
    believe(first + CAMERA.frogBack, ...pair(bowMark.frogHeightMm));
  }
  const distal = unit(vec(place.distal));
  const palmar = unit(cross(vec(place.radial), distal));
  return {
    mean,
    sd,
    turn: fromColumns(cross(distal, palmar), distal, palmar),
    turnSd: place.turnSdDeg / DEG_PER_RAD,
    cameraTurnSd: camera.turnSdDeg / DEG_PER_RAD,
  };
}

function believeRay(
  ray: Ray,
  isOwn: boolean,
  believe: (column: number, value: number, by: number) => void,
): void {
  const first = firstOf(ray);
  const angle = (offset: number, at: readonly number[]) => {
    const [mean, sd] = pair(at);
    believe(first + offset, mean / DEG_PER_RAD, sd / DEG_PER_RAD);
  };
  priors.palmSdMm[ray].forEach((sdMm, i) => believe(first + RAY.base + i, 0, sdMm));
  const { spread, roll, flexion } = priors.anglesDeg[ray];
  angle(RAY.spread, spread);
  angle(RAY.roll, roll);
  angle(RAY.flexion, flexion);
  const boneSd = priors.phalanxSdShare * (isOwn ? 0.6 : 1);
  for (let i = 0; i < 3; i += 1) believe(first + RAY.bones + i, 0, boneSd);
  if (ray === 'thumb') {
    const { mcp, mcpSpread, ip } = priors.anglesDeg.thumb;
    angle(RAY.second, mcp);
    angle(RAY.third, ip);
    angle(RAY.secondSpread, mcpSpread);
    angle(RAY.twist, priors.anglesDeg.thumb.twist);
    believe(first + RAY.bones, 0, priors.thumbMetacarpalSdShare);
  } else {
    angle(RAY.second, priors.anglesDeg[ray].pip);
    angle(RAY.third, priors.anglesDeg[ray].dip);
  }
}

const pair = (numbers: readonly number[]) => numbers as readonly [number, number];

const range = (column: number, { lo, hi }: JointRange): SoftRange => ({
  column,
  lo: lo / DEG_PER_RAD,
  hi: hi / DEG_PER_RAD,
});

/** Joints with what they can do at all. */
export const SOFT_RANGES: readonly SoftRange[] = [
  range(firstOf('thumb') + RAY.second, PLAUSIBLE_FLEXION_DEG.thumbMcp),
  range(firstOf('thumb') + RAY.third, PLAUSIBLE_FLEXION_DEG.thumbIp),
  ...FINGERS.flatMap((finger) => [
    range(firstOf(finger) + RAY.flexion, PLAUSIBLE_FLEXION_DEG.fingerMcp),
    range(firstOf(finger) + RAY.second, PLAUSIBLE_FLEXION_DEG.fingerPip),
    range(firstOf(finger) + RAY.third, PLAUSIBLE_FLEXION_DEG.fingerDip),
  ]),
];

export const BEYOND_RANGE_SD = priors.beyondRangeSdDeg / DEG_PER_RAD;

/** A fingertip bends about half as far as its middle joint, weakly. */
export const COUPLINGS: readonly Coupling[] = FINGERS.map((finger) => ({
  leader: firstOf(finger) + RAY.second,
  follower: firstOf(finger) + RAY.third,
}));

export const COUPLED = { share: priors.dipPerPip, sd: priors.dipPerPipSdDeg / DEG_PER_RAD };
