import type { Capture, PointName } from './capture';
import type { Figure } from './figure';

/** Half the step of the central difference, px and mm: small against a click, large against rounding. */
const STEP = 0.01;

/**
 * First-order (Jacobian) SD of a measure from the SDs of its points and of the frog's length:
 * √Σ(∂f/∂p·σ)², derivatives by central differences.
 *
 * @param figure the figure at which to differentiate; nudged and put back
 * @param points the points that `value` reads
 * @returns the SD in the measure's unit; NaN where the measure itself is
 */
export function firstOrderSd(
  value: (figure: Figure) => number,
  figure: Figure,
  capture: Capture,
  points: readonly PointName[],
): number {
  let variance = 0;
  for (const name of points) {
    const point = figure.points[name];
    const sigma = capture.points[name]?.sigma;
    if (!point || sigma === undefined) return NaN;
    for (const coordinate of ['x', 'y'] as const) {
      const home = point[coordinate];
      point[coordinate] = home + STEP;
      const ahead = value(figure);
      point[coordinate] = home - STEP;
      const behind = value(figure);
      point[coordinate] = home;
      variance += (((ahead - behind) / (2 * STEP)) * sigma) ** 2;
    }
  }
  const home = figure.frogLengthMm;
  figure.frogLengthMm = home + STEP;
  const ahead = value(figure);
  figure.frogLengthMm = home - STEP;
  const behind = value(figure);
  figure.frogLengthMm = home;
  return Math.sqrt(variance + (((ahead - behind) / (2 * STEP)) * capture.frogLength.sdMm) ** 2);
}
