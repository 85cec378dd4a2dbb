import { HAND_POINTS, type Finger } from '../hand';
import { DEG_PER_RAD } from '../units';
import { fromVector, times, type Rotation } from '../fit/rotation';
import type { HandBuild } from './handBuild';
import { DIGITS, type Digit } from './digits';
import { restPlaces } from './restPlaces';
import { DIGIT_JOINTS, JOINTS, REST } from './rig';

/** A hand on the bow. Angles in degrees, added to the rig's rest; lengths in mm, in the bow's frame. */
export interface HandPose {
  wrist: readonly [number, number, number];
  /** Turn of the whole hand as a rotation vector, 0 = fingers across the stick, palm down. */
  turnDeg: readonly [number, number, number];
  /** Thumb: flexion, abduction and twist at the CMC, flexion at MCP and IP. */
  thumb: readonly [number, number, number, number, number];
  /** Fingers: flexion and abduction at the MCP, flexion at PIP and DIP. */
  fingers: Readonly<Record<Finger, readonly [number, number, number, number]>>;
}

/** How the hand stands against the forearm, degrees: flexion and radial deviation positive. */
export interface WristBend {
  flexionDeg: number;
  deviationDeg: number;
}

/** A hand where its pose has put it. */
export interface PosedHand {
  /** Of each of the rig's joints how it carries the skin at rest: nine of a matrix row by row, then a place. */
  carry: Float64Array;
  /** x, y, z of the 21 points in the common order, mm. */
  points: Float64Array;
  /** Of each point of a bending joint how far it is bent, degrees; NaN for the others. */
  bendDeg: Float64Array;
}

export const CARRY = 12;

/** The rig's last joint lies inside the fingertip; the tip's mark is this much further, mm. */
const TIP_BEYOND_MM: Record<Digit, number> = {
  thumb: 7.9,
  index: 9.1,
  middle: 10.6,
  ring: 9.6,
  little: 7.6,
};

/** From the rig's frame into the bow's: x toward the tip, y away from the hair, z toward the fingers' side. */
const RIG_TO_BOW = Float64Array.of(0, 0, -1, 1, 0, 0, 0, -1, 0);

type Three = readonly [number, number, number];

/** The pose as a list of numbers, for a search: wrist, turn, thumb, then each finger. */
export function poseValues({ wrist, turnDeg, thumb, fingers }: HandPose): Float64Array {
  const { index, middle, ring, little } = fingers;
  return Float64Array.of(...wrist, ...turnDeg, ...thumb, ...index, ...middle, ...ring, ...little);
}

export const POSE_VALUES = 27;
/** The first of a digit's numbers among them. */
export const DIGIT_VALUES: Record<Digit, number> = {
  thumb: 6,
  index: 11,
  middle: 15,
  ring: 19,
  little: 23,
};

/** The pose of a list of numbers. */
export function poseOf(values: ArrayLike<number>): HandPose {
  const some = (from: number, count: number) =>
    Array.from({ length: count }, (_, i) => values[from + i]!);
  const four = (digit: Digit) => some(DIGIT_VALUES[digit], 4) as unknown as [0, 0, 0, 0];
  return {
    wrist: some(0, 3) as unknown as Three,
    turnDeg: some(3, 3) as unknown as Three,
    thumb: some(6, 5) as unknown as HandPose['thumb'],
    fingers: {
      index: four('index'),
      middle: four('middle'),
      ring: four('ring'),
      little: four('little'),
    },
  };
}

/** What a digit's joints are bent to, for one chain from its base; reused, so that a search makes no litter. */
const scratch = {
  turned: new Float64Array(9),
  own: new Float64Array(9),
  next: new Float64Array(9),
};

/** Poses hands of one build, one after another. */
export class HandPoser {
  readonly #rest: Float64Array;

  constructor(readonly build: HandBuild) {
    this.#rest = restPlaces(build);
  }

  /** Forward kinematics; the rig's bones are flat siblings, so the hierarchy is ours. */
  pose(values: ArrayLike<number>): PosedHand {
    const hand: PosedHand = {
      carry: new Float64Array(CARRY * JOINTS),
      points: new Float64Array(3 * HAND_POINTS.length),
      bendDeg: new Float64Array(HAND_POINTS.length).fill(NaN),
    };
    const root = rootTurn(values);
    for (let k = 0; k < 3; k += 1) hand.points[k] = values[k]!;
    this.#carry(hand.carry, 0, root, values[0]!, values[1]!, values[2]!);
    for (const digit of DIGITS) this.poseDigit(digit, values, root, hand, true);
    return hand;
  }

  /**
   * Puts one digit's points, bends and, if wanted, what carries its skin into a hand.
   *
   * @param root the whole hand's turn, as `rootTurn` gives it
   */
  poseDigit(
    digit: Digit,
    values: ArrayLike<number>,
    root: Rotation,
    { carry, points, bendDeg }: PosedHand,
    withCarry: boolean,
  ): void {
    const rest = this.#rest;
    const chain = DIGIT_JOINTS[digit];
    const firstValue = DIGIT_VALUES[digit];
    // A finger's first joint lies in the palm, does not move and is no point.
    const inPalm = digit === 'thumb' ? 0 : 1;
    const firstPoint = 1 + 4 * DIGITS.indexOf(digit);
    const { turned } = scratch;
    turned.set(root);
    let [x, y, z] = [values[0]!, values[1]!, values[2]!];
    const hinges: number[] = [];
    for (let i = 0; i < chain.length; i += 1) {
      const joint = chain[i]!;
      const [to, from] = [3 * joint, i === 0 ? -1 : 3 * chain[i - 1]!];
      const bx = rest[to]! - (from < 0 ? 0 : rest[from]!);
      const by = rest[to + 1]! - (from < 0 ? 0 : rest[from + 1]!);
      const bz = rest[to + 2]! - (from < 0 ? 0 : rest[from + 2]!);
      x += turned[0]! * bx + turned[1]! * by + turned[2]! * bz;
      y += turned[3]! * bx + turned[4]! * by + turned[5]! * bz;
      z += turned[6]! * bx + turned[7]! * by + turned[8]! * bz;
      const point = i - inPalm;
      if (point >= 0) {
        const at = 3 * (firstPoint + point);
        points[at] = x;
        points[at + 1] = y;
        points[at + 2] = z;
      }
      const { hinge, side, twist } = REST[joint]!;
      if (point >= 0 && point < 3) {
        const [hx, hy, hz] = hinge;
        hinges.push(
          turned[0]! * hx + turned[1]! * hy + turned[2]! * hz,
          turned[3]! * hx + turned[4]! * hy + turned[5]! * hz,
          turned[6]! * hx + turned[7]! * hy + turned[8]! * hz,
        );
      }
      if (point === 0) {
        // Base: sideways, toward the palm, and a thumb about itself.
        turn(turned, side, values[firstValue + 1]!);
        turn(turned, hinge, values[firstValue]!);
        if (inPalm === 0) turn(turned, twist, values[firstValue + 2]!);
      } else if (point === 1 || point === 2) {
        turn(turned, hinge, values[firstValue + point + (inPalm === 0 ? 2 : 1)]!);
      }
      if (withCarry) this.#carry(carry, joint, turned, x, y, z);
    }
    const [last, end] = [3 * (firstPoint + 2), 3 * (firstPoint + 3)];
    const reach = Math.hypot(
      points[end]! - points[last]!,
      points[end + 1]! - points[last + 1]!,
      points[end + 2]! - points[last + 2]!,
    );
    const beyond = 1 + (TIP_BEYOND_MM[digit] * this.build.size) / reach;
    for (let k = 0; k < 3; k += 1) {
      points[end + k] = points[last + k]! + beyond * (points[end + k]! - points[last + k]!);
    }
    this.#bends(digit, firstPoint, hinges, root, values, points, bendDeg);
  }

  /** A bend is told between bones; before a finger's first goes the palm's own bone. */
  #bends(
    digit: Digit,
    firstPoint: number,
    hinges: readonly number[],
    root: Rotation,
    values: ArrayLike<number>,
    points: Float64Array,
    bendDeg: Float64Array,
  ): void {
    const first = 3 * firstPoint;
    const base = 3 * DIGIT_JOINTS[digit][0]!;
    const rest = this.#rest;
    const isThumb = digit === 'thumb';
    for (let i = 0; i < 3; i += 1) {
      const b = first + 3 * i;
      let [ux, uy, uz] = [0, 0, 0];
      if (i > 0) {
        ux = points[b]! - points[b - 3]!;
        uy = points[b + 1]! - points[b - 2]!;
        uz = points[b + 2]! - points[b - 1]!;
      } else {
        const back = (row: number) =>
          values[row]! +
          (isThumb
            ? 0
            : root[3 * row]! * rest[base]! +
              root[3 * row + 1]! * rest[base + 1]! +
              root[3 * row + 2]! * rest[base + 2]!);
        ux = points[b]! - back(0);
        uy = points[b + 1]! - back(1);
        uz = points[b + 2]! - back(2);
      }
      const [vx, vy, vz] = [
        points[b + 3]! - points[b]!,
        points[b + 4]! - points[b + 1]!,
        points[b + 5]! - points[b + 2]!,
      ];
      const [hx, hy, hz] = [hinges[3 * i]!, hinges[3 * i + 1]!, hinges[3 * i + 2]!];
      // As `flexion3d`, without its checks: bones have a length, hinges a length of 1.
      const turned = hx * (uy * vz - uz * vy) + hy * (uz * vx - ux * vz) + hz * (ux * vy - uy * vx);
      const along =
        ux * vx + uy * vy + uz * vz - (ux * hx + uy * hy + uz * hz) * (vx * hx + vy * hy + vz * hz);
      bendDeg[firstPoint + i] = Math.atan2(turned, along) * DEG_PER_RAD;
    }
  }

  /** How a joint that is turned and stands there carries what rests about it. */
  #carry(
    carry: Float64Array,
    joint: number,
    turned: Rotation,
    x: number,
    y: number,
    z: number,
  ): void {
    const { size } = this.build;
    const [rx, ry, rz] = REST[joint]!.at;
    const to = CARRY * joint;
    for (let i = 0; i < 9; i += 1) carry[to + i] = size * turned[i]!;
    carry[to + 9] = x - carry[to]! * rx - carry[to + 1]! * ry - carry[to + 2]! * rz;
    carry[to + 10] = y - carry[to + 3]! * rx - carry[to + 4]! * ry - carry[to + 5]! * rz;
    carry[to + 11] = z - carry[to + 6]! * rx - carry[to + 7]! * ry - carry[to + 8]! * rz;
  }
}

/** How the whole hand is turned, from the rig's frame into the bow's. */
export function rootTurn(values: ArrayLike<number>): Rotation {
  const [x, y, z] = [values[3]!, values[4]!, values[5]!];
  return times(fromVector(x / DEG_PER_RAD, y / DEG_PER_RAD, z / DEG_PER_RAD), RIG_TO_BOW);
}

/** Turns further about an axis of length 1 in the turned frame, in place (Rodrigues' formula). */
function turn(turned: Float64Array, [x, y, z]: Three, deg: number): void {
  const angle = deg / DEG_PER_RAD;
  const [c, s] = [Math.cos(angle), Math.sin(angle)];
  const d = 1 - c;
  const { own, next } = scratch;
  own[0] = c + d * x * x;
  own[1] = d * x * y - s * z;
  own[2] = d * x * z + s * y;
  own[3] = d * x * y + s * z;
  own[4] = c + d * y * y;
  own[5] = d * y * z - s * x;
  own[6] = d * x * z - s * y;
  own[7] = d * y * z + s * x;
  own[8] = c + d * z * z;
  for (let row = 0; row < 9; row += 3) {
    const [a, b, e] = [turned[row]!, turned[row + 1]!, turned[row + 2]!];
    next[row] = a * own[0]! + b * own[3]! + e * own[6]!;
    next[row + 1] = a * own[1]! + b * own[4]! + e * own[7]!;
    next[row + 2] = a * own[2]! + b * own[5]! + e * own[8]!;
  }
  turned.set(next);
}
