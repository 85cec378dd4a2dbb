import { holdById } from '../holds';
import type { Capture } from './capture';
import { UNKNOWN_HAND } from '../hand';
import { measureCapture } from './measureCapture';
import type { Measure, NumberMeasure } from './measures';
import { sampleCapture } from './sampleCapture';
import { levelCapture, withPoint } from './testing/levelCapture';

const hold = holdById('violin-shallow');

const numbersOf = (measures: readonly Measure[]) =>
  new Map(
    measures.filter((m): m is NumberMeasure => m.kind === 'number').map((m) => [m.id, m] as const),
  );

const withSigma = (capture: Capture, sigma: number): Capture => {
  const copy = structuredClone(capture);
  for (const point of Object.values(copy.points)) point.sigma = sigma;
  return copy;
};

describe('sampleCapture', () => {
  it('agrees with the first order within 15 % for smooth measures and small doubts', () => {
    const capture = withSigma(levelCapture(), 1);
    const first = numbersOf(measureCapture(capture, hold, 'free').measures);
    const drawn = numbersOf(sampleCapture(capture, hold, 'free').measures);
    for (const id of ['gap12', 'gap23', 'gap34', 'spread', 'indexDepth', 'middleDepth'] as const) {
      expect(drawn.get(id)!.sd / first.get(id)!.sd).toBeGreaterThan(0.85);
      expect(drawn.get(id)!.sd / first.get(id)!.sd).toBeLessThan(1.15);
    }
  });

  it('meets the analytic doubt of a linear case: a gap, with only the two fingers in doubt', () => {
    const capture = withSigma(levelCapture(), 1e-9);
    capture.frogLength.sdMm = 0;
    // Upright fingers cross where they stand: the gap's SD is that of the crossings, half-way between two joints.
    for (const name of ['indexPip', 'indexDip'] as const) capture.points[name]!.sigma = 2;
    const gap = numbersOf(sampleCapture(capture, hold, 'free', UNKNOWN_HAND, 20_000).measures).get(
      'gap12',
    )!;
    const analyticMm = 2 / Math.SQRT2 / 2;
    expect(gap.sd / analyticMm).toBeGreaterThan(0.97);
    expect(gap.sd / analyticMm).toBeLessThan(1.03);
  });

  it('gives the same answer for the same picture, and another for another', () => {
    const capture = levelCapture();
    expect(sampleCapture(capture, hold)).toEqual(sampleCapture(structuredClone(capture), hold));
    const { x, y } = capture.points.indexDip!;
    const other = withPoint(capture, 'indexDip', { x: x + 0.5, y });
    const sdOf = (c: Capture) => numbersOf(sampleCapture(c, hold).measures).get('spread')!.sd;
    expect(sdOf(other)).not.toBe(sdOf(capture));
  });

  it('tells a measure’s doubt by the points that it reads, and by no other', () => {
    const capture = levelCapture();
    const told = (one: Capture) =>
      new Map(sampleCapture(one, hold).measures.map((measure) => [measure.id, measure]));
    const before = told(capture);
    const { x, y } = capture.points.littleTip!;
    const moved = told(withPoint(capture, 'littleTip', { x: x + 1, y: y + 1 }));
    const without = structuredClone(capture);
    delete without.points.littleTip;
    const left = told(without);
    for (const id of ['gap12', 'indexDepth', 'middleDepth', 'indexLead', 'thumbPlace'] as const) {
      expect(moved.get(id)).toEqual(before.get(id));
      expect(left.get(id)).toEqual(before.get(id));
    }
    // It does read this one.
    expect(moved.get('littleDepth')).not.toEqual(before.get('littleDepth'));
  });

  it('keeps the value itself, which is the best estimate', () => {
    const capture = levelCapture();
    const drawn = numbersOf(sampleCapture(capture, hold).measures);
    expect(drawn.get('gap12')!.value).toBeCloseTo(20, 9);
  });

  it('reaches the same clear verdicts', () => {
    const deep = levelCapture({ index: { xMm: 26, u: 2.6 } });
    const verdicts = (measures: readonly Measure[]) =>
      measures.filter((m) => m.verdict !== 'unsure').map((m) => [m.id, m.verdict]);
    const drawn = sampleCapture(deep, hold).measures;
    expect(verdicts(drawn)).toContainEqual(['indexDepth', 'high']);
    expect(verdicts(drawn)).toContainEqual(['littlePlace', 'in']);
  });

  it('is unsure of a category on its border', () => {
    const border = withPoint(levelCapture(), 'littleTip', { x: 346, y: 306 });
    const place = sampleCapture(border, hold).measures.find((m) => m.id === 'littlePlace');
    expect(place).toMatchObject({ verdict: 'unsure' });
    expect((place as { probability: number }).probability).toBeCloseTo(0.5, 1);
  });

  it('leaves the capture as it was', () => {
    const capture = levelCapture();
    const before = structuredClone(capture);
    sampleCapture(capture, hold);
    expect(capture).toEqual(before);
  });
});
