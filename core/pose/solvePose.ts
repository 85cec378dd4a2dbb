import type { BowBody } from '../bow/bowBody';
import { levenbergMarquardt } from '../fit/minimise/levenbergMarquardt';
import { FINGERS, type Finger } from '../hand';
import { bowOf } from './bowOf';
import type { DrawnHold } from './drawnHold';
import type { MeasureId } from '../measure/measureIds';
import { correctFlesh, type SkinFit } from './fleshOnBow';
import { BUILDS, middleFingerOf, type HandBuild } from './handBuild';
import { holdPoseOf } from './holdPose';
import type { MeasuredGrip } from './measuredGrip';
import { approachOfFinger } from '../hand/approachOfFinger';
import { posedMeasures } from './posedMeasures';
import { DIGIT_VALUES, HandPoser, poseOf, type HandPose, type WristBend } from './posedHand';
import { PoseProblem, type Flesh } from './poseProblem';
import { PALM_MM } from './poseTolerance';
import { poseTarget, type PoseTarget } from './poseTarget';
import { DIGITS } from './digits';

/** How far a solved pose is from one thing that was measured. */
export interface PoseResidual {
  /** A measure, or the place of a digit along the stick. */
  id: MeasureId | `${(typeof DIGITS)[number]}X`;
  wanted: number;
  came: number;
}

/** The most plausible hand for what was measured. */
export interface SolvedPose {
  pose: HandPose;
  wristBend: WristBend;
  fit: SkinFit;
  residuals: PoseResidual[];
  /** What cannot be had together: measured things that came out further off than they may. */
  fighting: PoseResidual['id'][];
}

/** Rounds of search and measuring the skin; most settle in two. */
const USUAL_ROUNDS = 3;
const ROUNDS = 6;
const STEPS = { first: 40, later: 14 };
const SETTLED = 2e-4;
/** A skin that is no further off than this is left, mm. */
const FIT_MM = 0.9;

/** How far a measured thing may come out from what was measured, by its unit. */
const MISSED = { mm: 1, u: 0.05, deg: 2, breadth: 0.06 };

/**
 * The hand that a hold's measures tell, on its bow: what was measured as it was measured, the rest as the hold wants it, joints within what
 * they can do, skin on the wood. The same measures give the same hand.
 */
export function solvePose(hold: DrawnHold, grip: MeasuredGrip, build: HandBuild): SolvedPose {
  const own = holdPoseOf(hold.id);
  const bow = bowOf(hold);
  const poser = new HandPoser(build);
  const middleFingerMm = middleFingerOf(build);
  const target = poseTarget(hold, grip, middleFingerMm);
  // A smaller hand stands as much nearer to the bow.
  const nearer = build.size / BUILDS[own.build].size;
  const start = own.values.map((value, i) => (i < 3 ? value * nearer : value));
  const flesh = Object.fromEntries(
    DIGITS.map((digit) => [digit, own.fleshMm[digit].map((mm) => mm * build.size)]),
  ) as Flesh;
  const from = (values: ArrayLike<number>, yielding = 1): Searched => {
    const searched = search(values, { poser, bow, target, flesh, own: start, yielding });
    const residuals = residualsOf(searched.values, poser, target, grip, middleFingerMm, hold);
    return { ...searched, residuals, missed: residuals.filter(isMissed).map(({ id }) => id) };
  };
  let best = from(start);
  for (const other of otherStarts(start, best.missed)) {
    if (best.missed.length === 0) break;
    const found = from(other);
    if (penalty(found) < penalty(best)) best = found;
  }
  if (best.missed.length > 0) {
    // By the way of the hand that the hold was posed with.
    const by = {
      poser: new HandPoser(BUILDS[own.build]),
      bow,
      target,
      flesh: own.fleshMm as Flesh,
    };
    const { values } = search(own.values, { ...by, own: own.values, yielding: 1 });
    const found = from(values);
    if (penalty(found) < penalty(best)) best = found;
  }
  if (best.missed.length > 0) {
    const longer = from(best.values);
    if (penalty(longer) < penalty(best)) best = longer;
  }
  // What was measured gives way where it would drive a finger through the wood.
  for (const yielding of YIELDING) {
    if (best.fit.overlapMm < MOST_INSIDE_MM) break;
    // A finger that is on the wrong side of the stick stays there: the hold's own hand is on the right one.
    const other = from(yielding < FROM_OWN ? best.values : start, yielding);
    if (other.fit.overlapMm < best.fit.overlapMm) best = other;
  }
  // Nor is it where a smaller hand's own finger starts out inside the frog: others set out bent otherwise.
  for (const other of otherStarts(start, FINGERS)) {
    if (best.fit.overlapMm < MOST_INSIDE_MM) break;
    const found = from(other, FROM_OWN);
    if (found.fit.overlapMm < best.fit.overlapMm) best = found;
  }
  return {
    pose: poseOf(best.values),
    wristBend: wristBendOf(grip, own.wristBend),
    fit: best.fit,
    residuals: best.residuals,
    fighting: best.missed,
  };
}

/** Which of two searches came out better: what was measured is met, the skin is outside the wood, the cost is low. */
const penalty = ({ missed, fit, cost }: Searched): number =>
  missed.length + Math.max(0, fit.overlapMm - FIT_MM) + cost / (cost + 1000);

/** Skin is never further inside the wood than this, mm, and by how much more each time what was measured may give way for it. */
const MOST_INSIDE_MM = 1.3;
const YIELDING = [4, 20, 100, 1000, 30_000];
const FROM_OWN = 50;

interface Searching {
  poser: HandPoser;
  bow: BowBody;
  target: PoseTarget;
  flesh: Flesh;
  own: ArrayLike<number>;
  yielding: number;
}

interface Found {
  values: Float64Array;
  cost: number;
  fit: SkinFit;
}

interface Searched extends Found {
  residuals: PoseResidual[];
  missed: PoseResidual['id'][];
}

/** Search and measuring the skin in turn, until the skin lies on the wood. */
function search(
  start: ArrayLike<number>,
  { poser, bow, target, flesh, own, yielding }: Searching,
): Found {
  let [values, used, palmMm] = [Float64Array.from(start), flesh, PALM_MM * poser.build.size];
  let best: Found | null = null;
  for (let round = 0; round < ROUNDS; round += 1) {
    const problem = new PoseProblem(poser, bow, target, { flesh: used, palmMm }, own, yielding);
    const steps = round === 0 ? STEPS.first : STEPS.later;
    const { state, cost } = levenbergMarquardt(problem, values, { steps, relative: SETTLED });
    values = Float64Array.from(state);
    const corrected = correctFlesh(poser.pose(values), bow, target, used);
    if (!best || worst(corrected.fit) < worst(best.fit)) {
      best = { values, cost, fit: corrected.fit };
    }
    if (worst(corrected.fit) < FIT_MM) break;
    if (round >= USUAL_ROUNDS - 1 && corrected.fit.overlapMm < MOST_INSIDE_MM) break;
    used = corrected.flesh;
    palmMm += corrected.palmInsideMm;
  }
  return best!;
}

/** How fingers that came out wrong are set before another search: at the knuckle, the middle joint and the last, degrees. */
const OTHERWISE = [
  [22, -18, -8],
  [-22, 20, 6],
  [0, 34, -12],
  [-12, -24, 20],
  [38, -30, 0],
] as const;

function* otherStarts(own: ArrayLike<number>, missed: readonly string[]): Generator<Float64Array> {
  const fingers = FINGERS.filter((finger) =>
    missed.some((id) => id.startsWith(finger) || (finger === 'middle' && id === 'thumbOpposition')),
  );
  for (const [knuckle, middle, last] of fingers.length === 0 ? [] : OTHERWISE) {
    const start = Float64Array.from(own);
    for (const finger of fingers) {
      const first = DIGIT_VALUES[finger];
      start[first]! += knuckle;
      start[first + 2]! += middle;
      start[first + 3]! += last;
    }
    yield start;
  }
}

const worst = ({ gapMm, overlapMm }: SkinFit) => Math.max(gapMm, overlapMm);

function wristBendOf({ measures }: MeasuredGrip, own: WristBend): WristBend {
  const { wristFlexion, wristDeviation } = measures;
  return {
    flexionDeg: typeof wristFlexion === 'number' ? wristFlexion : own.flexionDeg,
    deviationDeg: typeof wristDeviation === 'number' ? wristDeviation : own.deviationDeg,
  };
}

/** Measures that only a hand over the stick has: how far the thumb goes through, the slope of the knuckles. */
const OF_OVER_HAND = ['handLean', 'thumbThrough'] as const;
/** Measures that rest on where the little finger is nearest to the stick: one that carries from below is nearest nowhere in particular. */
const OF_LITTLE_UNDER = ['littleDepth', 'gap34', 'spread'] as const;

function residualsOf(
  values: Float64Array,
  poser: HandPoser,
  target: PoseTarget,
  { contacts, measures }: MeasuredGrip,
  middleFingerMm: number,
  hold: DrawnHold,
): PoseResidual[] {
  const hand = poser.pose(values);
  const told = Object.fromEntries(
    FINGERS.flatMap((finger) => {
      const { u } = target.digits[finger];
      return u.isMeasured ? [[finger, u.value]] : [];
    }),
  ) as Partial<Record<Finger, number>>;
  const came = posedMeasures(hand, bowOf(hold), middleFingerMm, told);
  const out: PoseResidual[] = [];
  const vague = [
    ...(hold.hand === 'under' ? OF_OVER_HAND : []),
    ...(target.digits.little.touch.on === 'under' ? OF_LITTLE_UNDER : []),
  ] as MeasureId[];
  for (const [id, wanted] of Object.entries(measures) as [MeasureId, number | string][]) {
    const value = came[id];
    if (typeof wanted === 'number' && value !== undefined && !vague.includes(id)) {
      out.push({ id, wanted, came: value });
    }
  }
  for (const finger of FINGERS) {
    const contact = contacts.fingers[finger];
    const { on } = target.digits[finger].touch;
    if (!contact || on === 'air' || on === 'under') continue;
    const { u, xMm } = approachOfFinger(hand.points, finger, told[finger]);
    if (!contact.onlyDepth) out.push({ id: `${finger}X`, wanted: contact.xMm, came: xMm });
    const depth = `${finger}Depth` as MeasureId;
    if (measures[depth] === undefined) out.push({ id: depth, wanted: contact.u, came: u });
  }
  if (contacts.thumbXMm !== null && measures.thumbPlace === undefined) {
    out.push({ id: 'thumbX', wanted: contacts.thumbXMm, came: came.thumbPlace! });
  }
  return out;
}

/** By how much a residual may be missed, in its own unit. */
export function mayMiss(id: PoseResidual['id']): number {
  if (id === 'thumbOpposition') return MISSED.breadth;
  if (id.endsWith('Depth')) return MISSED.u;
  return /Flexion|Lean|Approach/.test(id) ? MISSED.deg : MISSED.mm;
}

/** Whether a measured thing came out further off than so many times what it may be missed by. */
export const isFarOff = ({ id, wanted, came }: PoseResidual, times: number): boolean =>
  Math.abs(wanted - came) > times * mayMiss(id);

const isMissed = (residual: PoseResidual) => isFarOff(residual, 1);
