import { FINGER_CHAIN, type Finger, type JointKind } from '../hand';
import type { PointName } from './capture';
import { STICK_POINTS, type Figure } from './figure';
import type { Family, MeasureId, Unit } from './measureIds';
import type { View } from './view';

interface SpecBase {
  id: MeasureId;
  family: Family;
  unit: Unit;
  /** The views that can show it; from any other the answer is "not from this view". */
  views: readonly View[];
  /** The points it reads; if one was not seen, so is the measure. */
  points: readonly PointName[];
}

/** A measure that gives a number. `value` is smooth almost everywhere in the points and the frog's length. */
export interface NumberSpec extends SpecBase {
  kind: 'number';
  /** NaN says that the thing is not there to be measured (a gap beside a finger that is off the stick). */
  value: (figure: Figure) => number;
  /** SD that the view adds on top of the points' own, in the measure's unit. */
  viewSd?: number;
  /** Set for joint angles, which are checked against what a joint can do. */
  joint?: JointKind;
}

/** A measure that sorts into places along a number: categories by ascending lower edge. */
export interface CategorySpec extends SpecBase {
  kind: 'category';
  value: (figure: Figure) => number;
  /** Each category with the value at which it begins; the first begins at −Infinity. */
  categories: readonly { name: string; from: number }[];
}

export type MeasureSpec = NumberSpec | CategorySpec;

/** Points that a finger's contact depends on. */
export const contactPoints = (...fingers: Finger[]): PointName[] => [
  ...STICK_POINTS,
  ...fingers.flatMap((finger) => FINGER_CHAIN[finger]),
];
