import { POINT_NAMES, type Capture, type PointName } from './capture';
import { moved, type Geometry } from './geometry';

/** Half the step of the central difference, px and mm: small against a click, large against rounding. */
const STEP = 0.01;

/** Something computed from a geometry, with the points that it reads. */
export interface Computed {
  points: readonly PointName[];
  value: (geometry: Geometry) => number;
}

/**
 * First-order (Jacobian) SDs from the SDs of the points, of the frog's length and of the hand's size: √Σ(∂f/∂p·σ)²,
 * derivatives by central differences. Every point is nudged once for all that read it, so that they share the work.
 *
 * @param geometry the geometry at which to differentiate; nudged and put back
 * @param capture where every point that is read has its `sigma`
 * @param middleFingerSdMm SD of the middle finger's length
 * @returns the SDs in the order and units of `computed`; NaN where the value itself is
 */
export function firstOrderSds(
  computed: readonly Computed[],
  geometry: Geometry,
  capture: Capture,
  middleFingerSdMm: number,
): number[] {
  const variances = computed.map(() => 0);
  const ahead = computed.map(() => 0);
  /** Adds one input's share to all that read it. */
  const add = (readers: readonly number[], sigma: number, nudge: (by: number) => void) => {
    nudge(STEP);
    for (const i of readers) ahead[i] = computed[i]!.value(geometry);
    nudge(-STEP);
    for (const i of readers) {
      const slope = (ahead[i]! - computed[i]!.value(geometry)) / (2 * STEP);
      variances[i]! += (slope * sigma) ** 2;
    }
    nudge(0);
  };
  for (const name of POINT_NAMES) {
    const readers = indicesWhere(computed, ({ points }) => points.includes(name));
    const point = geometry.points[name];
    if (!point || readers.length === 0) continue;
    const { sigma } = capture.points[name]!;
    const { x, y } = point;
    add(readers, sigma, (by) => {
      point.x = x + by;
      moved(geometry, name);
    });
    add(readers, sigma, (by) => {
      point.y = y + by;
      moved(geometry, name);
    });
  }
  const { frogLengthMm, middleFingerMm } = geometry;
  const all = indicesWhere(computed, () => true);
  add(all, capture.frogLength.sdMm, (by) => {
    geometry.frogLengthMm = frogLengthMm + by;
    moved(geometry);
  });
  add(all, middleFingerSdMm, (by) => {
    geometry.middleFingerMm = middleFingerMm + by;
  });
  return variances.map(Math.sqrt);
}

function indicesWhere<T>(items: readonly T[], holds: (item: T) => boolean): number[] {
  return items.flatMap((item, i) => (holds(item) ? [i] : []));
}
