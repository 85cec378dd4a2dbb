import fc from 'fast-check';
import { flexion3d, HAND_POINTS, type HandPointName } from '../hand';
import { BUILDS, buildOfHand, middleFingerOf } from './handBuild';
import { DIGITS } from './digits';
import { HandPoser, poseOf, poseValues, POSE_VALUES } from './posedHand';
import { DIGIT_JOINTS } from './rig';
import { mainJoints, restSkin, skinOf } from './skin';

const at = (points: Float64Array, name: HandPointName) => {
  const i = 3 * HAND_POINTS.indexOf(name);
  return { x: points[i]!, y: points[i + 1]!, z: points[i + 2]! };
};
const apart = (points: Float64Array, a: HandPointName, b: HandPointName) => {
  const [p, q] = [at(points, a), at(points, b)];
  return Math.hypot(p.x - q.x, p.y - q.y, p.z - q.z);
};
const anyPose = fc
  .array(fc.double({ min: -60, max: 90, noNaN: true }), {
    minLength: POSE_VALUES,
    maxLength: POSE_VALUES,
  })
  .map((values) => Float64Array.from(values));

describe('a posed hand', () => {
  it('keeps its bones, whatever its joints do', () => {
    const poser = new HandPoser(BUILDS.slender);
    const rest = poser.pose(new Float64Array(POSE_VALUES)).points;
    fc.assert(
      fc.property(anyPose, (values) => {
        const { points } = poser.pose(values);
        for (const digit of DIGITS) {
          const joints =
            digit === 'thumb' ? ['Cmc', 'Mcp', 'Ip', 'Tip'] : ['Mcp', 'Pip', 'Dip', 'Tip'];
          const names = joints.map((joint) => `${digit}${joint}` as HandPointName);
          names.slice(1).forEach((name, i) => {
            expect(apart(points, names[i]!, name)).toBeCloseTo(apart(rest, names[i]!, name), 4);
          });
        }
      }),
      { numRuns: 60 },
    );
  });

  it('bends a middle joint by as many degrees as its value grows', () => {
    const poser = new HandPoser(BUILDS.grown);
    const values = new Float64Array(POSE_VALUES);
    const bend = () => poser.pose(values).bendDeg[HAND_POINTS.indexOf('indexPip')]!;
    const rest = bend();
    values[13] = 40;
    expect(bend() - rest).toBeCloseTo(40, 1);
  });

  it('tells a bend as the general function does', () => {
    const poser = new HandPoser(BUILDS.grown);
    const values = new Float64Array(POSE_VALUES);
    values.set([30, -4, 41, 30], 11);
    const { points, bendDeg } = poser.pose(values);
    const [mcp, pip, dip, tip] = (['Mcp', 'Pip', 'Dip', 'Tip'] as const).map((joint) =>
      at(points, `index${joint}`),
    ) as [Point, Point, Point, Point];
    // The middle joint's hinge is square to the two bones beside it, as nearly as the rig has it.
    const cross = (a: Point, b: Point) => ({
      x: a.y * b.z - a.z * b.y,
      y: a.z * b.x - a.x * b.z,
      z: a.x * b.y - a.y * b.x,
    });
    const minus = (a: Point, b: Point) => ({ x: a.x - b.x, y: a.y - b.y, z: a.z - b.z });
    const hinge = cross(minus(pip, mcp), minus(dip, pip));
    expect(flexion3d(mcp, pip, dip, hinge)).toBeCloseTo(
      bendDeg[HAND_POINTS.indexOf('indexPip')]!,
      0,
    );
    expect(flexion3d(pip, dip, tip, hinge)).toBeCloseTo(
      bendDeg[HAND_POINTS.indexOf('indexDip')]!,
      0,
    );
  });

  it('is the same after its numbers were listed and read', () => {
    fc.assert(
      fc.property(anyPose, (values) => {
        expect([...poseValues(poseOf(values))]).toEqual([...values]);
      }),
      { numRuns: 20 },
    );
  });

  it('has the middle finger that is asked for, a short one with a child’s proportions', () => {
    for (const mm of [55, 77, 79, 92, 104]) {
      const build = buildOfHand(mm);
      expect(middleFingerOf(build)).toBeCloseTo(mm, 9);
      const { points } = new HandPoser(build).pose(new Float64Array(POSE_VALUES));
      const length =
        apart(points, 'middleMcp', 'middlePip') +
        apart(points, 'middlePip', 'middleDip') +
        apart(points, 'middleDip', 'middleTip');
      expect(Math.abs(length / mm - 1)).toBeLessThan(0.01);
      expect(build.fingers).toBe(mm < 78 ? BUILDS.child.fingers : 1);
    }
  });
});

interface Point {
  x: number;
  y: number;
  z: number;
}

describe('the skin', () => {
  it('is carried by weights that add up to one, and lies round the joints that carry it', () => {
    const { first, weights, places } = restSkin();
    for (let v = 0; v + 1 < first.length; v += 1) {
      let sum = 0;
      for (let k = first[v]!; k < first[v + 1]!; k += 1) sum += weights[k]!;
      expect(sum).toBeCloseTo(1, 9);
    }
    const hand = new HandPoser(BUILDS.grown).pose(new Float64Array(POSE_VALUES));
    const skin = skinOf(hand);
    expect(skin).toHaveLength(places.length);
    const joints = mainJoints();
    for (const digit of DIGITS) {
      const tip = at(hand.points, `${digit}Tip` as HandPointName);
      const last = new Set(DIGIT_JOINTS[digit].slice(-2));
      const away = Array.from(joints, (joint, v) =>
        last.has(joint)
          ? Math.hypot(skin[3 * v]! - tip.x, skin[3 * v + 1]! - tip.y, skin[3 * v + 2]! - tip.z)
          : Infinity,
      );
      expect(Math.min(...away)).toBeLessThan(9);
    }
  });
});
