import fc from 'fast-check';
import { seenAt, stickAt } from './seenAt';
import { PORTRAIT_VIEWS, stationOf } from './views';

describe('a place along the stick', () => {
  const views = PORTRAIT_VIEWS.filter((view) => view !== 'downStick' && view !== 'profile');

  it.each(views)('is found again where it shows, from %s', (view) => {
    const station = stationOf(view, 'over');
    fc.assert(
      fc.property(fc.double({ min: -60, max: 60, noNaN: true }), (xMm) => {
        const { x } = seenAt(station, [xMm, 0, 0]);
        // As far as whole tenths of a millimetre tell it.
        expect(stickAt(station, x / 10 / station.widthMm)).toBeCloseTo(xMm, 0);
      }),
    );
  });

  it('in the middle of the picture is what stands there', () => {
    const station = { toward: [0, 0, 1], at: [12, 0, 0], widthMm: 100, heightMm: 80 } as const;
    expect(stickAt(station, 0.5)).toBeCloseTo(12, 9);
    expect(seenAt(station, [12, 0, 0])).toEqual({ x: 500, y: 400 });
  });
});
