import { toRegion } from '../region';
import { regionOfPalm, regionOfPoints, regionOfTaps } from './handRegion';

const WHOLE = { x: 500, y: 500, size: 1000, angle: 0 };
const palm = {
  score: 1,
  x: 0.5,
  y: 0.5,
  width: 0.1,
  height: 0.1,
  wrist: { x: 0.5, y: 0.56 },
  middleMcp: { x: 0.5, y: 0.44 },
};

describe('the square around a hand', () => {
  it('is 2.6 palms wide and half a palm further toward the fingers', () => {
    // A palm of 100 px in the middle of the picture, fingers upward.
    const region = regionOfPalm(palm, WHOLE);
    expect(region).toMatchObject({ x: 500, angle: 0 });
    expect(region.y).toBeCloseTo(450, 9);
    expect(region.size).toBeCloseTo(260, 9);
  });

  it('is turned with a hand that points to the right', () => {
    const turned = regionOfPalm(
      { ...palm, wrist: { x: 0.44, y: 0.5 }, middleMcp: { x: 0.56, y: 0.5 } },
      WHOLE,
    );
    expect(turned.angle).toBeCloseTo(Math.PI / 2, 9);
    expect(turned.x).toBeCloseTo(550, 9);
    expect(turned.y).toBeCloseTo(500, 9);
  });

  it('is the same hand whatever frame it was seen in', () => {
    const frame = { x: 500, y: 500, size: 1000, angle: Math.PI / 2 };
    const region = regionOfPalm(palm, frame);
    // Upward in a frame that is turned clockwise is to the right in the picture.
    expect(region.angle).toBeCloseTo(Math.PI / 2, 9);
    expect(region.x).toBeCloseTo(550, 9);
  });

  it('from two touches lies 0.95 of the way along and is 2.7 times their distance', () => {
    const region = regionOfTaps({ x: 100, y: 300 }, { x: 100, y: 200 });
    expect(region).toMatchObject({ x: 100, angle: 0 });
    expect(region.y).toBeCloseTo(205, 9);
    expect(region.size).toBeCloseTo(270, 9);
  });

  it('for a closer look holds all its points, fingers upward', () => {
    // A hand that points down: wrist above, five columns of four joints below.
    const points = [{ x: 300, y: 100 }];
    for (let finger = 0; finger < 5; finger += 1) {
      for (let joint = 0; joint < 4; joint += 1) {
        points.push({ x: 360 - finger * 30, y: 160 + joint * 30 });
      }
    }
    const region = regionOfPoints(points);
    // The index, counted double in the middle, lies a little to the left of straight down.
    expect(Math.abs(Math.abs(region.angle) - Math.PI)).toBeLessThan(0.2);
    for (const point of points) {
      const { x, y } = toRegion(region, point);
      expect(Math.min(x, y)).toBeGreaterThan(0);
      expect(Math.max(x, y)).toBeLessThan(1);
    }
    expect(toRegion(region, points[0]!).y).toBeGreaterThan(toRegion(region, points[12]!).y);
  });
});
