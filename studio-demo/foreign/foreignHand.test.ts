import { foreignHand, RAYS } from './foreignHand';
import { strangerHand } from './strangerHand';
import { foreignPictures } from './foreignPictures';
import { add, angleDeg, scaled, unit, type Vector } from './vectors';

const between = (from: Vector, to: Vector) => unit(add(to, scaled(from, -1)));

const HANDS = Array.from({ length: 200 }, (_, seed) => foreignHand(seed));

describe('a foreign hand', () => {
  it('is the same for the same seed, and another for another', () => {
    expect(foreignHand(7)).toEqual(foreignHand(7));
    expect(foreignHand(7)).not.toEqual(foreignHand(8));
  });

  it('bends its last joints by as much as it says', () => {
    for (const { points, bendDeg } of HANDS) {
      for (const ray of RAYS) {
        const [, second, third, tip] = points[ray];
        const last = angleDeg(between(second, third), between(third, tip));
        expect(last).toBeCloseTo(Math.abs(bendDeg[ray][1]), 6);
      }
    }
  });

  it('bends its fingers’ middle joints by as much as it says', () => {
    for (const { points, bendDeg } of HANDS) {
      for (const ray of RAYS.slice(1)) {
        const [base, second, third] = points[ray];
        const bend = angleDeg(between(base, second), between(second, third));
        expect(Math.abs(bend - Math.abs(bendDeg[ray][0]))).toBeLessThan(6);
      }
    }
  });

  it('has a straight thumb in two hands of five', () => {
    const straight = HANDS.filter(({ isThumbStraight }) => isThumbStraight);
    expect(straight.length / HANDS.length).toBeGreaterThan(0.3);
    expect(straight.length / HANDS.length).toBeLessThan(0.5);
    for (const { bendDeg } of straight) expect(Math.abs(bendDeg.thumb[1])).toBeLessThanOrEqual(5);
  });
});

describe('a stranger’s hand', () => {
  const strangers = Array.from({ length: 200 }, (_, seed) => strangerHand(seed));

  it('tells the angles between its own bones, backward ones below 0', () => {
    for (const { points, bendDeg } of strangers) {
      for (const ray of RAYS) {
        const [base, second, third, tip] = points[ray];
        const [first, middle, last] = [
          between(base, second),
          between(second, third),
          between(third, tip),
        ];
        expect(Math.abs(bendDeg[ray][0])).toBeCloseTo(angleDeg(first, middle), 6);
        expect(Math.abs(bendDeg[ray][1])).toBeCloseTo(angleDeg(middle, last), 6);
      }
    }
    const thumbs = strangers.map(({ bendDeg }) => bendDeg.thumb[1]);
    expect(Math.min(...thumbs)).toBeLessThan(-3);
    expect(Math.max(...thumbs)).toBeGreaterThan(60);
  });

  it('is of another make: a shorter palm for its fingers', () => {
    const palm = (hands: readonly ReturnType<typeof strangerHand>[]) =>
      hands.reduce(
        (sum, { points, middleFingerMm }) => sum + Math.hypot(...points.middle[0]) / middleFingerMm,
        0,
      ) / hands.length;
    expect(palm(strangers)).toBeLessThan(palm(HANDS) - 0.05);
    expect(strangerHand(7)).toEqual(strangerHand(7));
  });
});

describe('pictures of a foreign hand', () => {
  it('show every point, and are off by their noise alone', () => {
    const hand = foreignHand(3);
    const sharp = foreignPictures(hand, ['finger-side'], { seed: 3, noise: 0 })[0]!;
    const noisy = foreignPictures(hand, ['finger-side'], { seed: 3, noise: 0.01 })[0]!;
    expect(Object.keys(sharp.points)).toHaveLength(21 + 4);
    const off = Object.entries(sharp.points).map(([name, { x, y }]) => {
      const other = noisy.points[name as keyof typeof noisy.points]!;
      return Math.hypot(other.x - x, other.y - y) / other.sigma;
    });
    const rms = Math.sqrt(off.reduce((sum, one) => sum + one * one, 0) / off.length);
    // Two directions of one SD each.
    expect(rms).toBeGreaterThan(1);
    expect(rms).toBeLessThan(2);
  });
});
