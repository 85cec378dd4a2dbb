import { seededNormal } from '../stats';
import { butterworth, zeroPhase } from './lowPass';
import { MINIMUM_JERK, smoothness, smoothnessFloor } from './smoothness';
import { minimumJerk } from './testing/takes';

const movement = (rateHz: number, seconds: number, deg: number) =>
  Array.from({ length: rateHz * seconds + 1 }, (_, i) => deg * minimumJerk(i / (rateHz * seconds)));

describe('smoothness', () => {
  it('is −ln 204.8 = −5.322 for the smoothest movement, whatever its size and length', () => {
    expect(MINIMUM_JERK).toBeCloseTo(-5.322, 3);
    for (const [rate, seconds, deg] of [
      [240, 1, 30],
      [100, 4, 12],
      [240, 2, 60],
    ] as const) {
      expect(smoothness(movement(rate, seconds, deg), rate)).toBeCloseTo(MINIMUM_JERK, 2);
    }
  });

  it('is further from 0 with a halt half-way', () => {
    const halves = [
      ...movement(100, 1, 15),
      ...movement(100, 1, 15)
        .slice(1)
        .map((deg) => deg + 15),
    ];
    expect(smoothness(halves, 100)!).toBeLessThan(MINIMUM_JERK - 1);
  });

  it('has nothing to say where nothing moves', () => {
    expect(smoothness(Array(40).fill(12), 30)).toBeNull();
    expect(smoothness([1, 2, 3], 30)).toBeNull();
  });
});

describe('smoothnessFloor', () => {
  const filter = butterworth(6, 30);
  const floor = (durationS: number) =>
    smoothnessFloor({ rangeDeg: 25, durationS }, 30, 0.25, filter);

  it('with 0.25° of noise lies near −7.6 over one second and −15 over four', () => {
    expect(Math.abs(floor(1) + 7.6)).toBeLessThan(0.3);
    expect(Math.abs(floor(4) + 15)).toBeLessThan(0.3);
  });

  it('is what the smoothest movement reads with such noise', () => {
    const normal = seededNormal(9);
    for (const seconds of [1, 2, 4]) {
      const read = Array.from({ length: 200 }, () => {
        const noisy = movement(30, seconds, 25).map((deg) => deg + 0.25 * normal());
        return smoothness(zeroPhase(noisy, filter, 5), 30)!;
      }).sort((a, b) => a - b);
      expect(Math.abs(read[100]! - floor(seconds))).toBeLessThan(0.4);
    }
  });

  it('without noise is the smoothest there is', () => {
    expect(smoothnessFloor({ rangeDeg: 25, durationS: 1 }, 30, 0, filter)).toBeCloseTo(
      MINIMUM_JERK,
      9,
    );
  });
});
