import type { Allowed, NotApplicableReason, Range } from '../holds';
import type { PointName } from './capture';
import type { CameraTurn } from './foreshortening';
import type { Family, MeasureId, Place, Unit } from './measureIds';
import type { BlindReason } from './sights';
import type { Verdict } from './verdict';
import type { View } from './view';

interface MeasureBase {
  id: MeasureId;
  family: Family;
  unit: Unit;
  verdict: Verdict;
}

/** A number with its doubt. */
export interface NumberMeasure extends MeasureBase {
  kind: 'number';
  value: number;
  sd: number;
  band: Range | null;
  /** False when the band is too narrow for this picture ever to say "in". */
  decidable: boolean;
  /** True when the joint cannot bend like this: one of its points is probably misplaced. */
  implausible: boolean;
  /** Which way to turn the camera when a bone leaves the picture too far for a firm number; null when none does. */
  retake: CameraTurn | null;
}

export interface CategoryShare {
  name: string;
  probability: number;
}

/** A category with the probability that it is the right one. */
export interface CategoryMeasure extends MeasureBase {
  kind: 'category';
  value: string;
  probability: number;
  /** Every category that is possible at all, with its probability. */
  shares: CategoryShare[];
  band: Allowed | null;
}

/** A person looked and found it good, without a number. */
export interface LookedMeasure extends MeasureBase {
  kind: 'looked';
  verdict: 'in' | 'none';
}

export type Measure = NumberMeasure | CategoryMeasure | LookedMeasure;

/** Why a measure has no value. */
export type NotMeasured = {
  id: MeasureId;
  family: Family;
} & (
  | { reason: 'view'; views: readonly View[]; why: BlindReason | null }
  | { reason: 'notSeen'; points: PointName[] }
  | { reason: 'offStick' }
  /** No flat picture shows it: it is looked at and answered. */
  | { reason: 'tapOnly' }
  | { reason: 'needsRelaxedHand' }
  | { reason: 'needsHeelAndPoint' }
  | { reason: 'notApplicable'; because: NotApplicableReason }
);

export interface Breakdown {
  measures: Measure[];
  notMeasured: NotMeasured[];
}

/** Where a measure of a check comes from: one of its pictures, a hand fitted to several, or a person's look. */
export interface Source {
  /** Index of the picture among the check's captures; null for a tap and for a fitted hand. */
  capture: number | null;
  /** Set for a hand fitted to several pictures: their indexes. */
  fitted?: number[] | undefined;
  measure: Measure;
}

/** A measure of a whole check. */
export interface MergedMeasure {
  measure: Measure;
  /** The place in the bow it was looked at, if the check has several or names one. */
  place: Place | null;
  /** Everything that told of it, best first. */
  sources: Source[];
  /** True when the sources differ by more than their doubts: none is believed alone. */
  conflict: boolean;
}
