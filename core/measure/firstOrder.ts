import { POINT_NAMES, type Capture, type PointName } from './capture';
import type { FlatGeometry } from './geometry';

/** Half the step of the central difference, px and mm: small against a click, large against rounding. */
const STEP = 0.01;

/** Something computed from a geometry, with the points that it reads. */
export interface Computed {
  points: readonly PointName[];
  value: (geometry: FlatGeometry) => number;
}

/**
 * First-order (Jacobian) SDs from the SDs of the points, of the frog's length and of the hand's size: √Σ(∂f/∂p·σ)²,
 * derivatives by central differences. Every point is nudged once for all that read it, so that they share the work.
 *
 * @param geometry the geometry at which to differentiate; nudged copies of it are read
 * @param capture where every point that is read has its `sigma`
 * @param middleFingerSdMm SD of the middle finger's length
 * @returns the SDs in the order and units of `computed`; NaN where the value itself is
 */
export function firstOrderSds(
  computed: readonly Computed[],
  geometry: FlatGeometry,
  capture: Capture,
  middleFingerSdMm: number,
): number[] {
  const variances = computed.map(() => 0);
  /** Adds one input's share to all that read it. */
  const add = (readers: readonly number[], sigma: number, nudged: (by: number) => FlatGeometry) => {
    const [ahead, behind] = [nudged(STEP), nudged(-STEP)];
    for (const i of readers) {
      const { value } = computed[i]!;
      const slope = (value(ahead) - value(behind)) / (2 * STEP);
      variances[i]! += (slope * sigma) ** 2;
    }
  };
  for (const name of POINT_NAMES) {
    const readers = indicesWhere(computed, ({ points }) => points.includes(name));
    const point = geometry.points[name];
    if (!point || readers.length === 0) continue;
    const { sigma } = capture.points[name]!;
    const { x, y } = point;
    add(readers, sigma, (by) => geometry.withPoint(name, { x: x + by, y }));
    add(readers, sigma, (by) => geometry.withPoint(name, { x, y: y + by }));
  }
  const { frogLengthMm, middleFingerMm } = geometry;
  const all = indicesWhere(computed, () => true);
  add(all, capture.frogLength.sdMm, (by) => geometry.withFrogLength(frogLengthMm + by));
  add(all, middleFingerSdMm, (by) => geometry.withMiddleFinger(middleFingerMm + by));
  return variances.map(Math.sqrt);
}

function indicesWhere<T>(items: readonly T[], holds: (item: T) => boolean): number[] {
  return items.flatMap((item, i) => (holds(item) ? [i] : []));
}
