import { Vector3 } from 'three';
import { OBLIQUE_FROM_DEG, retakeFor, SIDES, type PointName } from '@open-palm/core/measure';
import { cameraFor, tiltDeg } from './cameras';
import { RAD, STRAIGHT, violins } from './testing/truthJoints';
import { truthOf } from './truth';

describe.each(SIDES)('the advice to take a picture again, %s hand', (side) => {
  /** Cameras up to 40° around where a view's camera stands, as unit vectors from the hand. */
  function camerasAround(station: Vector3): Vector3[] {
    const up = Math.abs(station.y) > 0.8 ? new Vector3(0, 0, 1) : new Vector3(0, 1, 0);
    const across = station.clone().cross(up).normalize();
    const along = station.clone().cross(across).normalize();
    const steps = [-40, -30, -20, -10, 0, 10, 20, 30, 40];
    return steps.flatMap((a) =>
      steps
        .filter((b) => Math.hypot(a, b) <= 40)
        .map((b) =>
          station
            .clone()
            .applyAxisAngle(across, a * RAD)
            .applyAxisAngle(along, b * RAD),
        ),
    );
  }

  it.each([
    [
      'thumb-side',
      'below',
      [
        ['thumbMcp', 'thumbIp'],
        ['thumbIp', 'thumbTip'],
      ],
    ],
    [
      'profile',
      'buttonEnd',
      [
        ['littleMcp', 'littlePip'],
        ['littlePip', 'littleDip'],
      ],
    ],
  ] as const)(
    'from the %s, turning 20° to "%s" lays the bones flatter in nine cases of ten',
    (view, turn, bones) => {
      let [oblique, better] = [0, 0];
      for (const { grip, pose } of violins) {
        const truth = truthOf({ ...grip, wristBend: STRAIGHT }, pose, view, side);
        const at = (name: PointName) => new Vector3(...truth.joints3dMm[name]!);
        const hand = at(bones[0][1]);
        const camera = cameraFor(view, side === 'left');
        const worstTilt = (toCamera: Vector3) => {
          camera.position.copy(hand).addScaledVector(toCamera, 700);
          return Math.max(...bones.map(([from, to]) => tiltDeg(camera, at(from), at(to))));
        };
        // Toward the button's end, which a left hand has on the other side; or straight down.
        const toward =
          turn === 'below' ? new Vector3(0, -1, 0) : new Vector3(side === 'left' ? 1 : -1, 0, 0);
        for (const toCamera of camerasAround(camera.position.clone().sub(hand).normalize())) {
          const before = worstTilt(toCamera);
          if (before < OBLIQUE_FROM_DEG + 5) continue;
          const sideways = toward.clone().projectOnPlane(toCamera).normalize();
          const turned = toCamera
            .clone()
            .multiplyScalar(Math.cos(20 * RAD))
            .addScaledVector(sideways, Math.sin(20 * RAD));
          oblique += 1;
          if (worstTilt(turned) < before - 3) better += 1;
        }
      }
      expect(oblique).toBeGreaterThan(30);
      expect(better / oblique).toBeGreaterThan(0.9);
      expect(retakeFor(view, [bones[0][1]], [])).toBeNull();
      const bone = { bone: bones[0][1], tiltDeg: 45, oblique: 0.95 };
      expect(retakeFor(view, [bones[0][1]], [bone])).toBe(turn);
    },
  );
});
