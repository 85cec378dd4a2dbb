import { HAND_POINTS } from '@open-palm/core/hand';
import { HandPoser, poseValues } from '@open-palm/core/pose';
import { GRIPS } from './grips';
import { poseHand } from './handPose';
import { solveGrip } from './solveGrip';

it.each(GRIPS.map((grip) => [grip.name, grip] as const))(
  'the core poses %s as the renderer does by a general library (three)',
  (_, { target }) => {
    const { pose } = solveGrip(target);
    const theirs = poseHand(pose, target.build);
    const { points, bendDeg } = new HandPoser(target.build).pose(poseValues(pose));
    HAND_POINTS.forEach((name, i) => {
      const { x, y, z } = theirs.points[name];
      const off = Math.hypot(x - points[3 * i]!, y - points[3 * i + 1]!, z - points[3 * i + 2]!);
      expect(off).toBeLessThan(1e-3);
      const bend = theirs.flexionDeg[name];
      if (bend !== undefined) expect(bendDeg[i]).toBeCloseTo(bend, 2);
    });
  },
);
