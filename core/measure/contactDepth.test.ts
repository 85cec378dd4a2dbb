import fc from 'fast-check';
import { stickAxis } from '../bow';
import type { Vec2 } from '../units';
import { contactOnStick, PARALLAX_SD_U } from './contactDepth';

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

/** Half the stick and the flesh of a finger before it, mm: so far in front of the axis a finger's bone passes. */
const IN_FRONT_MM = 12;
const BONE_MM = 25;

/**
 * A finger in space that touches the stick at depth `u`, its bones 25 mm each: x along the stick, y down, z toward
 * the eye of the square view.
 *
 * @param curlDeg bend of each joint away from the eye, below and above the bone that touches
 * @param leanDeg how far the finger leans toward the bow's tip, as in a hand rolled in
 */
function fingerTouching(u: number, curlDeg: number, leanDeg: number) {
  const touching = 2 - Math.min(2, Math.floor(u));
  const share = u - Math.floor(u);
  const rad = Math.PI / 180;
  const joints: { x: number; y: number; z: number }[] = [];
  const place = (along: number, bends: number, from: { y: number; z: number; s: number }) => ({
    s: from.s + along,
    y: from.y + along * Math.cos(bends * curlDeg * rad),
    z: from.z - Math.abs(along) * Math.sin(Math.abs(bends) * curlDeg * rad),
  });
  // The touching bone stands upright before the stick; the others curl away from it, tipward and handward.
  const above = place(-BONE_MM * (1 - share), 0, { y: 0, z: IN_FRONT_MM, s: 0 });
  const below = place(BONE_MM * share, 0, { y: 0, z: IN_FRONT_MM, s: 0 });
  const line = [above, below];
  for (let i = touching; i > 0; i -= 1) line.unshift(place(-BONE_MM, touching - i + 1, line[0]!));
  for (let i = touching; i < 2; i += 1) line.push(place(BONE_MM, i - touching + 1, line.at(-1)!));
  for (const { y, z, s } of line) joints.push({ x: s * Math.sin(leanDeg * rad), y, z });
  return joints;
}

describe('the contact rule on simulated fingers', () => {
  /** What the rule reads with the camera turned about the stick by so much. */
  const read = (joints: ReturnType<typeof fingerTouching>, offDeg: number) => {
    const rad = (offDeg * Math.PI) / 180;
    const chain = joints.map(({ x, y, z }) => ({
      x,
      y: y * Math.cos(rad) + z * Math.sin(rad),
    })) as Chain;
    return contactOnStick(AXIS, chain, true).u;
  };
  const depths = [0.7, 1.2, 1.5, 1.8, 2.3];
  const fingers: [string, number, number][] = [
    ['straight', 0, 0],
    ['curled', 35, 0],
    ['rolled in', 15, 30],
  ];

  it.each(fingers)('reads a %s finger exactly from the square view', (_name, curl, lean) => {
    for (const u of depths) expect(read(fingerTouching(u, curl, lean), 0)).toBeCloseTo(u, 9);
  });

  // The shift 12 mm · tan(off) over a bone of 25 mm: 0.13, 0.28 and 0.48 joint units for a straight finger.
  it.each([
    [15, 0.13],
    [30, 0.28],
    [45, 0.48],
  ])(
    'shifts by parallax %i° off, by %s on a straight finger and little more on others',
    (off, shift) => {
      expect(read(fingerTouching(1.5, 0, 0), off) - 1.5).toBeCloseTo(shift, 2);
      for (const [, curl, lean] of fingers) {
        for (const u of depths) {
          const error = Math.abs(read(fingerTouching(u, curl, lean), off) - u);
          expect(error).toBeGreaterThan(0);
          expect(error).toBeLessThan(shift * 1.25);
        }
      }
    },
  );

  it('stays within the doubt that a depth carries for it up to 15° off, and near it at 20°', () => {
    for (const [, curl, lean] of fingers) {
      for (const u of depths) {
        const errorAt = (off: number) => Math.abs(read(fingerTouching(u, curl, lean), off) - u);
        expect(errorAt(15)).toBeLessThan(PARALLAX_SD_U);
        expect(errorAt(20)).toBeLessThan(1.3 * PARALLAX_SD_U);
      }
    }
  });
});
