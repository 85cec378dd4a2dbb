import { flexion2d, type HandPointName } from '@open-palm/core/hand';
import { flexionTurn, type JointGroup, type PointName } from '@open-palm/core/measure';
import { GRIPS } from '../grips';
import { solveGrip } from '../solveGrip';
import type { PictureTruth } from '../truth';

/** A joint with its sign group: the point before it, itself, the point after it. */
export type Joint = readonly [JointGroup, PointName, HandPointName, HandPointName];

/** Joints that bend about one hinge. */
export const JOINTS: readonly Joint[] = [
  ['thumb', 'thumbMcp', 'thumbIp', 'thumbTip'],
  ['thumb', 'thumbCmc', 'thumbMcp', 'thumbIp'],
  ['finger', 'littleMcp', 'littlePip', 'littleDip'],
  ['finger', 'littlePip', 'littleDip', 'littleTip'],
];

/** The poses of the demo's grips. */
export const poses = new Map(GRIPS.map((grip) => [grip.name, solveGrip(grip.target)]));

export const STRAIGHT = { flexionDeg: 0, deviationDeg: 0 };

export const RAD = Math.PI / 180;

export const pointOf = (truth: PictureTruth, name: PointName) => {
  const [x, y] = truth.points2d[name];
  return { x, y };
};

/** What a flat picture says of a joint; null where its view cannot tell. */
export const measuredFlexion = (truth: PictureTruth, [group, a, b, c]: Joint): number | null => {
  const turn = flexionTurn(group, truth.view, truth.side);
  return turn === null
    ? null
    : flexion2d(pointOf(truth, a), pointOf(truth, b), pointOf(truth, c), turn);
};
