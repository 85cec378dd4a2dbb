import { FINGER_CHAIN, type Finger, type HandPointName, type JointKind } from '../hand';
import type { PointName } from './capture';
import type { CategoryRule } from './categories';
import { STICK_POINTS, type FlatGeometry, type Geometry } from './geometry';
import type { Family, MeasureId, Unit } from './measureIds';
import type { SightName } from './sights';

interface SpecBase {
  id: MeasureId;
  family: Family;
  unit: Unit;
}

interface PictureSpec extends SpecBase {
  /** From where it can be seen. */
  sight: SightName;
  /** The points it reads; if one was not seen, so is the measure. */
  points: readonly PointName[];
  /** The far points of the bones whose foreshortening falsifies it. */
  bones?: readonly HandPointName[];
}

/** A measure that gives a number. `value` is smooth almost everywhere in the points and the known lengths. */
export type NumberSpec = NumberOfPicture & (ReadFlat | ReadAnyhow);

/** Read from a flat picture alone. */
interface ReadFlat {
  fromFit?: undefined;
  /** NaN says that the thing is not there to be measured (a gap beside a finger that is off the stick). */
  value: (geometry: FlatGeometry) => number;
}

/** Read from a hand fitted in space as well: the same measure, whichever geometry it is asked of. */
interface ReadAnyhow {
  fromFit: true;
  value: (geometry: Geometry) => number;
}

interface NumberOfPicture extends PictureSpec {
  kind: 'number';
  /** SD that the view adds on top of the points' own, in the measure's unit. */
  viewSd?: number;
  /** The same as a share of the value. */
  viewSdShare?: number;
  /** A verdict that no flat picture can tell by itself. */
  neverFlat?: 'high';
  /** Set for joint angles, which are checked against what a joint can do. */
  joint?: JointKind;
  /** Set for what is compared with the student's relaxed hand: whether that hand has what it is compared with. */
  hasRelaxed?: (geometry: FlatGeometry) => boolean;
}

/** A measure that sorts into categories. */
export interface CategorySpec extends PictureSpec {
  kind: 'category';
  categories: readonly string[];
  rule: CategoryRule;
}

/** Something that no flat picture shows: a person looks, and answers. */
export interface TapSpec extends SpecBase {
  kind: 'tap';
  unit: 'category';
  categories: readonly string[];
}

/** How far a measure moves between the heel and the point: from several pictures of one check. */
export interface RangeSpec extends SpecBase {
  kind: 'range';
  over: MeasureId;
}

export type MeasureSpec = NumberSpec | CategorySpec | TapSpec | RangeSpec;

/** The categories that a measure can have; none for numbers. */
export const categoriesOf = (spec: MeasureSpec): readonly string[] =>
  spec.kind === 'category' || spec.kind === 'tap' ? spec.categories : [];

/** Points that a finger's contact depends on. */
export const contactPoints = (...fingers: Finger[]): PointName[] => [
  ...STICK_POINTS,
  ...fingers.flatMap((finger) => FINGER_CHAIN[finger]),
];
