import { flexion2d, type HandPointName } from '@open-palm/core/hand';
import { flexionTurn, type JointGroup, type PointName } from '@open-palm/core/measure';
import { GRIPS } from '../grips';
import { solveGrip, type SolvedGrip } from '../solveGrip';
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

/** Every rendered grip with its pose, which is searched for when it is first asked for: half a second each. */
export const rendered = GRIPS.map((grip) => {
  let solved: SolvedGrip | undefined;
  const found = () => (solved ??= solveGrip(grip.target));
  return {
    grip,
    get pose() {
      return found().pose;
    },
    get fit() {
      return found().fit;
    },
  };
});

/** Violin holds, good and bad, in a grown hand: what the sign table and the advice are tried on. */
export const violins = rendered.filter(({ grip }) => grip.holdId === 'violin-shallow');

export const settled = rendered[0]!;

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
