import fc from 'fast-check';
import { HoldBelief } from './holdBelief';
import { eyeEvidence, valueEvidence } from './lookEvidence';

const BAND = { lo: 20, hi: 60 };
const odds = (value: number, sd = 0, band: { lo?: number; hi?: number } = BAND) =>
  valueEvidence({ value, band, sem: 5, sd });

describe('what a value says of being in', () => {
  it('is nothing at the end of a band, much inside, and the opposite outside', () => {
    // By hand: half inside over 40, half beyond over 2 × 4 × 5.
    expect(odds(20)).toBeCloseTo(1, 6);
    // 1.5 standard errors inside: 0.9332 / 40 against 0.0668 / 40.
    expect(odds(27.5)).toBeCloseTo(0.9332 / 0.0668, 1);
    expect(odds(12.5)).toBeCloseTo(0.0668 / 0.9332, 2);
  });

  it('never says more than twenty to one, and less the less the picture shows', () => {
    fc.assert(
      fc.property(fc.double({ min: -200, max: 300, noNaN: true }), (value) => {
        expect(odds(value)).toBeLessThanOrEqual(20);
        expect(odds(value)).toBeGreaterThanOrEqual(1 / 20);
      }),
    );
    expect(odds(10, 10)).toBeGreaterThan(odds(10));
    expect(odds(30, 10)).toBeLessThan(odds(30));
  });

  it('speaks for a value in the middle of a band that is narrower than its doubt', () => {
    expect(odds(24, 0, { lo: 20, hi: 28 })).toBeGreaterThan(2);
  });

  it('knows an open end', () => {
    expect(odds(300, 0, { lo: 20 })).toBe(20);
    expect(odds(-300, 0, { lo: 20 })).toBe(1 / 20);
  });
});

describe('what lessons say together', () => {
  const lesson = (day: number, value: number) => ({
    day,
    standings: {
      thumb: 'unsure',
      fingers: 'notSeen',
      little: 'notSeen',
      wrist: 'notSeen',
    } as const,
    measures: { thumbIpFlexion: { family: 'thumb' as const, value, band: BAND, sem: 5 } },
  });

  it('is more than any of them says alone', () => {
    const belief = new HoldBelief();
    const told = [0, 7, 14].map((day) => {
      belief.see(lesson(day, 23));
      return belief.families.thumb!;
    });
    expect(told[0]).toBeLessThan(0.8);
    expect(told[2]).toBeGreaterThan(0.9);
    expect(belief.families.wrist).toBeNull();
  });

  it('fades while nobody looks', () => {
    const [soon, late] = [new HoldBelief(), new HoldBelief()];
    for (const belief of [soon, late]) [0, 7, 14, 21].forEach((day) => belief.see(lesson(day, 40)));
    soon.see(lesson(28, 15));
    late.see(lesson(28 + 365, 15));
    expect(late.families.thumb!).toBeLessThan(soon.families.thumb!);
  });

  it('counts by eye what no number says', () => {
    expect(eyeEvidence('in')).toBe(5);
    expect(eyeEvidence('out')).toBe(1 / 10);
    expect(eyeEvidence('unsure')).toBeNull();
    const belief = new HoldBelief();
    const seen = { thumb: 'out', fingers: 'in', little: 'none', wrist: 'unsure' } as const;
    belief.see({ day: 0, standings: seen, measures: {} });
    expect(belief.families).toEqual({
      thumb: expect.closeTo(1 / 11),
      fingers: expect.closeTo(5 / 6),
      little: null,
      wrist: null,
    });
  });
});
