import { seenPicture } from './fitInput';
import { FitProblem } from './fitProblem';
import type { FitQuantity } from './fittedMeasures';
import { withUncertainty } from './fitUncertainty';
import { firstOf, RAY } from './hand/layout';
import { atOnce, searchMinima } from './searchMinima';
import { FACTS, inventedCaptures, SETTLED } from './testing/inventedHand';

const captures = inventedCaptures(SETTLED, ['finger-side', 'profile'], { seed: 3, sigma: 2 });
const problem = new FitProblem(
  captures.map((capture) => seenPicture(capture)),
  FACTS,
);
const minima = atOnce(searchMinima(problem, { starts: 8, kept: 1, rounds: 1 }));
const BEND = firstOf('index') + RAY.second;
const bend = minima[0]!.state.values[BEND]!;

/** A quantity of the index finger's bend, in joint units so that its least doubt is a depth's. */
const sdOf = (value: (bend: number) => number): number => {
  const quantity: FitQuantity<'indexDepth'> = {
    id: 'indexDepth',
    unit: 'u',
    points: [],
    modelSd: 0,
    value: ({ state }) => value(state.values[BEND]!),
  };
  return withUncertainty(problem, minima, [quantity], false)[0]!.sd;
};

describe('the doubt of a fitted quantity', () => {
  // In hundredths of a radian, so that it stands well above the least doubt.
  const smooth = sdOf((at) => 100 * at);

  it('is one-sided at a clamp: that of the half that can be reached', () => {
    const atEnd = sdOf((at) => 100 * Math.max(0, at - bend));
    expect(atEnd / smooth).toBeGreaterThan(0.6);
    expect(atEnd / smooth).toBeLessThan(0.82);
  });

  it('is told by draws where a slope vanishes, though both sides move away from it', () => {
    const atTop = sdOf((at) => 100 * (at - bend) ** 2);
    // √3 σ² for a square, by hand.
    const byHand = 100 * Math.sqrt(3) * (smooth / 100) ** 2;
    expect(atTop / byHand).toBeGreaterThan(0.75);
    expect(atTop / byHand).toBeLessThan(1.3);
  });

  it('is never nought, however deep a value lies in a clamp', () => {
    expect(sdOf((at) => Math.min(0, at + 50))).toBe(0.05);
  });

  it('is as the curvature says where nothing is bent', () => {
    expect(sdOf((at) => 200 * at) / smooth).toBeCloseTo(2, 6);
  });
});
