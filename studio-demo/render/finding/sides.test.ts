import { Vector3 } from 'three';
import { project } from '../cameras';
import { cameraAt, SIDES, type SideName } from './sides';

const at = new Vector3(10, 20, -30);
const size = { width: 960, height: 1280 };
const stand = {
  side: 'palm' as SideName,
  missDeg: [0, 0] as const,
  rollDeg: 0,
  distanceMm: 600,
  handsAcross: 2,
  off: [0, 0] as const,
};

describe('a camera that looks at a hand', () => {
  it.each(Object.keys(SIDES) as SideName[])('stands on the side it is told: %s', (side) => {
    const camera = cameraAt({ ...stand, side }, at, 180, size);
    const toward = camera.position.clone().sub(at);
    expect(toward.length()).toBeCloseTo(600, 6);
    expect(toward.normalize().distanceTo(new Vector3(...SIDES[side]).normalize())).toBeLessThan(
      1e-9,
    );
    const middle = project(camera, at, size);
    expect(middle.x).toBeCloseTo(480, 6);
    expect(middle.y).toBeCloseTo(640, 6);
  });

  it('takes in two hands’ lengths across the shorter side, however it is turned', () => {
    for (const rollDeg of [0, 70]) {
      const camera = cameraAt({ ...stand, rollDeg }, at, 180, size);
      const across = new Vector3(1, 0, 0).applyQuaternion(camera.quaternion).multiplyScalar(180);
      expect(project(camera, at.clone().add(across), size).x).toBeCloseTo(960, 6);
    }
  });

  it('misses its side by as much as it is told, and still has the hand in its middle', () => {
    const camera = cameraAt({ ...stand, missDeg: [12, 0] }, at, 180, size);
    const toward = camera.position.clone().sub(at).normalize();
    const angle = toward.angleTo(new Vector3(...SIDES.palm).normalize());
    expect((angle * 180) / Math.PI).toBeCloseTo(12, 6);
    expect(project(camera, at, size).x).toBeCloseTo(480, 6);
  });
});
