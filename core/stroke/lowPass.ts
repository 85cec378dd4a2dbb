/** A digital filter of second order: y = b₀x₀ + b₁x₁ + b₂x₂ − a₁y₁ − a₂y₂. */
export interface Biquad {
  b0: number;
  b1: number;
  b2: number;
  a1: number;
  a2: number;
}

/** What two passes of a second-order Butterworth filter do to its cut-off: (2^½ − 1)^¼, usually told as 0.802. */
const TWO_PASSES = (Math.SQRT2 - 1) ** 0.25;

/**
 * The second-order low-pass Butterworth filter whose two passes, there and back, together cut off at a frequency.
 *
 * [published: D. A. Winter, Biomechanics and Motor Control of Human Movement; the tangent is divided by 0.802]
 *
 * @throws RangeError unless 0 < cut-off < half the frame rate
 * @example butterworth(6, 30) // { b0: 0.2645, b1: 0.529, b2: 0.2645, a1: -0.116, a2: 0.174 }
 */
export function butterworth(cutOffHz: number, frameRateHz: number): Biquad {
  if (!(cutOffHz > 0 && cutOffHz < frameRateHz / 2)) {
    throw new RangeError(`cut-off ${cutOffHz} Hz with ${frameRateHz} frames/s`);
  }
  const w = Math.tan((Math.PI * cutOffHz) / frameRateHz) / TWO_PASSES;
  const norm = 1 + Math.SQRT2 * w + w * w;
  const b0 = (w * w) / norm;
  return {
    b0,
    b1: 2 * b0,
    b2: b0,
    a1: (2 * (w * w - 1)) / norm,
    a2: (1 - Math.SQRT2 * w + w * w) / norm,
  };
}

/** The cut-off that a single pass is designed for, so that two passes cut off where they should, Hz. */
export const designHz = (cutOffHz: number, frameRateHz: number): number =>
  (frameRateHz / Math.PI) * Math.atan(Math.tan((Math.PI * cutOffHz) / frameRateHz) / TWO_PASSES);

/** How many frames an end is lengthened by before it is filtered, in periods of the cut-off. */
const PAD_PERIODS = 2;

/**
 * Filters a run of even frames there and back, so that nothing is delayed. Ends are lengthened by their mirror image through
 * the last value, so that a slope stays a slope.
 */
export function zeroPhase(
  samples: readonly number[],
  filter: Biquad,
  framesPerPeriod: number,
): number[] {
  const pad = Math.min(samples.length - 1, Math.ceil(PAD_PERIODS * framesPerPeriod));
  if (pad < 1) return [...samples];
  const [first, last] = [samples[0]!, samples.at(-1)!];
  const before = Array.from({ length: pad }, (_, i) => 2 * first - samples[pad - i]!);
  const after = Array.from({ length: pad }, (_, i) => 2 * last - samples[samples.length - 2 - i]!);
  const there = onePass([...before, ...samples, ...after], filter);
  const back = onePass(there.reverse(), filter).reverse();
  return back.slice(pad, pad + samples.length);
}

/** One pass that begins as if its first value had always been. */
function onePass(samples: readonly number[], { b0, b1, b2, a1, a2 }: Biquad): number[] {
  let x1 = samples[0] ?? 0;
  let [x2, y1, y2] = [x1, x1, x1];
  return samples.map((x0) => {
    const y0 = b0 * x0 + b1 * x1 + b2 * x2 - a1 * y1 - a2 * y2;
    [x2, x1, y2, y1] = [x1, x0, y1, y0];
    return y0;
  });
}
