import type { WristBend } from './posedHand';
import { poseOf, poseValues } from './posedHand';
import type { PoseResidual, SolvedPose } from './solvePose';

/** A solved pose as it is kept with a look: plain, rounded, enough to draw it and to say how near it came. */
export interface KeptPose {
  /** As `poseValues` lists them, to a thousandth. */
  values: number[];
  wristBend: WristBend;
  /** How far each thing that was measured came out from what was measured. */
  residuals: PoseResidual[];
  /** What of them cannot be had together. */
  fighting: PoseResidual['id'][];
}

const rounded = (value: number): number => Math.round(value * 1000) / 1000;

/** What is kept of a solved pose. */
export const keptPose = ({ pose, wristBend, residuals, fighting }: SolvedPose): KeptPose => ({
  values: Array.from(poseValues(pose), rounded),
  wristBend: {
    flexionDeg: rounded(wristBend.flexionDeg),
    deviationDeg: rounded(wristBend.deviationDeg),
  },
  residuals: residuals.map(({ id, wanted, came }) => ({
    id,
    wanted: rounded(wanted),
    came: rounded(came),
  })),
  fighting: [...fighting],
});

/** A kept pose as it is drawn. */
export const solvedFrom = ({ values, ...kept }: KeptPose): Omit<SolvedPose, 'fit'> => ({
  pose: poseOf(values),
  ...kept,
});
