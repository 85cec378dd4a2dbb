import type { MeasureId } from '@open-palm/core/measure';
import type { Limb } from './BendFigure';

const FINGER_RADII = [9.4, 8.6, 7.6, 6.4];
const THUMB_RADII = [13, 11, 9.6, 7.6];
const ARM_RADII = [14, 12, 15, 13];

const finger = (mcpDeg: number, pipDeg: number, dipDeg: number, joint: number): Limb => ({
  headingDeg: -14 + mcpDeg,
  bones: [
    { length: 42, turnDeg: 0 },
    { length: 26, turnDeg: pipDeg },
    { length: 20, turnDeg: dipDeg },
  ],
  radii: FINGER_RADII,
  nail: true,
  joint,
});

const thumb = (mcpDeg: number, ipDeg: number, joint: number): Limb => ({
  headingDeg: -10,
  bones: [
    { length: 30, turnDeg: 0 },
    { length: 32, turnDeg: mcpDeg },
    { length: 26, turnDeg: ipDeg },
  ],
  radii: THUMB_RADII,
  nail: true,
  joint,
});

/** Forearm and hand with its fingers hanging a little, from the side. */
const wrist = (deg: number): Limb => ({
  headingDeg: 0,
  bones: [
    { length: 62, turnDeg: 0 },
    { length: 40, turnDeg: deg },
    { length: 34, turnDeg: 24 },
  ],
  radii: ARM_RADII,
  nail: false,
  joint: 1,
});

/** Forearm and hand from above: the thumb's side is up, so bending to it turns anticlockwise. */
const wristFromAbove = (deg: number): Limb => ({
  headingDeg: 0,
  bones: [
    { length: 62, turnDeg: 0 },
    { length: 40, turnDeg: -deg },
    { length: 34, turnDeg: 0 },
  ],
  radii: [14, 13, 19, 12],
  nail: false,
  joint: 1,
});

/** Bends that an answer gives, drawn; positive bends turn toward the palm, which is down. */
export const LIMBS: Partial<Record<MeasureId, (deg: number) => readonly Limb[]>> = {
  thumbIpFlexion: (deg) => [thumb(8, deg, 2)],
  thumbMcpFlexion: (deg) => [thumb(deg, 14, 1)],
  indexPipFlexion: (deg) => [finger(0, deg, Math.max(0, deg) * 0.45, 1)],
  middlePipFlexion: (deg) => [finger(0, deg, Math.max(0, deg) * 0.45, 1)],
  ringPipFlexion: (deg) => [finger(0, deg, Math.max(0, deg) * 0.45, 1)],
  littlePipFlexion: (deg) => [finger(0, deg, Math.max(0, deg) * 0.45, 1)],
  littleDipFlexion: (deg) => [finger(0, 32, deg, 2)],
  knuckleHeight: (deg) => [
    {
      headingDeg: -18,
      bones: [
        { length: 58, turnDeg: 0 },
        { length: 38, turnDeg: deg },
      ],
      radii: [14, 12, 9],
      nail: false,
      joint: 1,
    },
  ],
  wristFlexion: (deg) => [wrist(deg)],
  wristDeviation: (deg) => [wristFromAbove(deg)],
  wristRange: (deg) => [wrist(-deg / 2), wrist(deg / 2)],
  elbowBend: (deg) => [
    {
      headingDeg: 70,
      bones: [
        { length: 60, turnDeg: 0 },
        { length: 56, turnDeg: -deg },
      ],
      radii: [15, 12, 9],
      nail: false,
      joint: 1,
    },
  ],
};
