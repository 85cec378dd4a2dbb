import { chain, frameAround } from './limb';

describe('chain', () => {
  it('turns each bone against the one before', () => {
    const [root, elbow, tip] = chain({ x: 0, y: 0 }, 0, [
      { length: 10, turnDeg: 0 },
      { length: 5, turnDeg: 90 },
    ]);
    expect(root).toEqual({ x: 0, y: 0 });
    expect(elbow).toEqual({ x: 10, y: 0 });
    expect(tip!.x).toBeCloseTo(10, 9);
    expect(tip!.y).toBeCloseTo(5, 9);
  });
});

describe('frameAround', () => {
  it('holds every point with its room, in the shape asked for', () => {
    const [x, y, width, height] = frameAround(
      [
        { x: 0, y: 0 },
        { x: 10, y: 30 },
      ],
      5,
      1.25,
    )
      .split(' ')
      .map(Number) as [number, number, number, number];
    expect(width / height).toBeCloseTo(1.25, 2);
    expect(x).toBeLessThanOrEqual(-5);
    expect(x + width).toBeGreaterThanOrEqual(15);
    expect(y).toBeCloseTo(-5, 2);
    expect(y + height).toBeCloseTo(35, 2);
  });
});
