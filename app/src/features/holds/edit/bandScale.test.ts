import fc from 'fast-check';
import { CATALOGUE } from '@open-palm/core/measure';
import { bandScale } from './bandScale';

const NUMBERS = CATALOGUE.filter(({ unit }) => unit !== 'category').map(({ id }) => id);

describe.each(NUMBERS)('the scale of %s', (id) => {
  it('reads back every value that it shows, to its step', () => {
    const scale = bandScale(id);
    fc.assert(
      fc.property(fc.double({ min: scale.from, max: scale.to, noNaN: true }), (value) => {
        expect(Math.abs(scale.valueAt(scale.pointOf(value)) - value)).toBeLessThanOrEqual(
          scale.step / 2 + 1e-6,
        );
      }),
    );
  });

  it('lies within its drawing and never reads beyond its ends', () => {
    const { from, to, width, height, pointOf, valueAt } = bandScale(id);
    for (const value of [from, (from + to) / 2, to]) {
      const { x, y } = pointOf(value);
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(width);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(y).toBeLessThanOrEqual(height);
    }
    for (const at of [
      { x: -500, y: 1 },
      { x: 900, y: 3 },
      { x: 20, y: -800 },
    ]) {
      expect(valueAt(at)).toBeGreaterThanOrEqual(from - 1e-9);
      expect(valueAt(at)).toBeLessThanOrEqual(to + 1e-9);
    }
  });
});
