import { distanceToBow, type BowBody } from '../bow/bowBody';
import { HAND_POINTS, PLAUSIBLE_FLEXION_DEG, type Finger } from '../hand';
import { approachOfFinger } from '../hand/approachOfFinger';
import type { LeastSquares } from '../fit/minimise/levenbergMarquardt';
import type { NormalEquations } from '../fit/minimise/normalEquations';
import { DEG_PER_RAD } from '../units';
import type { Touch } from './holdPose';
import { approachOf, leanOf, throughOf } from './posedAngles';
import { CARRY, DIGIT_VALUES, HandPoser, POSE_VALUES, rootTurn, type PosedHand } from './posedHand';
import type { PoseTarget } from './poseTarget';
import { DIGITS, type Digit } from './digits';
import { touchMiss } from './touchMiss';
import {
  TOLERANCE,
  MOST_DEG,
  GIVES_MM,
  NEXT_TO,
  NEARER_MM,
  NEXT_TO_JOINT,
  BESIDE_MM,
  PALM_SAMPLES,
  SAMPLES,
} from './poseTolerance';

/** Between each bone of a digit and its skin where it touches, from the base to the tip, mm. */
export type Flesh = Record<Digit, [number, number, number]>;

const WHOLE = [0, 1, 2, 3, 4, 5];
const PARTS = [...DIGITS, 'palm'] as const;
/** The values on which a digit's wishes depend. */
const PART_COLUMNS = Object.fromEntries(
  DIGITS.map((digit) => [
    digit,
    [
      ...WHOLE,
      ...Array.from({ length: digit === 'thumb' ? 5 : 4 }, (_, i) => DIGIT_VALUES[digit] + i),
    ],
  ]),
) as Record<Digit, number[]>;
const MOST_WISHES = 100;
/** A touch gives way to the wood as well, but a hand that holds nothing would be none. */
const MOST_TOUCH_YIELDS = 20;

/** Steps of the derivatives, mm and degrees. */
const NUDGE = 0.02;

/** The wishes of a pose as a problem of least squares over its values. */
export class PoseProblem implements LeastSquares<Float64Array> {
  readonly size = POSE_VALUES;
  readonly #hand: PosedHand = {
    carry: new Float64Array(CARRY * 25),
    points: new Float64Array(3 * HAND_POINTS.length),
    bendDeg: new Float64Array(HAND_POINTS.length),
  };
  readonly #out = new Float64Array(MOST_WISHES);
  #count = 0;

  constructor(
    readonly poser: HandPoser,
    readonly bow: BowBody,
    readonly target: PoseTarget,
    /** Between bones and skin, mm: of the digits, and of the palm. */
    readonly thick: { flesh: Flesh; palmMm: number },
    /** The hold's own values, for all that nothing else says. */
    readonly own: ArrayLike<number>,
    /** How much more than usual what was measured may give way to the wood. */
    readonly yielding = 1,
  ) {}

  move(values: Float64Array, change: Float64Array): Float64Array {
    return values.map((value, i) => value + change[i]!);
  }

  cost(values: Float64Array): number {
    const root = rootTurn(values);
    let sum = 0;
    for (const part of PARTS) {
      const count = this.#residuals(part, values, root);
      for (let i = 0; i < count; i += 1) sum += this.#out[i]! ** 2;
    }
    return sum;
  }

  linearise(values: Float64Array, equations: NormalEquations): number {
    const nudged = Float64Array.from(values);
    const root = rootTurn(values);
    const turned = WHOLE.map((column) => {
      nudged[column] = values[column]! + NUDGE;
      const other = column < 3 ? root : rootTurn(nudged);
      nudged[column] = values[column]!;
      return other;
    });
    let cost = 0;
    for (const part of PARTS) {
      const columns = part === 'palm' ? WHOLE : PART_COLUMNS[part];
      const count = this.#residuals(part, values, root);
      const base = this.#out.slice(0, count);
      const entries = new Float64Array(count * columns.length);
      columns.forEach((column, k) => {
        nudged[column] = values[column]! + NUDGE;
        this.#residuals(part, nudged, turned[column] ?? root);
        nudged[column] = values[column]!;
        for (let i = 0; i < count; i += 1) {
          entries[i * columns.length + k] = (this.#out[i]! - base[i]!) / NUDGE;
        }
      });
      for (let i = 0; i < count; i += 1) {
        cost += base[i]! ** 2;
        const row = entries.subarray(i * columns.length, (i + 1) * columns.length);
        equations.add(base[i]!, { columns, entries: row });
      }
    }
    return cost;
  }

  #by({ measured, wanted }: { measured: number; wanted: number }, isMeasured: boolean): number {
    return isMeasured ? this.yielding * measured : wanted;
  }

  #add(residual: number): void {
    this.#out[this.#count++] = residual;
  }

  /** The wishes of one digit, or of the hand as a whole, into the list; always as many, in the same order. */
  #residuals(part: Digit | 'palm', values: Float64Array, root: Float64Array): number {
    this.#count = 0;
    if (part === 'palm') this.#ofPalm(values, root);
    else this.#ofDigit(part, values, root);
    return this.#count;
  }

  #ofPalm(values: Float64Array, root: Float64Array): void {
    for (let k = 0; k < 3; k += 1) {
      this.#add((values[k]! - this.own[k]!) / TOLERANCE.wristMm);
      this.#add((values[3 + k]! - this.own[3 + k]!) / TOLERANCE.turnDeg);
    }
    const lean = this.target.leanDeg;
    if (lean) {
      this.poser.poseDigit('index', values, root, this.#hand, false);
      this.poser.poseDigit('little', values, root, this.#hand, false);
      const by = this.#by(TOLERANCE.leanDeg, lean.isMeasured);
      this.#add((leanOf(this.#hand.points) - lean.value) / by);
    }
  }

  #ofDigit(digit: Digit, values: Float64Array, root: Float64Array): void {
    const { points } = this.#hand;
    this.poser.poseDigit(digit, values, root, this.#hand, false);
    const point = 1 + 4 * DIGITS.indexOf(digit);
    const { x, u, touch, isTouchMeasured, bends } = this.target.digits[digit];
    const flesh = this.thick.flesh[digit];
    const isTip = digit === 'thumb' || touch.on === 'air';
    // Where the finger is nearest to the stick, if nothing tells where it is to be.
    const depth = isTip || u.isMeasured ? u.value : approachOfFinger(points, digit as Finger).u;
    const bone = 2 - Math.min(2, Math.max(0, Math.floor(depth)));
    const share = 3 - bone - depth;
    const [a, b] = [3 * (point + bone), 3 * (point + bone + 1)];
    const dx = points[b]! - points[a]!;
    const dy = points[b + 1]! - points[a + 1]!;
    const dz = points[b + 2]! - points[a + 2]!;
    const px = points[a]! + share * dx;
    const py = points[a + 1]! + share * dy;
    const pz = points[a + 2]! + share * dz;
    const along = digit === 'thumb' ? points[3 * (point + 3)]! : px;
    this.#add((along - x.value) / this.#by(TOLERANCE.placeMm, x.isMeasured));
    if (isTip) this.#add(0);
    else if (u.isMeasured) {
      // Nearest where it is told to be: the way to the axis is square to the bone.
      const square = (py * dy + pz * dz) / Math.sqrt(dy * dy + dz * dz);
      this.#add(square / this.#by(TOLERANCE.depthMm, true));
    } else this.#add((depth - u.value) / TOLERANCE.depthU);
    this.#touch(px, py, pz, touch, flesh[bone]!, isTouchMeasured);
    if (!isTip && u.isMeasured) this.#nearestThere(point, u.value, Math.sqrt(py * py + pz * pz));
    this.#bends(digit, point, bends, values);
    for (let i = 0; i < 3; i += 1) {
      const [p, q] = [3 * (point + i), 3 * (point + i + 1)];
      for (const t of SAMPLES) {
        const away = distanceToBow(
          this.bow,
          points[p]! + t * (points[q]! - points[p]!),
          points[p + 1]! + t * (points[q + 1]! - points[p + 1]!),
          points[p + 2]! + t * (points[q + 2]! - points[p + 2]!),
        );
        this.#add(Math.min(0, away - (flesh[i]! - GIVES_MM)) / TOLERANCE.insideMm);
      }
    }
    if (digit === 'thumb') this.#thumb(points);
    else this.#palm(points, point);
  }

  /** A finger that wraps the stick comes near it with every bone: nearest is to be the place that was told. */
  #nearestThere(point: number, u: number, awayMm: number): void {
    const { points, bendDeg } = this.#hand;
    const by = this.#by(TOLERANCE.depthMm, true);
    for (let i = 0; i < 3; i += 1) {
      const [p, q] = [3 * (point + i), 3 * (point + i + 1)];
      for (const t of SAMPLES) {
        const apart = Math.abs(3 - i - t - u);
        const y = points[p + 1]! + t * (points[q + 1]! - points[p + 1]!);
        const z = points[p + 2]! + t * (points[q + 2]! - points[p + 2]!);
        this.#add(
          apart < NEXT_TO ? 0 : Math.min(0, Math.sqrt(y * y + z * z) - awayMm - NEARER_MM) / by,
        );
      }
    }
    // At a bent joint neither bone is nearest where they meet, but a little beside: by as much as the bend's half leans it.
    const joint = Math.round(u);
    const isAtJoint = joint >= 1 && joint <= 2 && Math.abs(u - joint) < NEXT_TO_JOINT;
    const bend = bendDeg[point + 3 - joint]! / DEG_PER_RAD;
    const beside = awayMm * Math.sin(Math.max(0, bend) / 2);
    this.#add(isAtJoint ? Math.max(0, beside - BESIDE_MM) / by : 0);
  }

  #touch(
    x: number,
    y: number,
    z: number,
    touch: Touch,
    fleshMm: number,
    isMeasured: boolean,
  ): void {
    const { offMm, besideMm } = touchMiss(this.bow, touch, x, y, z, fleshMm);
    const round = this.#by(TOLERANCE.roundMm, isMeasured);
    const isAir = touch.on === 'air';
    this.#add(
      offMm /
        (isAir ? TOLERANCE.airMm : TOLERANCE.touchMm * Math.min(this.yielding, MOST_TOUCH_YIELDS)),
    );
    this.#add(besideMm / (isAir ? 3 * round : round));
  }

  #bends(
    digit: Digit,
    point: number,
    bends: PoseTarget['digits'][Digit]['bends'],
    values: Float64Array,
  ): void {
    const { bendDeg } = this.#hand;
    const first = DIGIT_VALUES[digit];
    const isThumb = digit === 'thumb';
    const { knuckleDeg, sidewaysDeg, jointDeg, thumbBaseDeg, beyondDeg } = TOLERANCE;
    const near = (offset: number, by: number) =>
      this.#add((values[first + offset]! - this.own[first + offset]!) / by);
    const within = (value: number, lo: number, hi: number) =>
      this.#add((Math.min(0, value - lo) + Math.max(0, value - hi)) / beyondDeg);
    if (isThumb) {
      for (let i = 0; i < 3; i += 1) {
        near(i, thumbBaseDeg);
        within(values[first + i]!, -MOST_DEG.thumbBase, MOST_DEG.thumbBase);
      }
    } else {
      near(0, knuckleDeg);
      near(1, sidewaysDeg);
      within(values[first + 1]!, -MOST_DEG.sideways, MOST_DEG.sideways);
      within(
        bendDeg[point]!,
        PLAUSIBLE_FLEXION_DEG.fingerMcp.lo,
        PLAUSIBLE_FLEXION_DEG.fingerMcp.hi,
      );
    }
    const offset = isThumb ? 2 : 1;
    for (let i = 1; i < 3; i += 1) {
      near(offset + i, jointDeg);
      const kind = isThumb
        ? (['thumbMcp', 'thumbIp'] as const)
        : (['fingerPip', 'fingerDip'] as const);
      const { lo, hi } = PLAUSIBLE_FLEXION_DEG[kind[i - 1]!];
      within(bendDeg[point + i]!, lo, hi);
      const wanted = bends[i];
      const by = this.#by(TOLERANCE.bendDeg, wanted?.isMeasured ?? false);
      this.#add(wanted ? (bendDeg[point + i]! - wanted.value) / by : 0);
    }
  }

  /** The palm between the wrist and a finger's knuckle stays off the wood. */
  #palm(points: Float64Array, point: number): void {
    const knuckle = 3 * point;
    for (const t of PALM_SAMPLES) {
      const away = distanceToBow(
        this.bow,
        points[0]! + t * (points[knuckle]! - points[0]!),
        points[1]! + t * (points[knuckle + 1]! - points[1]!),
        points[2]! + t * (points[knuckle + 2]! - points[2]!),
      );
      this.#add(Math.min(0, away - this.thick.palmMm) / TOLERANCE.insideMm);
    }
  }

  #thumb(points: Float64Array): void {
    const { thumbApproachDeg, thumbThroughMm } = this.target;
    if (thumbApproachDeg !== null) {
      this.#add((approachOf(points) - thumbApproachDeg) / (this.yielding * TOLERANCE.approachDeg));
    }
    if (thumbThroughMm !== null) {
      this.#add(
        (throughOf(points, this.bow) - thumbThroughMm) / (this.yielding * TOLERANCE.throughMm),
      );
    }
  }
}
