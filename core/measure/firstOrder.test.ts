import { UNKNOWN_HAND } from '../hand';
import { holdById } from '../holds';
import { seededNormal } from '../stats';
import type { Capture, PointName } from './capture';
import { geometryOf, type FlatGeometry } from './geometry';
import { firstOrderSds } from './firstOrder';
import { geometryFacts, measureCapture } from './measureCapture';
import type { NumberMeasure } from './measures';
import { levelCapture, PX_PER_MM } from './testing/levelCapture';

const hold = holdById('violin-shallow');

/** The values of a measure over many repeated clicks with the stated doubts. */
function sampled(capture: Capture, id: string, draws: number): number[] {
  const normal = seededNormal(7);
  return Array.from({ length: draws }, () => {
    const points = structuredClone(capture.points);
    for (const point of Object.values(points)) {
      point.x += point.sigma * normal();
      point.y += point.sigma * normal();
    }
    const mm = capture.frogLength.mm + capture.frogLength.sdMm * normal();
    const nudged = { ...capture, points, frogLength: { ...capture.frogLength, mm } };
    const measure = measureCapture(nudged, hold).measures.find((m) => m.id === id);
    return (measure as NumberMeasure).value;
  });
}

const spreadOf = (values: number[]) => {
  const mean = values.reduce((sum, v) => sum + v, 0) / values.length;
  return Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / values.length);
};

describe('first-order doubt', () => {
  it('of a distance is the two clicks and the scale, as worked by hand', () => {
    const capture = levelCapture();
    const read: PointName[] = ['frogFront', 'frogBack', 'indexTip', 'littleTip'];
    const value = ({ points: p, frogLengthMm }: FlatGeometry) => {
      const px = Math.hypot(p.frogFront!.x - p.frogBack!.x, p.frogFront!.y - p.frogBack!.y);
      return ((p.indexTip!.x - p.littleTip!.x) * frogLengthMm) / px;
    };
    const [sd] = firstOrderSds(
      [{ value, points: read }],
      geometryOf(capture, geometryFacts(hold, UNKNOWN_HAND)),
      capture,
      0,
    );
    const lengthMm = 53;
    const click = 2 / PX_PER_MM;
    const byHand = Math.hypot(
      Math.SQRT2 * click,
      (lengthMm / 46) * Math.SQRT2 * click,
      (lengthMm / 46) * 0.5,
    );
    expect(sd).toBeCloseTo(byHand, 5);
  });

  it.each(['gap12', 'gap34', 'spread'])('of %s agrees with repeated clicks within 15 %', (id) => {
    const capture = levelCapture();
    const stated = (
      measureCapture(capture, hold).measures.find((m) => m.id === id) as NumberMeasure
    ).sd;
    const ratio = spreadOf(sampled(capture, id, 2000)) / stated;
    expect(ratio).toBeGreaterThan(0.85);
    expect(ratio).toBeLessThan(1.15);
  });

  it('grows in proportion to the clicks', () => {
    const capture = levelCapture();
    const twice = structuredClone(capture);
    for (const point of Object.values(twice.points)) point.sigma *= 2;
    twice.frogLength.sdMm *= 2;
    const sdOf = (c: Capture) =>
      (measureCapture(c, hold).measures.find((m) => m.id === 'gap23') as NumberMeasure).sd;
    expect(sdOf(twice) / sdOf(capture)).toBeCloseTo(2, 6);
  });
});
