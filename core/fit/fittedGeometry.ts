import type { StickPlace } from '../bow';
import { HAND_POINTS, type Finger, type HandPointName } from '../hand';
import { approachOfFinger } from '../hand/approachOfFinger';
import type { Contact } from '../measure/contactDepth';
import type { Geometry } from '../measure/geometry';
import type { JointGroup } from '../measure/view';
import { DEG_PER_RAD } from '../units';
import type { FitState } from './fitState';
import { firstOf, RAY, RAYS, type Ray } from './hand/layout';
import type { PosedSkeleton } from './hand/poseSkeleton';

/** A hand as it was fitted, in the stick's frame: x along it to the tip, y away from the hair, z to the side, mm. */
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

/** From a finger's axis to its skin, mm. [memory] */
const FLESH_MM = 6;

/** Which of a ray's angles bends a joint, by the end of its name. */
const BEND_OF: Readonly<Record<string, { finger: number; thumb: number }>> = {
  Mcp: { finger: RAY.flexion, thumb: RAY.second },
  Pip: { finger: RAY.second, thumb: RAY.second },
  Dip: { finger: RAY.third, thumb: RAY.third },
  Ip: { finger: RAY.third, thumb: RAY.third },
};

/** The bend of a fitted joint, degrees; a finger's at its knuckle is told against the palm. */
export function fittedBend({ state }: FittedHand, joint: FittedJoint): number {
  const ray = RAYS.find((name) => joint.startsWith(name)) as Ray;
  const bends = BEND_OF[joint.slice(ray.length)]!;
  const offset = ray === 'thumb' ? bends.thumb : bends.finger;
  return state.values[firstOf(ray) + offset]! * DEG_PER_RAD;
}

/** A hand on a bow as it was fitted in space, to be asked for the same measures as a flat picture. */
export class FittedGeometry implements Geometry {
  readonly middleFingerMm: number;
  readonly #fitted: FittedHand;

  constructor(fitted: FittedHand) {
    this.#fitted = fitted;
    this.middleFingerMm = fitted.middleFingerMm;
  }

  place(name: HandPointName): StickPlace {
    const first = 3 * HAND_POINTS.indexOf(name);
    const { at } = this.#fitted.pose;
    return { xMm: at[first]!, dMm: -at[first + 1]! };
  }

  /** The nearest approach of a finger to the stick's axis, walking along its three bones. */
  contact(finger: Finger): Contact {
    const { u, xMm, awayMm } = approachOfFinger(this.#fitted.pose.at, finger);
    // From the finger's skin, as a mark on a picture lies.
    return { u, xMm, dMm: Math.max(0, awayMm - FLESH_MM), touching: awayMm <= FLESH_MM };
  }

  flexion(_group: JointGroup, _proximal: string, joint: HandPointName): number {
    return fittedBend(this.#fitted, joint as FittedJoint);
  }
}
