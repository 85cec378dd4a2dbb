import fc from 'fast-check';
import { beatsUntil, FASTEST_BPM, nextBeatAfter, SLOWEST_BPM } from './beats';

/** Five minutes of a metronome whose timer comes at uneven times: what it hands out, stretch by stretch. */
function fiveMinutes(bpm: number, delays: readonly number[]) {
  const startS = 12.345;
  let next = 0;
  let nowS = startS;
  const beats: number[] = [];
  for (let tick = 0; nowS < startS + 300; tick += 1) {
    for (const { index, atS } of beatsUntil(startS, bpm, next, nowS + 0.2)) {
      expect(index).toBe(beats.length);
      beats.push(atS);
      next = index + 1;
    }
    nowS += delays[tick % delays.length]!;
  }
  return { startS, beats };
}

describe('the metronome’s beats', () => {
  it('are where they belong after five minutes, however unevenly its timer comes', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: SLOWEST_BPM, max: FASTEST_BPM }),
        fc.array(fc.double({ min: 0.01, max: 0.15, noNaN: true }), { minLength: 1, maxLength: 9 }),
        (bpm, delays) => {
          const { startS, beats } = fiveMinutes(bpm, delays);
          expect(beats.length).toBeGreaterThanOrEqual(5 * bpm);
          for (const at of [0, 1, 5 * bpm - 1]) {
            expect(Math.abs(beats[at]! - (startS + (at * 60) / bpm))).toBeLessThan(1e-9);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it('come in order, none twice and none left out', () => {
    expect(beatsUntil(0, 60, 2, 5).map(({ index, atS }) => [index, atS])).toEqual([
      [2, 2],
      [3, 3],
      [4, 4],
    ]);
    expect(beatsUntil(0, 60, 5, 5)).toEqual([]);
  });

  it('skip what a page slept through', () => {
    expect(nextBeatAfter(10, 120, 9)).toBe(0);
    expect(nextBeatAfter(10, 120, 70.2)).toBe(121);
  });
});
