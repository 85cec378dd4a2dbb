import { PHALANGES_MM, type Finger } from '@open-palm/core/hand';
import type { Range } from '@open-palm/core/holds';
import {
  bandLimits,
  fingerOfDepth,
  specOf,
  type MeasureId,
  type Unit,
} from '@open-palm/core/measure';
import type { Vec2 } from '@open-palm/core/units';
import { heightOfU, uAtHeight } from '../../../drawing/portrait/fingerScale';

/** How a measure's values lie in its drawing: along a finger, along the stick, or round a joint. */
export type BandScale = {
  /** Size of the drawing's plane. */
  width: number;
  height: number;
  /** Values between which handles can be dragged. */
  from: number;
  to: number;
  /** What a drag snaps to. */
  step: number;
  /** Where a value is in the drawing. */
  pointOf: (value: number) => Vec2;
  /** The value at a place in the drawing, within the scale. */
  valueAt: (at: Vec2) => number;
} & ({ kind: 'finger'; finger: Finger } | { kind: 'stick' } | { kind: 'joint' });

const STEPS: Record<Unit, number> = {
  u: 0.05,
  deg: 1,
  mm: 1,
  fingerBreadth: 0.1,
  ratio: 0.05,
  category: 1,
};

/** How much of what is possible is shown on the stick, by unit. */
const SHOWN: Partial<Record<Unit, Required<Range>>> = {
  mm: { lo: -40, hi: 80 },
  fingerBreadth: { lo: -3, hi: 3 },
  ratio: { lo: 0, hi: 3 },
};

const MARGIN = 14;

/** The scale on which a measure's band is moved. */
export function bandScale(id: MeasureId): BandScale {
  const { unit } = specOf(id);
  const limits = bandLimits(id);
  const shown = SHOWN[unit] ?? limits;
  const from = Math.max(limits.lo, shown.lo);
  const to = Math.min(limits.hi, shown.hi);
  const step = STEPS[unit];
  const finger = fingerOfDepth(id);
  const within = (value: number) => Math.min(to, Math.max(from, Math.round(value / step) * step));
  // Halves and twentieths do not add up in binary: a value is what is written of it.
  const neat = (value: number) => Number(within(value).toFixed(2));
  if (finger) return fingerScale(finger, { from, to, step, neat });
  if (unit === 'deg') return jointScale({ from, to, step, neat });
  const width = 160;
  const perUnit = (width - 2 * MARGIN) / (to - from);
  return {
    kind: 'stick',
    width,
    height: 70,
    from,
    to,
    step,
    pointOf: (value) => ({ x: MARGIN + (value - from) * perUnit, y: 35 }),
    valueAt: ({ x }) => neat(from + (x - MARGIN) / perUnit),
  };
}

interface Base {
  from: number;
  to: number;
  step: number;
  neat: (value: number) => number;
}

function fingerScale(finger: Finger, { from, to, step, neat }: Base): BandScale {
  const bones = PHALANGES_MM[finger].map(({ mm }) => mm);
  const length = bones.reduce((sum, mm) => sum + mm, 0);
  // The finger lies down, its tip to the left.
  const width = length + 2 * MARGIN;
  return {
    kind: 'finger',
    finger,
    width,
    height: 56,
    from,
    to,
    step,
    pointOf: (u) => ({ x: MARGIN + heightOfU(bones, u), y: 28 }),
    valueAt: ({ x }) => neat(uAtHeight(bones, x - MARGIN)),
  };
}

const JOINT: Vec2 = { x: 80, y: 62 };
export const JOINT_RADIUS = 46;

function jointScale({ from, to, step, neat }: Base): BandScale {
  // Straight points to the right; bending turns clockwise, as the limbs are drawn.
  return {
    kind: 'joint',
    width: 160,
    height: 130,
    from,
    to,
    step,
    pointOf: (deg) => ({
      x: JOINT.x + JOINT_RADIUS * Math.cos((deg * Math.PI) / 180),
      y: JOINT.y + JOINT_RADIUS * Math.sin((deg * Math.PI) / 180),
    }),
    valueAt: ({ x, y }) => neat((Math.atan2(y - JOINT.y, x - JOINT.x) * 180) / Math.PI),
  };
}

/** The middle of a joint's drawing. */
export const JOINT_AT = JOINT;
