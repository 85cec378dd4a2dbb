import { Vector3 } from 'three';
import { flexion2d } from '@open-palm/core/hand';
import { cameraFor, project, tiltDeg } from './cameras';
import { JOINTS, STRAIGHT, violins, type Joint } from './testing/truthJoints';
import { truthOf, type PictureTruth } from './truth';

/** Errors of a joint's flat bend from cameras turned off its hinge's axis, where both bones stay within 15°. */
function errorsOffHinge(
  truth: PictureTruth,
  [, a, b, c]: Joint,
  offsDeg: readonly number[],
): number[] {
  const [pa, pb, pc] = [a, b, c].map((n) => new Vector3(...truth.joints3dMm[n]!)) as [
    Vector3,
    Vector3,
    Vector3,
  ];
  const along = pb.clone().sub(pa).normalize();
  const next = pc.clone().sub(pb);
  const hinge = along.clone().cross(next).normalize();
  // About the hinge that these two bones turn about, however askew the joint's own one is.
  const bendDeg = (along.angleTo(next) * 180) / Math.PI;
  const across = hinge.clone().cross(along);
  const errors: number[] = [];
  for (const offDeg of offsDeg) {
    for (let turn = 0; turn < 2 * Math.PI; turn += Math.PI / 6) {
      const axis = along
        .clone()
        .multiplyScalar(Math.cos(turn))
        .addScaledVector(across, Math.sin(turn));
      const sight = hinge.clone().applyAxisAngle(axis, (offDeg * Math.PI) / 180);
      const camera = cameraFor('finger-side');
      camera.position.copy(pb).addScaledVector(sight, 700);
      camera.up.copy(along);
      camera.lookAt(pb);
      camera.updateMatrixWorld(true);
      if (tiltDeg(camera, pa, pb) >= 15 || tiltDeg(camera, pb, pc) >= 15) continue;
      const [qa, qb, qc] = [pa, pb, pc].map((p) => project(camera, p));
      const measured = Math.abs(flexion2d(qa!, qb!, qc!, 1));
      errors.push(Math.abs(measured - bendDeg));
    }
  }
  return errors.sort((x, y) => x - y);
}

describe('a joint seen off its hinge', () => {
  const truths = violins.map(({ grip, pose }) =>
    truthOf({ ...grip, wristBend: STRAIGHT }, pose, 'finger-side', 'right'),
  );
  const errorsAt = (...offsDeg: number[]) =>
    truths
      .flatMap((truth) => JOINTS.flatMap((joint) => errorsOffHinge(truth, joint, offsDeg)))
      .sort((x, y) => x - y);

  it('reads within 1° when the camera looks along the hinge, or nearly', () => {
    const errors = errorsAt(0, 2.5, 5);
    expect(errors.at(-1)).toBeLessThan(1);
  });

  it('reads as well as a flat picture can from up to 30° off: half within 0.3°, 95 % within 3°', () => {
    // Not all within 1°: bones that leave the picture to opposite sides by 15° bend by geometry alone.
    const errors = errorsAt(2.5, 5, 7.5, 10, 12.5, 15, 20, 25, 30);
    expect(errors.length).toBeGreaterThan(1000);
    expect(errors[Math.floor(errors.length / 2)]).toBeLessThan(0.3);
    expect(errors[Math.floor(errors.length * 0.95)]).toBeLessThan(3);
  });
});
