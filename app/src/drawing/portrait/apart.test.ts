import fc from 'fast-check';
import { apart } from './apart';

describe('apart', () => {
  it('moves two by the same way each, and leaves those with room where they are', () => {
    expect(
      apart(
        [
          { x: 0, y: 0 },
          { x: 2, y: 0 },
          { x: 40, y: 3 },
        ],
        4,
      ),
    ).toEqual([
      { x: -1, y: 0 },
      { x: 3, y: 0 },
      { x: 40, y: 3 },
    ]);
  });

  it('parts two at the very same place', () => {
    expect(
      apart(
        [
          { x: 5, y: 5 },
          { x: 5, y: 5 },
        ],
        8,
      ),
    ).toEqual([
      { x: 1, y: 5 },
      { x: 9, y: 5 },
    ]);
  });

  it('never leaves two of them nearer than before', () => {
    const place = fc.record({
      x: fc.integer({ min: 0, max: 30 }),
      y: fc.integer({ min: 0, max: 30 }),
    });
    fc.assert(
      fc.property(fc.array(place, { minLength: 2, maxLength: 2 }), (places) => {
        const nearest = (all: readonly { x: number; y: number }[]) =>
          Math.hypot(all[0]!.x - all[1]!.x, all[0]!.y - all[1]!.y);
        expect(nearest(apart(places, 8))).toBeGreaterThanOrEqual(
          Math.min(8, nearest(places)) - 1e-6,
        );
        expect(nearest(apart(places, 8))).toBeGreaterThan(8 - 1e-3);
      }),
    );
  });
});
