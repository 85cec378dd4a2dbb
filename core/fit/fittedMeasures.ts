import { FINGERS, FINGER_CHAIN, HAND_POINTS, type Finger, type HandPointName } from '../hand';
import { STICK_REACH_MM } from '../measure/fingerMeasures';
import type { MeasureId } from '../measure/measureIds';
import { FINGER_BREADTH_RATIO } from '../measure/thumbMeasures';
import { DEG_PER_RAD } from '../units';
import type { FitState } from './fitState';
import { firstOf, RAY, RAYS, type Ray } from './hand/layout';
import type { PosedSkeleton } from './hand/poseSkeleton';

/** Something that is told of a fitted hand: a joint's bend, or one of the hold's measures. */
export interface FitQuantity<Id extends string> {
  id: Id;
  unit: 'deg' | 'mm' | 'u' | 'fingerBreadth';
  /** The points without which it is not told. */
  points: readonly HandPointName[];
  /** NaN for what is not there: the depth of a finger that is off the stick. */
  value: (fitted: FittedHand) => number;
}

/** What quantities are read from. */
export interface FittedHand {
  state: FitState;
  pose: PosedSkeleton;
  middleFingerMm: number;
}

/** The joints that bend, by the point at which they lie. */
export type FittedJoint = Exclude<
  HandPointName,
  'wrist' | 'thumbCmc' | 'thumbTip' | 'indexTip' | 'middleTip' | 'ringTip' | 'littleTip'
>;

const angleOf =
  (ray: Ray, offset: number) =>
  ({ state }: FittedHand) =>
    state.values[firstOf(ray) + offset]! * DEG_PER_RAD;

const joint = (
  id: FittedJoint,
  ray: Ray,
  offset: number,
  ...points: HandPointName[]
): FitQuantity<FittedJoint> => ({ id, unit: 'deg', points, value: angleOf(ray, offset) });

/** Every bend of the fitted hand. A finger's bend at its knuckle is told against the palm. */
export const FITTED_JOINTS: readonly FitQuantity<FittedJoint>[] = [
  joint('thumbMcp', 'thumb', RAY.second, 'thumbCmc', 'thumbMcp', 'thumbIp'),
  joint('thumbIp', 'thumb', RAY.third, 'thumbMcp', 'thumbIp', 'thumbTip'),
  ...FINGERS.flatMap((finger) => {
    const [mcp, pip, dip, tip] = FINGER_CHAIN[finger] as unknown as [
      FittedJoint,
      FittedJoint,
      FittedJoint,
      HandPointName,
    ];
    return [
      joint(mcp, finger, RAY.flexion, 'wrist', mcp, pip),
      joint(pip, finger, RAY.second, mcp, pip, dip),
      joint(dip, finger, RAY.third, pip, dip, tip),
    ];
  }),
];

const jointMeasure = (id: MeasureId, of: FittedJoint): FitQuantity<MeasureId> => ({
  ...FITTED_JOINTS.find((quantity) => quantity.id === of)!,
  id,
});

const coordinate = ({ pose }: FittedHand, name: HandPointName, axis: 0 | 1 | 2): number =>
  pose.at[3 * HAND_POINTS.indexOf(name) + axis]!;

/** Where a finger's bones come nearest to the stick's axis. */
export interface Approach {
  /** Joint units from the tip. */
  u: number;
  xMm: number;
  /** From the stick's axis to the finger's. */
  awayMm: number;
}

/** The nearest approach of a finger to the stick's axis, walking along its three bones. */
export function approachOf({ pose }: FittedHand, finger: Finger): Approach {
  const first = 1 + 4 * RAYS.indexOf(finger);
  let best: Approach = { u: 0, xMm: 0, awayMm: Infinity };
  for (let bone = 0; bone < 3; bone += 1) {
    const [a, b] = [3 * (first + bone), 3 * (first + bone + 1)];
    const [ay, az] = [pose.at[a + 1]!, pose.at[a + 2]!];
    const [by, bz] = [pose.at[b + 1]! - ay, pose.at[b + 2]! - az];
    const length = by * by + bz * bz;
    const t = length === 0 ? 0 : Math.max(0, Math.min(1, -(ay * by + az * bz) / length));
    const awayMm = Math.hypot(ay + t * by, az + t * bz);
    if (awayMm < best.awayMm) {
      best = { u: 3 - bone - t, xMm: pose.at[a]! + t * (pose.at[b]! - pose.at[a]!), awayMm };
    }
  }
  return best;
}

/** A finger's axis this far from the stick's is off the stick, mm: stick, flesh and a little more. [memory] */
const TOUCHING_MM = STICK_REACH_MM + 6;

const placeOf = (fitted: FittedHand, finger: Finger): number => {
  const { xMm, awayMm } = approachOf(fitted, finger);
  return awayMm <= TOUCHING_MM ? xMm : NaN;
};

const depth = (id: MeasureId, finger: Finger): FitQuantity<MeasureId> => ({
  id,
  unit: 'u',
  points: FINGER_CHAIN[finger],
  value: (fitted) => {
    const { u, awayMm } = approachOf(fitted, finger);
    return awayMm <= TOUCHING_MM ? u : NaN;
  },
});

const between = (
  id: MeasureId,
  points: readonly HandPointName[],
  value: (fitted: FittedHand) => number,
): FitQuantity<MeasureId> => ({ id, unit: 'mm', points, value });

const gap = (id: MeasureId, nearer: Finger, farther: Finger): FitQuantity<MeasureId> =>
  between(
    id,
    [...FINGER_CHAIN[nearer], ...FINGER_CHAIN[farther]],
    (fitted) => placeOf(fitted, nearer) - placeOf(fitted, farther),
  );

const thumbX = (fitted: FittedHand) => coordinate(fitted, 'thumbTip', 0);

/** The hold's measures that a fitted hand tells. */
export const FITTED_MEASURES: readonly FitQuantity<MeasureId>[] = [
  jointMeasure('thumbIpFlexion', 'thumbIp'),
  jointMeasure('thumbMcpFlexion', 'thumbMcp'),
  between('thumbPlace', ['thumbTip'], thumbX),
  {
    id: 'thumbOpposition',
    unit: 'fingerBreadth',
    points: ['thumbTip', ...FINGER_CHAIN.middle],
    value: (fitted) =>
      (thumbX(fitted) - placeOf(fitted, 'middle')) / (FINGER_BREADTH_RATIO * fitted.middleFingerMm),
  },
  depth('indexDepth', 'index'),
  between(
    'indexLead',
    ['thumbTip', ...FINGER_CHAIN.index],
    (fitted) => placeOf(fitted, 'index') - thumbX(fitted),
  ),
  depth('middleDepth', 'middle'),
  depth('ringDepth', 'ring'),
  gap('gap12', 'index', 'middle'),
  gap('gap23', 'middle', 'ring'),
  gap('gap34', 'ring', 'little'),
  gap('spread', 'index', 'little'),
  jointMeasure('indexPipFlexion', 'indexPip'),
  jointMeasure('middlePipFlexion', 'middlePip'),
  jointMeasure('ringPipFlexion', 'ringPip'),
  depth('littleDepth', 'little'),
  jointMeasure('littlePipFlexion', 'littlePip'),
  jointMeasure('littleDipFlexion', 'littleDip'),
  {
    id: 'handLean',
    unit: 'deg',
    points: ['indexMcp', 'littleMcp'],
    // As seen along the hand, from the wrist's side: positive when the index side is nearer to the hair.
    value: (fitted) =>
      Math.atan2(
        coordinate(fitted, 'littleMcp', 1) - coordinate(fitted, 'indexMcp', 1),
        coordinate(fitted, 'indexMcp', 0) - coordinate(fitted, 'littleMcp', 0),
      ) * DEG_PER_RAD,
  },
];
