import { HOLD_IDS, holdById } from '@open-palm/core/holds';
import { distanceToBow } from '@open-palm/core/bow/body';
import { BOWS } from './bowModel';
import { GRIPS, wantedGrip } from './grips';
import { poseHand } from './handPose';
import { BUILDS, RIG_BUILD } from '@open-palm/core/pose';
import { skinOf } from './handSkin';
import { rendered, settled } from './testing/truthJoints';

describe('the rendered grips', () => {
  it('touch the bow with every digit that should, and nowhere pass through it: within 1.5 mm', () => {
    const gaps = rendered.map(({ fit }) => fit.gapMm);
    const overlaps = rendered.map(({ fit }) => fit.overlapMm);
    expect(Math.max(...gaps)).toBeLessThan(1.5);
    expect(Math.max(...overlaps)).toBeLessThan(1.5);
    console.log(
      `largest gap ${Math.max(...gaps).toFixed(2)} mm, largest overlap ${Math.max(...overlaps).toFixed(2)} mm`,
    );
  });

  it('measure that on the skin that the picture shows', () => {
    const { grip, pose, fit } = settled;
    const model = BOWS[grip.target.bow];
    const skin = skinOf(poseHand(pose, grip.target.build), grip.target.build);
    const deepest = Math.min(...skin.map(({ at }) => distanceToBow(model, at.x, at.y, at.z)));
    expect(-deepest).toBeCloseTo(fit.overlapMm, 6);
    // A hand moved 4 mm into the bow is found out.
    const moved = {
      ...pose,
      wrist: [pose.wrist[0], pose.wrist[1] - 4, pose.wrist[2]],
    } as typeof pose;
    const pressed = skinOf(poseHand(moved, grip.target.build), grip.target.build);
    expect(
      -Math.min(...pressed.map(({ at }) => distanceToBow(model, at.x, at.y, at.z))),
    ).toBeGreaterThan(2.5);
  });

  it('show all nine holds, each as its bands want the thumb, and their faults', () => {
    for (const id of HOLD_IDS) {
      const { target } = wantedGrip(id);
      const { pose } = rendered.find(({ grip }) => grip === wantedGrip(id))!;
      const band = holdById(id).checkpoints.thumbIpFlexion;
      const bend = poseHand(pose, target.build).flexionDeg.thumbIp!;
      if (band && 'band' in band && band.band && !('allowed' in band.band)) {
        expect(bend).toBeGreaterThanOrEqual(band.band.lo ?? -Infinity);
        expect(bend).toBeLessThanOrEqual(band.band.hi ?? Infinity);
      }
    }
    const bendOf = (name: string, joint: 'thumbIp' | 'littlePip') => {
      const { grip, pose } = rendered.find((one) => one.grip.name === name)!;
      return poseHand(pose, grip.target.build).flexionDeg[joint]!;
    };
    expect(bendOf('straight-thumb', 'thumbIp')).toBeLessThan(5);
    expect(bendOf('cello-straight-thumb', 'thumbIp')).toBeLessThan(5);
    expect(bendOf('locked-little-finger', 'littlePip')).toBeLessThan(10);
    expect(new Set(GRIPS.map(({ name }) => name)).size).toBe(GRIPS.length);
  });
});

describe('hands of other builds', () => {
  const lengthOf = (
    build: typeof RIG_BUILD,
    from: 'wrist' | 'indexMcp',
    to: 'middleMcp' | 'indexPip',
  ) => {
    const { points } = poseHand(settled.pose, build);
    return points[from].distanceTo(points[to]);
  };

  it('are as much smaller as they say, finger by finger', () => {
    const { size, fingers } = BUILDS.child;
    const bone =
      lengthOf(BUILDS.child, 'indexMcp', 'indexPip') / lengthOf(RIG_BUILD, 'indexMcp', 'indexPip');
    expect(bone).toBeCloseTo(size * fingers, 6);
    expect(lengthOf({ ...RIG_BUILD, size: 0.5 }, 'wrist', 'middleMcp')).toBeCloseTo(
      lengthOf(RIG_BUILD, 'wrist', 'middleMcp') / 2,
      6,
    );
  });

  it('bend the same', () => {
    const [a, b] = [RIG_BUILD, BUILDS.child].map(
      (build) => poseHand(settled.pose, build).flexionDeg,
    );
    expect(b!.indexPip).toBeCloseTo(a!.indexPip!, 6);
    expect(b!.thumbIp).toBeCloseTo(a!.thumbIp!, 6);
  });
});

describe('the distance to a bow', () => {
  it('is 0 on the stick, grows away from it, and is negative inside', () => {
    const violin = BOWS.violin;
    const r = violin.stickRadiusMm;
    expect(distanceToBow(violin, 200, r, 0)).toBeCloseTo(0, 9);
    expect(distanceToBow(violin, 200, 0, r + 3)).toBeCloseTo(3, 9);
    expect(distanceToBow(violin, 200, 1, 0)).toBeCloseTo(1 - r, 9);
    expect(distanceToBow(violin, -30, -15, 0)).toBeLessThan(-3);
    // Under the grip the leather is in the way.
    expect(distanceToBow(violin, 15, r, 0)).toBeLessThan(-0.5);
  });
});
