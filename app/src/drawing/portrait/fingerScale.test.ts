import fc from 'fast-check';
import { heightOfU, uAtHeight } from './fingerScale';

const bones = [40, 25, 20];

describe('the scale of a drawn finger', () => {
  it('has the joints where the bones end, tip first', () => {
    expect([0, 1, 1.5, 2, 3].map((u) => heightOfU(bones, u))).toEqual([0, 20, 32.5, 45, 85]);
  });

  it('reads back what it shows, and ends at tip and knuckle', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 3, noNaN: true }), (u) => {
        expect(uAtHeight(bones, heightOfU(bones, u))).toBeCloseTo(u, 9);
      }),
    );
    expect(uAtHeight(bones, -10)).toBe(0);
    expect(uAtHeight(bones, 500)).toBe(3);
  });
});
