import fc from 'fast-check';
import { jStat } from 'jstat';
import { holdById, HOLD_IDS } from '../holds';
import { reFormScatter, wantedPlaces, type Placement } from './reForm';

const placement = (thumb: number, index: number, seconds = 4): Placement => ({
  seconds,
  xMm: { thumb, index, middle: 6, ring: -9, little: -27 },
});

describe('the re-form test', () => {
  it('tells the scatter of thumb place and gaps', () => {
    const scatter = reFormScatter([placement(0, 24, 3), placement(2, 26, 5), placement(4, 28, 4)])!;
    expect(scatter.thumbSdMm).toBeCloseTo(2);
    expect(scatter.gapSdMm).toEqual({ gap12: 2, gap23: 0, gap34: 0 });
    expect(scatter.meanSeconds).toBe(4);
  });

  it('agrees with jstat’s sample standard deviation', () => {
    const mm = fc.double({ min: -40, max: 40, noNaN: true });
    fc.assert(
      fc.property(fc.array(mm, { minLength: 2, maxLength: 8 }), (places) => {
        const { thumbSdMm } = reFormScatter(places.map((x) => placement(x, 26)))!;
        expect(thumbSdMm).toBeCloseTo(jStat.stdev(places, true), 9);
      }),
    );
  });

  it('has no scatter for a hold that was formed once', () => {
    expect(reFormScatter([placement(0, 24)])).toBeNull();
    expect(reFormScatter([])).toBeNull();
  });

  it.each(HOLD_IDS)('begins where %s wants thumb and fingers', (id) => {
    const { thumb, index } = wantedPlaces(holdById(id));
    expect(thumb).toBe(holdById(id).startingPlacesMm.thumb);
    expect(index).toBeGreaterThan(thumb);
  });
});
