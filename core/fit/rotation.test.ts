import fc from 'fast-check';
import { Quaternion, Vector3 } from 'three';
import { fromVector, times, timesInverse, toVector, vectorJacobian } from './rotation';

const part = fc.double({ min: -1.7, max: 1.7, noNaN: true });

describe('rotations', () => {
  it("turn as three's quaternions do", () => {
    fc.assert(
      fc.property(part, part, part, (x, y, z) => {
        const axis = new Vector3(x, y, z);
        const angle = axis.length();
        fc.pre(angle > 1e-3);
        const q = new Quaternion().setFromAxisAngle(axis.clone().normalize(), angle);
        const r = fromVector(x, y, z);
        const v = new Vector3(0.3, -1, 2);
        const turned = v.clone().applyQuaternion(q);
        expect(r[0]! * v.x + r[1]! * v.y + r[2]! * v.z).toBeCloseTo(turned.x, 9);
        expect(r[3]! * v.x + r[4]! * v.y + r[5]! * v.z).toBeCloseTo(turned.y, 9);
        expect(r[6]! * v.x + r[7]! * v.y + r[8]! * v.z).toBeCloseTo(turned.z, 9);
      }),
    );
  });

  it('come back from their vectors, from none to half a turn', () => {
    fc.assert(
      fc.property(
        part,
        part,
        part,
        fc.double({ min: 0, max: Math.PI, noNaN: true }),
        (x, y, z, angle) => {
          const length = Math.hypot(x, y, z);
          fc.pre(length > 0.1);
          const [a, b, c] = [x, y, z].map((value) => (value / length) * angle) as [
            number,
            number,
            number,
          ];
          const r = fromVector(a, b, c);
          const back = toVector(r);
          const again = fromVector(back.x, back.y, back.z);
          again.forEach((value, i) => expect(value).toBeCloseTo(r[i]!, 6));
        },
      ),
    );
  });

  it('change their vectors as the Jacobian says', () => {
    fc.assert(
      fc.property(part, part, part, (x, y, z) => {
        fc.pre(Math.hypot(x, y, z) < 2.8);
        const r = fromVector(x, y, z);
        const jacobian = vectorJacobian({ x, y, z });
        for (let i = 0; i < 3; i += 1) {
          const [up, down] = [1e-5, -1e-5].map((d) =>
            toVector(times(fromVector(i === 0 ? d : 0, i === 1 ? d : 0, i === 2 ? d : 0), r)),
          ) as [ReturnType<typeof toVector>, ReturnType<typeof toVector>];
          const slope = [up.x - down.x, up.y - down.y, up.z - down.z].map((d) => d / 2e-5);
          slope.forEach((value, row) => expect(jacobian[3 * row + i]).toBeCloseTo(value, 4));
        }
      }),
    );
  });

  it('undo themselves', () => {
    const r = fromVector(0.4, -1.1, 0.2);
    const none = timesInverse(r, r);
    [1, 0, 0, 0, 1, 0, 0, 0, 1].forEach((value, i) => expect(none[i]).toBeCloseTo(value, 12));
  });
});
