import { HAND_POINTS } from '../hand';
import { BUILDS } from './handBuild';
import { HandPoser, poseValues } from './posedHand';
import { poseOfPoints, type Points } from './poseOfPoints';
import { solvePose } from './solvePose';
import { wantedSet } from './testing/measuredSets';

describe('a posed hand for points in space', () => {
  it.each([0, 1, 4, 6, 8])('is the hand that the points were taken of, set %i', (i) => {
    const { hold, grip } = wantedSet(i);
    const build = BUILDS.slender;
    const { pose } = solvePose(hold, grip, build);
    const hand = new HandPoser(build).pose(poseValues(pose));
    const points = HAND_POINTS.map((_, k) => [
      ...hand.points.slice(3 * k, 3 * k + 3),
    ]) as unknown as Points;
    const found = poseOfPoints(points);
    expect(found.offMm).toBeLessThan(1);
    expect(found.build.size).toBeCloseTo(build.size, 2);
    expect(found.build.fingers).toBeCloseTo(build.fingers, 1);
    const again = new HandPoser(found.build).pose(poseValues(found.pose));
    hand.bendDeg.forEach((deg, k) => {
      // How a thumb's base is turned about itself is told by no point.
      if (!Number.isNaN(deg) && HAND_POINTS[k] !== 'thumbCmc')
        expect(Math.abs(again.bendDeg[k]! - deg)).toBeLessThan(4);
    });
  });

  it('is near to points that are no hand of this kind', () => {
    const { hold, grip, build } = wantedSet(0);
    const hand = new HandPoser(build).pose(poseValues(solvePose(hold, grip, build).pose));
    // As a fitted hand comes out: each point a little elsewhere than the rig could have it.
    const points = HAND_POINTS.map((_, k) =>
      [0, 1, 2].map((axis) => hand.points[3 * k + axis]! + 2.5 * Math.sin(7 * k + 3 * axis)),
    ) as unknown as Points;
    expect(poseOfPoints(points).offMm).toBeLessThan(4.5);
  });
});
