import fc from 'fast-check';
import { isSameSquare, shifted, toPicture, toRegion, uprightAngle, type Region } from './region';

const region = fc.record({
  x: fc.double({ min: -2000, max: 2000, noNaN: true }),
  y: fc.double({ min: -2000, max: 2000, noNaN: true }),
  size: fc.double({ min: 1, max: 4000, noNaN: true }),
  angle: fc.double({ min: -10, max: 10, noNaN: true }),
});
const place = fc.record({
  x: fc.double({ min: -3, max: 3, noNaN: true }),
  y: fc.double({ min: -3, max: 3, noNaN: true }),
});

describe('a region', () => {
  it('takes every place back to where it came from, however it is turned and cut', () => {
    fc.assert(
      fc.property(region, place, (square: Region, at) => {
        const back = toRegion(square, toPicture(square, at));
        expect(back.x).toBeCloseTo(at.x, 8);
        expect(back.y).toBeCloseTo(at.y, 8);
      }),
    );
  });

  it('keeps distances, but for its size', () => {
    fc.assert(
      fc.property(region, place, place, (square: Region, a, b) => {
        const [p, q] = [toPicture(square, a), toPicture(square, b)];
        expect(Math.hypot(p.x - q.x, p.y - q.y)).toBeCloseTo(
          square.size * Math.hypot(a.x - b.x, a.y - b.y),
          6,
        );
      }),
    );
  });

  it('has its corners where a hand-worked quarter turn puts them', () => {
    // Turned clockwise by 90°, the square's top left corner is at the picture's top right.
    const square: Region = { x: 100, y: 50, size: 20, angle: Math.PI / 2 };
    const corner = toPicture(square, { x: 0, y: 0 });
    expect(corner.x).toBeCloseTo(110, 9);
    expect(corner.y).toBeCloseTo(40, 9);
  });

  it('turned upright along a direction shows that direction pointing up', () => {
    fc.assert(
      fc.property(place, place, (from, to) => {
        fc.pre(Math.hypot(to.x - from.x, to.y - from.y) > 1e-3);
        const square: Region = { x: 0, y: 0, size: 1, angle: uprightAngle(from, to) };
        const [a, b] = [toRegion(square, from), toRegion(square, to)];
        expect(b.x).toBeCloseTo(a.x, 6);
        expect(b.y).toBeLessThan(a.y);
      }),
    );
  });

  it('moves along its own axes', () => {
    const square: Region = { x: 100, y: 50, size: 20, angle: Math.PI / 2 };
    // Its own "up" is the picture's right.
    const moved = shifted(square, 0, 0.5);
    expect(moved.x).toBeCloseTo(110, 9);
    expect(moved.y).toBeCloseTo(50, 9);
  });
});

describe('squares that show nearly the same', () => {
  const square = { x: 100, y: 100, size: 80, angle: 0 };

  it('are as large, as turned and at one place, but for a little', () => {
    expect(isSameSquare(square, { x: 110, y: 95, size: 90, angle: 0.4 })).toBe(true);
    expect(isSameSquare(square, { ...square, angle: 2 * Math.PI })).toBe(true);
  });

  it('are others where one of the three is not so', () => {
    expect(isSameSquare(square, { ...square, x: 125 })).toBe(false);
    expect(isSameSquare(square, { ...square, size: 120 })).toBe(false);
    expect(isSameSquare(square, { ...square, angle: Math.PI / 2 })).toBe(false);
  });
});
