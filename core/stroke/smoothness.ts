import { noiseGain } from './noiseGain';
import type { Biquad } from './lowPass';

/** Of the smoothest movement there is, the minimum-jerk: −ln 204.8. */
export const MINIMUM_JERK = -Math.log(204.8);

/**
 * How smooth a movement is: −ln( D³/v_peak² · ∫ (d²v/dt²)² dt ), nearer 0 is smoother.
 * [published: N. Hogan and D. Sternad, Sensitivity of smoothness measures to movement duration, amplitude, and arrests, J. Motor
 * Behav. 41, 2009; recalled]
 *
 * @param angles of one movement in even frames, at least 5
 * @returns null with fewer frames, or where nothing moves
 */
export function smoothness(angles: readonly number[], frameRateHz: number): number | null {
  if (angles.length < 5) return null;
  const speed = slope(angles, frameRateHz, 'odd');
  const peak = Math.max(...speed.map(Math.abs));
  if (peak < 1e-9) return null;
  const jerk = slope(slope(speed, frameRateHz, 'even'), frameRateHz, 'odd');
  // Trapezia: the two ends count half.
  const squared = jerk.reduce(
    (sum, value, i) => sum + value ** 2 * (i === 0 || i === jerk.length - 1 ? 0.5 : 1),
    0,
  );
  const durationS = (angles.length - 1) / frameRateHz;
  return -Math.log((durationS ** 3 / peak ** 2) * (squared / frameRateHz));
}

/**
 * Central differences. Beyond an end a movement is taken to go on as its image through that point, so that one that begins at
 * rest keeps its jerk there: its angle is odd about the end, its speed even, its acceleration odd.
 */
function slope(values: readonly number[], frameRateHz: number, about: 'odd' | 'even'): number[] {
  const last = values.length - 1;
  const image = (end: number, inner: number) => (about === 'odd' ? 2 * end - inner : inner);
  return values.map((value, i) => {
    const before = values[i - 1] ?? image(value, values[1]!);
    const after = values[i + 1] ?? image(value, values[last - 1]!);
    return ((after - before) * frameRateHz) / 2;
  });
}

/** How much noise adds to the largest speed, in its standard deviations; found by simulation (see the test). [measured] */
const PEAK_NOISE_SD = 1.5;

/**
 * What the smoothest movement would read with this noise: nothing is smoother than it can be told.
 *
 * @param noiseSd of single frames before smoothing
 */
export function smoothnessFloor(
  movement: { rangeDeg: number; durationS: number },
  frameRateHz: number,
  noiseSd: number,
  filter: Biquad | null,
): number {
  const { rangeDeg, durationS } = movement;
  const gain = noiseGain(filter);
  const clean = (720 * rangeDeg ** 2) / durationS ** 5;
  const noise = durationS * (noiseSd * gain.thirdDifference * frameRateHz ** 3) ** 2;
  // The fastest frame is one in which noise helps.
  const peak =
    (1.875 * rangeDeg) / durationS + PEAK_NOISE_SD * noiseSd * gain.firstDifference * frameRateHz;
  return -Math.log((durationS ** 3 / peak ** 2) * (clean + noise));
}
