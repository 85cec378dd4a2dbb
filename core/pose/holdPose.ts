import { BUILDS } from './handBuild';
import poses from './data/holdPoses.json' with { type: 'json' };
import type { Digit } from './digits';

/** Where a digit touches the bow. */
export type Touch =
  /** Round the stick: degrees from its top toward the fingers' side (90), the hair (180) and the thumb's side (270). */
  | { on: 'stick'; turnDeg: number }
  /** On the fingers' side of the frog, this high. */
  | { on: 'frogSide'; yMm: number }
  /** Under the frog. */
  | { on: 'under' }
  /** Nowhere: this high above the stick. */
  | { on: 'air'; liftMm: number };

/** A hold's own hand: from where a search sets out, and what a measure that is missing is taken for. */
export interface HoldPose {
  build: keyof typeof BUILDS;
  /** As `poseValues` lists them. */
  values: readonly number[];
  touches: Record<Digit, Touch>;
  /** Between each bone of a digit and its skin where it touches, from the base to the tip, mm. */
  fleshMm: Record<Digit, readonly [number, number, number]>;
  wristBend: { flexionDeg: number; deviationDeg: number };
}

/** The hand that a shipped hold was posed with. */
export const holdPoseOf = (holdId: string): HoldPose =>
  (poses as unknown as Record<string, HoldPose>)[holdId]!;
