import { seededNormal } from '../stats';
import { evenFrames } from './evenFrames';
import { NOISE_SPAN_SD, rangeOf } from './range';

describe('rangeOf', () => {
  it('takes the noise out of a sine of known size to within 5 %, smoothed and all', () => {
    const normal = seededNormal(4);
    for (const [amplitude, noise] of [
      [10, 0.5],
      [10, 2],
      [6, 1.5],
      [20, 3],
    ] as const) {
      const timesS = Array.from({ length: 600 }, (_, i) => i / 30);
      const wristFlexion = timesS.map(
        (time) => amplitude * Math.sin(2 * Math.PI * 0.5 * time) + noise * normal(),
      );
      const even = evenFrames({ timesS, channels: { wristFlexion } });
      const { deg } = rangeOf(even.channels.wristFlexion!, even.noiseSd.wristFlexion!)!;
      // From the 5th to the 95th percentile a sine shows sin 81° of its whole way.
      const whole = 2 * amplitude * Math.sin((0.9 * Math.PI) / 2);
      expect(Math.abs(deg / whole - 1)).toBeLessThan(0.05);
    }
  });

  it('finds nothing in noise alone, and says that it could be noise', () => {
    const normal = seededNormal(8);
    const noise = Array.from({ length: 400 }, () => normal());
    const range = rangeOf(noise, 1)!;
    expect(range.deg).toBeLessThan(1.2);
    expect(range.couldBeNoise).toBe(true);
    expect(
      rangeOf(
        noise.map((value) => value * 3),
        1,
      )!.couldBeNoise,
    ).toBe(false);
  });

  it('spans 3.29 standard deviations of a normal distribution', () => {
    expect(NOISE_SPAN_SD).toBeCloseTo(2 * 1.6449, 2);
  });

  it('has nothing to say without values', () => {
    expect(rangeOf([null, null], 1)).toBeNull();
  });
});
