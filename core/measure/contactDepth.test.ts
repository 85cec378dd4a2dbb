import fc from 'fast-check';
import { stickAxis } from '../bow';
import type { Vec2 } from '../units';
import { contactOnStick } from './contactDepth';

const AXIS = stickAxis(
  {
    stickHandEnd: { x: 0, y: 0 },
    stickTipEnd: { x: 100, y: 0 },
    frogFront: { x: 0, y: 20 },
    frogBack: { x: -46, y: 20 },
  },
  46,
  1,
);

type Chain = [Vec2, Vec2, Vec2, Vec2];

/** An upright finger at x = 10 whose joints have these heights above the stick (mm = px here), knuckle first. */
const upright = (...heights: [number, number, number, number]): Chain =>
  heights.map((height) => ({ x: 10, y: -height })) as Chain;

describe('contactOnStick', () => {
  it('reads 1.5 where the stick crosses the middle of the middle phalanx', () => {
    expect(contactOnStick(AXIS, upright(50, 10, -10, -30), true)).toEqual({
      u: 1.5,
      xMm: 10,
      dMm: 0,
      touching: true,
    });
  });

  it('is linear within a bone', () => {
    expect(contactOnStick(AXIS, upright(60, 30, 15, -5), true).u).toBeCloseTo(0.25, 12);
    expect(contactOnStick(AXIS, upright(12, -4, -20, -30), true).u).toBeCloseTo(2.25, 12);
  });

  it('takes the crossing on the way out, not where a fist curls back over the stick', () => {
    // Knuckle 7 above, then down past the stick, then curled up with the tip 2 above it again.
    const fist = contactOnStick(AXIS, upright(7, -16.33, -8, 2), true);
    expect(fist.touching).toBe(true);
    expect(fist.u).toBeCloseTo(2.7, 2);
  });

  it('tells the nearest place when the finger does not cross', () => {
    expect(contactOnStick(AXIS, upright(60, 40, 20, 8), true)).toEqual({
      u: 0,
      xMm: 10,
      dMm: -8,
      touching: false,
    });
  });

  it('finds the nearest place on a bone that only passes the stick backward', () => {
    // From the hair side up: touching would need the way from the hand's side out.
    const backward = contactOnStick(AXIS, upright(-40, -20, -6, 6), true);
    expect(backward.touching).toBe(false);
    expect(backward.u).toBeCloseTo(0.5, 12);
  });

  it('looks from the other side for an under-hand hold', () => {
    const under = contactOnStick(AXIS, upright(-50, -10, 10, 30), false);
    expect(under).toMatchObject({ u: 1.5, touching: true });
  });

  it('grows as the finger sinks deeper', () => {
    const sunk = fc.double({ min: 1, max: 58, noNaN: true });
    fc.assert(
      fc.property(sunk, sunk, (a, b) => {
        const [shallow, deep] = [Math.min(a, b), Math.max(a, b)];
        const u = (by: number) =>
          contactOnStick(AXIS, upright(60 - by, 40 - by, 20 - by, -by), true).u;
        expect(u(deep)).toBeGreaterThanOrEqual(u(shallow));
      }),
    );
  });
});
