import fc from 'fast-check';
import { vec2 } from 'gl-matrix';
import { Vector3 } from 'three';
import { InputError } from '../issue';
import { flexion2d, flexion3d } from './flexion';

const coordinate = fc.double({ min: -1000, max: 1000, noNaN: true });
const point = fc.record({ x: coordinate, y: coordinate });
const point3 = fc.record({ x: coordinate, y: coordinate, z: coordinate });
const apart = (a: { x: number; y: number }, b: { x: number; y: number }) =>
  Math.hypot(a.x - b.x, a.y - b.y) > 1;

describe('flexion2d', () => {
  it('gives the worked right angle, signed by the view', () => {
    const [a, b, c] = [
      { x: 0, y: 0 },
      { x: 1, y: 0 },
      { x: 1, y: 1 },
    ];
    expect(flexion2d(a, b, c, 1)).toBeCloseTo(90, 12);
    expect(flexion2d(a, b, c, -1)).toBeCloseTo(-90, 12);
  });

  it('is 0 for a straight finger and keeps a tenth of a degree near straight', () => {
    const tenth = Math.PI / 1800;
    const end = { x: 10 + Math.cos(tenth), y: Math.sin(tenth) };
    expect(flexion2d({ x: 0, y: 0 }, { x: 10, y: 0 }, { x: 20, y: 0 }, 1)).toBe(0);
    expect(flexion2d({ x: 0, y: 0 }, { x: 10, y: 0 }, end, 1)).toBeCloseTo(0.1, 9);
  });

  it("agrees with gl-matrix's angle in size", () => {
    fc.assert(
      fc.property(point, point, point, (a, b, c) => {
        fc.pre(apart(a, b) && apart(b, c));
        const angle = vec2.angle([b.x - a.x, b.y - a.y], [c.x - b.x, c.y - b.y]);
        expect(Math.abs(flexion2d(a, b, c, 1))).toBeCloseTo((angle * 180) / Math.PI, 4);
      }),
    );
  });

  it('does not change when the picture is turned, moved or enlarged, and turns its sign when mirrored', () => {
    fc.assert(
      fc.property(
        point,
        point,
        point,
        fc.double({ min: 0, max: 6.28, noNaN: true }),
        (a, b, c, t) => {
          fc.pre(apart(a, b) && apart(b, c));
          const flexion = flexion2d(a, b, c, 1);
          fc.pre(Math.abs(flexion) < 179);
          const moved = (p: { x: number; y: number }) => ({
            x: 3 * (p.x * Math.cos(t) - p.y * Math.sin(t)) + 50,
            y: 3 * (p.x * Math.sin(t) + p.y * Math.cos(t)) - 7,
          });
          const mirrored = (p: { x: number; y: number }) => ({ x: -p.x, y: p.y });
          expect(flexion2d(moved(a), moved(b), moved(c), 1)).toBeCloseTo(flexion, 6);
          expect(flexion2d(mirrored(a), mirrored(b), mirrored(c), 1)).toBeCloseTo(-flexion, 6);
        },
      ),
    );
  });

  it('refuses a segment without length instead of calling it straight', () => {
    const p = { x: 5, y: 5 };
    expect(() => flexion2d(p, p, { x: 1, y: 1 }, 1)).toThrow(InputError);
    expect(() => flexion2d({ x: 1, y: 1 }, p, p, 1)).toThrow(InputError);
  });
});

describe('flexion3d', () => {
  it("agrees with three's angle in size and with the hinge in sign", () => {
    fc.assert(
      fc.property(point3, point3, point3, (a, b, c) => {
        const u = new Vector3(b.x - a.x, b.y - a.y, b.z - a.z);
        const v = new Vector3(c.x - b.x, c.y - b.y, c.z - b.z);
        const hinge = u.clone().cross(v);
        fc.pre(u.length() > 1 && v.length() > 1 && hinge.length() > 1);
        const degrees = (u.angleTo(v) * 180) / Math.PI;
        expect(flexion3d(a, b, c, hinge)).toBeCloseTo(degrees, 4);
        expect(flexion3d(a, b, c, hinge.clone().negate())).toBeCloseTo(-degrees, 4);
      }),
    );
  });

  it('leaves out what a segment leans along the hinge', () => {
    // Along x, then 30° up about the hinge z, leaning by any amount along it.
    const tip = { x: 1 + Math.cos(Math.PI / 6), y: Math.sin(Math.PI / 6), z: 0.7 };
    const flexion = flexion3d({ x: 0, y: 0, z: -0.4 }, { x: 1, y: 0, z: 0 }, tip, {
      x: 0,
      y: 0,
      z: 5,
    });
    expect(flexion).toBeCloseTo(30, 10);
  });

  it('bends to the palm by a right-handed turn about the hinge', () => {
    const flexion = flexion3d(
      { x: 0, y: 0, z: 0 },
      { x: 0, y: 0, z: 1 },
      { x: 0, y: -1, z: 1 },
      { x: 1, y: 0, z: 0 },
    );
    expect(flexion).toBeCloseTo(90, 12);
  });

  it('refuses a hinge without length', () => {
    const zero = { x: 0, y: 0, z: 0 };
    expect(() => flexion3d(zero, { x: 1, y: 0, z: 0 }, { x: 2, y: 0, z: 0 }, zero)).toThrow(
      InputError,
    );
  });
});
