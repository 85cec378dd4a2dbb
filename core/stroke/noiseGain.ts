import { zeroPhase, type Biquad } from './lowPass';

/** What a filter does to noise that differs from frame to frame: factors on its standard deviation. */
export interface NoiseGain {
  /** What is left of it. */
  left: number;
  /** What was taken away of it. */
  taken: number;
  /** What is left in a central difference of it, frame by frame. */
  firstDifference: number;
  /** What is left in three central differences of it, frame by frame. */
  thirdDifference: number;
}

/** Frames on either side of the impulse: its response has died away long before. */
const REACH = 120;

/** The gains of a filter there and back, from its response to a single frame. */
export function noiseGain(filter: Biquad | null): NoiseGain {
  const impulse: number[] = Array(2 * REACH + 1).fill(0);
  impulse[REACH] = 1;
  const response = filter ? zeroPhase(impulse, filter, 1) : impulse;
  const energy = (values: readonly number[]) =>
    Math.sqrt(values.reduce((sum, value) => sum + value * value, 0));
  return {
    left: energy(response),
    taken: energy(response.map((value, i) => impulse[i]! - value)),
    firstDifference: energy(central(response)),
    thirdDifference: energy(central(central(central(response)))),
  };
}

const central = (values: readonly number[]): number[] =>
  values.map((_, i) => ((values[i + 1] ?? 0) - (values[i - 1] ?? 0)) / 2);
