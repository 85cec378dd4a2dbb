import { Matrix, solve } from 'ml-matrix';
import { Vector3 } from 'three';
import { FINGERS, type HandPointName } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import { distanceToBow, LEATHER_MM } from '@open-palm/core/bow/body';
import { BOWS, type BowModel } from './bowModel';
import type { Contact, GripTarget } from './gripTarget';
import { pointNames, poseHand, type HandPose, type PosedHand } from './handPose';
import { RIG_CHAIN, RIG_FINGERS, type RigFinger } from './handRig';
import { skinOf } from './handSkin';
import { keepOut, keepPalmOut } from './keepOut';

/** Flesh between each bone of a digit and its skin where it touches, from the base to the tip, mm. */
export type Flesh = Record<RigFinger, [number, number, number]>;

const FLESH_MM: Flesh = {
  thumb: [10, 9, 8],
  index: [8, 7.5, 7],
  middle: [8, 7.5, 7],
  ring: [7.5, 7, 6.5],
  little: [6.5, 6, 5.5],
};
/** The web between thumb and index, in which the button rests, is carried by this bone and gives way so much more, mm. [memory] */
const WEB = 'thumb-metacarpal';
const WEB_MM = 4;
const RAD = Math.PI / 180;

interface Start {
  pose: HandPose;
  /** How far a hold may turn away from it, degrees. */
  turnTolerance: number;
  wristTolerance: number;
  /** From the middle knuckle to the wrist, and how far from there: the forearm comes from the button's side. */
  wristFrom: { x: [number, number]; y: [number, number] };
}

/** From where every search sets out: a settled hold over the stick, and a hand that shakes hands with the frog. */
const STARTS: Record<Hold['hand'], Start> = {
  over: {
    pose: {
      wrist: [-11.5, 39.9, -116.3],
      turnDeg: [-9.5, 19.1, -31.7],
      thumb: [28.8, 4.2, 2.3, 21.8, 46.1],
      fingers: {
        index: [29.2, -4.5, 41.5, 30.1],
        middle: [36.1, 1.5, 52.6, 27.9],
        ring: [43.7, 11.5, 31.1, 23.2],
        little: [18.3, 1.1, 61.3, 31.5],
      },
    },
    turnTolerance: 3,
    wristTolerance: 6,
    wristFrom: { x: [-22, 4], y: [0, 60] },
  },
  under: {
    pose: {
      wrist: [-128, -30, 34],
      turnDeg: [75, 62, 66],
      thumb: [5, 0, 0, 15, 25],
      fingers: {
        index: [35, 0, 40, 20],
        middle: [45, 0, 45, 20],
        ring: [55, 0, 55, 25],
        little: [55, 0, 50, 25],
      },
    },
    turnTolerance: 12,
    wristTolerance: 15,
    wristFrom: { x: [-86, 8], y: [-14, 8] },
  },
};

/** How a solved hand meets the bow, measured on its skin, mm. */
export interface Fit {
  /** The widest gap between the bow and a digit that should touch it. */
  gapMm: number;
  /** The deepest place of the skin inside the bow: flesh that gives way. */
  overlapMm: number;
}

export interface SolvedGrip {
  pose: HandPose;
  fit: Fit;
  /** As it came out: between each bone and its skin where it touches. */
  flesh: Flesh;
}

const ROUNDS = 9;
/** Skin that gives way by this much is as it should be, mm. */
const PRESSED_MM = 0.5;

/**
 * A pose whose contacts, bends and lean come close to the target and whose skin touches the bow without passing through
 * it: damped Gauss–Newton on soft wishes, then the flesh around each bone is measured on the skin and the search
 * repeated. What the hand really came out as is told by the truth file, not by the target.
 */
export function solveGrip(target: GripTarget): SolvedGrip {
  const model = BOWS[target.bow];
  const size = target.build.size;
  const flesh = Object.fromEntries(
    RIG_FINGERS.map((digit) => [digit, FLESH_MM[digit].map((mm) => mm * size)]),
  ) as Flesh;
  let pose = STARTS[target.hand].pose;
  let best: SolvedGrip | null = null;
  for (let round = 0; round < ROUNDS; round += 1) {
    pose = search(pose, target, model, flesh, round === 0 ? 120 : 40);
    const used = structuredClone(flesh);
    const fit = correctFlesh(pose, target, model, flesh);
    if (!best || worst(fit) < worst(best.fit)) best = { pose, fit, flesh: used };
    if (worst(fit) < 0.8) break;
  }
  return best!;
}

const worst = ({ gapMm, overlapMm }: Fit) => Math.max(gapMm, overlapMm);

/** Measures the skin against the bow and makes the flesh of each bone thicker or thinner by what it is off. */
function correctFlesh(pose: HandPose, target: GripTarget, model: BowModel, flesh: Flesh): Fit {
  const skin = skinOf(poseHand(pose, target.build), target.build);
  const nearest = new Map<string, number>();
  for (const { at, joint } of skin) {
    nearest.set(
      joint,
      Math.min(nearest.get(joint) ?? Infinity, distanceToBow(model, at.x, at.y, at.z)),
    );
  }
  nearest.set(WEB, (nearest.get(WEB) ?? Infinity) + WEB_MM);
  let [gapMm, overlapMm] = [0, 0];
  for (const mm of nearest.values()) overlapMm = Math.max(overlapMm, -mm);
  for (const digit of RIG_FINGERS) {
    const bones = RIG_CHAIN[digit].slice(digit === 'thumb' ? 0 : 1);
    const off = bones.slice(0, 3).map((bone, i) => {
      const tip = i === 2 ? (nearest.get(bones[3]!) ?? Infinity) : Infinity;
      return Math.min(nearest.get(bone) ?? Infinity, tip);
    });
    const contact = digit === 'thumb' ? target.thumb.contact : target.fingers[digit].contact;
    const u = digit === 'thumb' ? 0 : target.fingers[digit].u;
    const at = Math.max(0, 2 - Math.floor(Math.min(2.99, u)));
    off.forEach((mm, i) => {
      if (mm < -PRESSED_MM) flesh[digit][i]! += 0.7 * (-mm - PRESSED_MM);
    });
    if (contact.on === 'air') continue;
    const own = Math.min(...off);
    gapMm = Math.max(gapMm, own);
    if (own > -PRESSED_MM / 2) flesh[digit][at]! -= 0.7 * (own + PRESSED_MM / 2);
  }
  return { gapMm, overlapMm };
}

function search(
  from: HandPose,
  target: GripTarget,
  model: BowModel,
  flesh: Flesh,
  steps: number,
): HandPose {
  let params = toParams(from);
  const wishesOf = (p: readonly number[]) => wishes(fromParams(p), target, model, flesh);
  let residuals = wishesOf(params);
  let damping = 1;
  for (let step = 0; step < steps; step += 1) {
    const jacobian = params.map((value, i) => {
      const nudged = [...params];
      nudged[i] = value + 0.01;
      return wishesOf(nudged).map((r, k) => (r - residuals[k]!) / 0.01);
    });
    const gradient = jacobian.map((column) => dot(column, residuals));
    const normal = jacobian.map((a, i) =>
      jacobian.map((b, j) => dot(a, b) + (i === j ? damping * 0.05 : 0)),
    );
    const change = solve(new Matrix(normal), Matrix.columnVector(gradient)).to1DArray();
    const next = params.map((value, i) => value - change[i]!);
    const nextResiduals = wishesOf(next);
    const gain = dot(residuals, residuals) - dot(nextResiduals, nextResiduals);
    if (gain > 0) {
      params = next;
      residuals = nextResiduals;
      damping = Math.max(damping / 3, 1e-4);
      if (gain < 1e-4 * dot(residuals, residuals)) break;
    } else {
      damping *= 4;
      if (damping > 1e8) break;
    }
  }
  return fromParams(params);
}

/** Every wish as a number that is 0 when met and 1 when one tolerance off. */
function wishes(pose: HandPose, target: GripTarget, model: BowModel, flesh: Flesh): number[] {
  const start = STARTS[target.hand];
  const hand = poseHand(pose, target.build);
  const out: number[] = [];
  const near = (value: number, wanted: number, tolerance: number) =>
    out.push((value - wanted) / tolerance);
  const touch = (at: Vector3, xMm: number, contact: Contact, fleshMm: number, loose: number) => {
    const place = placeOf(model, xMm, contact, fleshMm);
    near(at.x, place.x, loose);
    if (place.y !== null) near(at.y, place.y, contact.on === 'air' ? 4 : loose);
    if (place.z !== null) near(at.z, place.z, contact.on === 'air' ? 4 : loose);
  };
  for (const finger of FINGERS) {
    const { xMm, u, pipDeg, dipDeg, contact } = target.fingers[finger];
    const bone = 2 - Math.floor(Math.min(2.99, u));
    touch(pointAtDepth(hand, finger, u), xMm, contact, flesh[finger][bone]!, 0.6);
    const [, pip, dip] = pointNames(finger) as [HandPointName, HandPointName, HandPointName];
    // A finger that is locked is locked; one that is bent may bend a little otherwise.
    const loose = pipDeg < 10 ? 1.2 : 4;
    near(hand.flexionDeg[pip]!, pipDeg, loose);
    near(hand.flexionDeg[dip]!, dipDeg, loose);
    const [mcpDeg, abductDeg] = pose.fingers[finger];
    near(mcpDeg, 30, 25);
    near(abductDeg, 0, 7);
    keepOut(hand, finger, model, flesh[finger], out);
  }
  const { thumb } = target;
  touch(pointAtDepth(hand, 'thumb', 0.25), thumb.xMm, thumb.contact, flesh.thumb[2], 0.8);
  near(hand.flexionDeg.thumbIp!, thumb.ipDeg, 1.5);
  near(hand.flexionDeg.thumbMcp!, thumb.mcpDeg, 4);
  keepOut(hand, 'thumb', model, flesh.thumb, out);
  pose.thumb.slice(0, 3).forEach((deg) => near(deg, 0, 25));
  if (target.leanDeg !== null) {
    const { indexMcp, littleMcp } = hand.points;
    const leanDeg = Math.atan2(littleMcp.y - indexMcp.y, indexMcp.x - littleMcp.x) / RAD;
    near(leanDeg, target.leanDeg, 3);
  }
  if (target.webXMm !== undefined) {
    const web = hand.points.thumbMcp.clone().lerp(hand.points.indexMcp, 0.5);
    near(web.x, target.webXMm - 8, 3);
    near(web.y, 8, 5);
    near(web.z, 0, 6);
    keepPalmOut(hand, model, target.build.size, out);
  }
  pose.turnDeg.forEach((deg, i) => near(deg, start.pose.turnDeg[i]!, start.turnTolerance));
  const { wrist, middleMcp } = hand.points;
  near(wrist.y, start.pose.wrist[1], start.wristTolerance);
  near(wrist.x - middleMcp.x, start.wristFrom.x[0] * target.build.size, start.wristFrom.x[1]);
  near(wrist.y - middleMcp.y, start.wristFrom.y[0] * target.build.size, start.wristFrom.y[1]);
  return out;
}

/** Where the middle of a digit lies that touches the bow there; null for a coordinate that is free. */
function placeOf(
  { stickRadiusMm, gripFromMm, gripToMm, frog }: BowModel,
  x: number,
  contact: Contact,
  fleshMm: number,
): { x: number; y: number | null; z: number | null } {
  switch (contact.on) {
    case 'stick': {
      const leather = x > gripFromMm && x < gripToMm ? LEATHER_MM : 0;
      const away = stickRadiusMm + leather + fleshMm;
      const angle = contact.turnDeg * RAD;
      return { x, y: away * Math.cos(angle), z: away * Math.sin(angle) };
    }
    case 'frogSide':
      return { x, y: contact.yMm, z: frog.depthMm / 2 + fleshMm };
    case 'under':
      return { x, y: frog.bottomMm - fleshMm, z: 0 };
    case 'air':
      return { x, y: stickRadiusMm + fleshMm + contact.liftMm, z: 0 };
  }
}

/** The point on a digit at depth u: 0 tip, 1 last joint, 2, 3 its base. */
function pointAtDepth(hand: PosedHand, digit: RigFinger, u: number): Vector3 {
  const line = pointNames(digit)
    .map((name) => hand.points[name])
    .reverse();
  const i = Math.min(2, Math.floor(u));
  return line[i]!.clone().lerp(line[i + 1]!, u - i);
}

export function toParams(pose: HandPose): number[] {
  return [
    ...pose.wrist,
    ...pose.turnDeg,
    ...pose.thumb,
    ...FINGERS.flatMap((finger) => pose.fingers[finger]),
  ];
}

function fromParams(p: readonly number[]): HandPose {
  const four = (i: number) => p.slice(i, i + 4) as [number, number, number, number];
  return {
    wrist: p.slice(0, 3) as [number, number, number],
    turnDeg: p.slice(3, 6) as [number, number, number],
    thumb: p.slice(6, 11) as [number, number, number, number, number],
    fingers: { index: four(11), middle: four(15), ring: four(19), little: four(23) },
  };
}

const dot = (a: readonly number[], b: readonly number[]) =>
  a.reduce((sum, value, i) => sum + value * b[i]!, 0);
