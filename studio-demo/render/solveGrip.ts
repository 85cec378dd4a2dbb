import { Matrix, solve } from 'ml-matrix';
import { Vector3 } from 'three';
import { FINGERS, type Finger, type HandPointName } from '@open-palm/core/hand';
import { pointNames, poseHand, type HandPose, type PosedHand } from './handPose';

/** What a rendered hold should come out as. Places in mm along the stick, depths in joint units, degrees. */
export interface GripTarget {
  thumb: { xMm: number; ipDeg: number; mcpDeg: number };
  fingers: Record<Finger, { xMm: number; u: number; pipDeg: number; dipDeg: number }>;
  /** How the little finger's tip stands: on top of the stick, or this high above it, mm. */
  littleLiftMm: number;
  /** Slope of the knuckle line, positive with the index side lower. */
  leanDeg: number;
}

const STICK_RADIUS_MM = 4.3;
const FLESH_MM: Record<Finger | 'thumb', number> = {
  thumb: 8,
  index: 7,
  middle: 7,
  ring: 6.5,
  little: 5.5,
};
/** Where round the stick a finger's contact lies, degrees from the top toward the finger side. */
const CONTACT_TURN_DEG: Record<Finger, number> = { index: 78, middle: 85, ring: 82, little: 5 };
const RAD = Math.PI / 180;

/** A settled hold, from which every search sets out and from whose turn no hold strays far. */
const START: HandPose = {
  wrist: [-11.5, 39.9, -116.3],
  turnDeg: [-9.5, 19.1, -31.7],
  thumb: [28.8, 4.2, 2.3, 21.8, 46.1],
  fingers: {
    index: [29.2, -4.5, 41.5, 30.1],
    middle: [36.1, 1.5, 52.6, 27.9],
    ring: [43.7, 11.5, 31.1, 23.2],
    little: [18.3, 1.1, 61.3, 31.5],
  },
};

/**
 * A pose whose contacts, bends and lean come close to the target: damped Gauss–Newton on soft wishes. It is meant
 * for demo pictures; what the hand really came out as is told by the truth file, not by the target.
 */
export function solveGrip(target: GripTarget): HandPose {
  let params = toParams(START);
  let residuals = wishes(fromParams(params), target);
  let damping = 1;
  for (let step = 0; step < 150; step += 1) {
    const jacobian = params.map((value, i) => {
      const nudged = [...params];
      nudged[i] = value + 0.01;
      return wishes(fromParams(nudged), target).map((r, k) => (r - residuals[k]!) / 0.01);
    });
    const gradient = jacobian.map((column) => dot(column, residuals));
    const normal = jacobian.map((a, i) =>
      jacobian.map((b, j) => dot(a, b) + (i === j ? damping * 0.05 : 0)),
    );
    const change = solve(new Matrix(normal), Matrix.columnVector(gradient)).to1DArray();
    const next = params.map((value, i) => value - change[i]!);
    const nextResiduals = wishes(fromParams(next), target);
    if (dot(nextResiduals, nextResiduals) < dot(residuals, residuals)) {
      params = next;
      residuals = nextResiduals;
      damping = Math.max(damping / 3, 1e-4);
    } else {
      damping *= 4;
      if (damping > 1e8) break;
    }
  }
  return fromParams(params);
}

/** Every wish as a number that is 0 when met and 1 when one tolerance off. */
function wishes(pose: HandPose, target: GripTarget): number[] {
  const hand = poseHand(pose);
  const out: number[] = [];
  const near = (value: number, wanted: number, tolerance: number) =>
    out.push((value - wanted) / tolerance);
  const nearPoint = (point: Vector3, x: number, y: number, z: number, tolerance: number) => {
    near(point.x, x, tolerance);
    near(point.y, y, tolerance);
    near(point.z, z, tolerance);
  };
  for (const finger of FINGERS) {
    const wanted = target.fingers[finger];
    const away = STICK_RADIUS_MM + FLESH_MM[finger];
    const angle = CONTACT_TURN_DEG[finger] * RAD;
    const lift = finger === 'little' ? target.littleLiftMm : 0;
    const tolerance = lift > 0 ? 4 : 0.6;
    const contact = pointAtDepth(hand, finger, wanted.u);
    nearPoint(
      contact,
      wanted.xMm,
      away * Math.cos(angle) + lift,
      away * Math.sin(angle),
      tolerance,
    );
    const [, pip, dip] = pointNames(finger) as [HandPointName, HandPointName, HandPointName];
    near(hand.flexionDeg[pip]!, wanted.pipDeg, 3);
    near(hand.flexionDeg[dip]!, wanted.dipDeg, 3);
    const [mcpDeg, abductDeg] = pose.fingers[finger];
    near(mcpDeg, 30, 25);
    near(abductDeg, 0, 7);
    keepOut(hand, finger, out);
  }
  const away = STICK_RADIUS_MM + FLESH_MM.thumb - 2;
  const angle = 215 * RAD;
  nearPoint(
    hand.points.thumbTip,
    target.thumb.xMm,
    away * Math.cos(angle),
    away * Math.sin(angle),
    0.8,
  );
  near(hand.flexionDeg.thumbIp!, target.thumb.ipDeg, 1.5);
  near(hand.flexionDeg.thumbMcp!, target.thumb.mcpDeg, 4);
  pose.thumb.slice(0, 3).forEach((deg) => near(deg, 0, 25));
  const { indexMcp, littleMcp } = hand.points;
  const leanDeg = Math.atan2(littleMcp.y - indexMcp.y, indexMcp.x - littleMcp.x) / RAD;
  near(leanDeg, target.leanDeg, 3);
  pose.turnDeg.forEach((deg, i) => near(deg, START.turnDeg[i]!, 2.5));
  near(hand.points.wrist.y, START.wrist[1], 6);
  return out;
}

/** Middle-of-bone samples must stay outside the stick and the frog. */
function keepOut(hand: PosedHand, finger: Finger, out: number[]): void {
  const line = pointNames(finger).map((name) => hand.points[name]);
  for (let i = 0; i < 3; i += 1) {
    for (const t of [0.25, 0.5, 0.75, 1]) {
      const p = line[i]!.clone().lerp(line[i + 1]!, t);
      const clearance = Math.hypot(p.y, p.z) - (STICK_RADIUS_MM + FLESH_MM[finger] - 1);
      out.push(Math.min(0, clearance) / 0.7);
      const onFrog = p.x < 2 && p.y < 0 && p.y > -26;
      out.push(onFrog ? Math.min(0, p.z - (7 + FLESH_MM[finger] - 1)) / 0.7 : 0);
    }
  }
}

/** The point on a finger at depth u: 0 tip, 1 DIP, 2 PIP, 3 MCP. */
function pointAtDepth(hand: PosedHand, finger: Finger, u: number): Vector3 {
  const line = pointNames(finger)
    .map((name) => hand.points[name])
    .reverse();
  const i = Math.min(2, Math.floor(u));
  return line[i]!.clone().lerp(line[i + 1]!, u - i);
}

function toParams(pose: HandPose): number[] {
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
