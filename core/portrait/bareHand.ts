import type { HandBuild } from '../pose/handBuild';
import type { HandPose } from '../pose/posedHand';
import { DETAILS, drawPortrait, type Portrait } from './portrait';
import type { Station } from './sight';

/** A hand that hangs from a loose arm: fingers down, a little curled, the back to who looks. [memory] */
const HANGING: HandPose = {
  wrist: [-6, 84, 0],
  turnDeg: [90, 0, 0],
  thumb: [6, 8, 0, 14, 16],
  fingers: {
    index: [14, -3, 20, 10],
    middle: [18, 0, 24, 12],
    ring: [22, 3, 26, 13],
    little: [24, 6, 28, 14],
  },
};

const STATION: Station = {
  toward: [0.5, 0.12, 1],
  at: [0, 6, 0],
  widthMm: 190,
  heightMm: 149.5,
};

/** The hand that hangs from a loose arm, and holds nothing. */
export const drawHanging = (build: HandBuild): Portrait =>
  drawPortrait(
    { pose: HANGING, build, wristBend: { flexionDeg: 0, deviationDeg: 0 }, held: null },
    { station: STATION, detail: DETAILS.portrait },
  );
