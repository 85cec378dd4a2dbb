import fc from 'fast-check';
import { jStat } from 'jstat';
import { PERFECT_EYE, roomCount, roomShare } from './roomShare';
import { ROW_NUMBERS } from './rowData';
import reference from './testing/wilson.json';
import { seededUniform } from '../stats';

const withoutEnd = (shown: number, seen: number) => ({ shown, seen, room: Infinity });

describe('the share of a room', () => {
  // Newcombe 1998, Statistics in Medicine 17:857, table I, method 3.
  it.each([
    [81, 263, 0.2553, 0.3662],
    [15, 148, 0.0624, 0.1605],
    [0, 20, 0, 0.1611],
    [1, 29, 0.0061, 0.1718],
  ])('is that of Wilson for %d of %d', (shown, seen, low, high) => {
    const share = roomShare(withoutEnd(shown, seen), PERFECT_EYE, 0.95);
    expect(share.low).toBeCloseTo(low, 4);
    expect(share.high).toBeCloseTo(high, 4);
  });

  it.each(reference.intervals)(
    'is what a statistics package says of %j',
    ({ shown, seen, confidence, low, high }) => {
      const share = roomShare(withoutEnd(shown, seen), PERFECT_EYE, confidence);
      expect(share.low).toBeCloseTo(low, 7);
      expect(share.high).toBeCloseTo(high, 7);
    },
  );

  const counted = fc
    .tuple(fc.nat(34), fc.nat(34), fc.nat(34))
    .map((three) => three.sort((a, b) => a - b))
    .map(([shown, seen, room]) => ({ shown: shown!, seen: seen! + 1, room: room! + 1 }));

  it('ends where so many marks become a surprise, by the formula that is written beside it', () => {
    const { seesFault: s, seesFine: t } = ROW_NUMBERS.eye;
    const z = jStat.normal.inv(0.95, 0, 1);
    fc.assert(
      fc.property(counted, (one) => {
        const { low, high } = roomShare(one);
        const finite = one.room === 1 ? 0 : (one.room - one.seen) / (one.room - 1);
        const surprise = (p: number) => {
          const q = p * s + (1 - p) * (1 - t);
          const spread =
            finite * (s + t - 1) ** 2 * p * (1 - p) + p * s * (1 - s) + (1 - p) * t * (1 - t);
          return Math.abs(one.shown / one.seen - q) / Math.sqrt(spread / one.seen);
        };
        for (const end of [low, high])
          if (end > 0 && end < 1) expect(surprise(end)).toBeCloseTo(z, 4);
      }),
    );
  });

  it('is narrower the more of the room were looked at, and says nothing where nobody was', () => {
    const width = (shown: number, seen: number, room: number) => {
      const { low, high } = roomShare({ shown, seen, room });
      return high - low;
    };
    expect(width(6, 9, 35)).toBeGreaterThan(width(20, 30, 35));
    expect(width(6, 9, 35)).toBeGreaterThan(width(6, 9, 9));
    expect(roomShare({ shown: 0, seen: 0, room: 22 })).toEqual({ share: 0.5, low: 0, high: 1 });
    expect(() => roomShare({ shown: 3, seen: 2, room: 5 })).toThrow(/3 of 2 seen of 5/);
  });

  it('holds its likeliest value, and no part of it is outside the room', () => {
    fc.assert(
      fc.property(counted, (one) => {
        const { likely, least, most } = roomCount(one);
        expect(least).toBeLessThanOrEqual(likely);
        expect(likely).toBeLessThanOrEqual(most);
        expect(least).toBeGreaterThanOrEqual(0);
        expect(most).toBeLessThanOrEqual(one.room);
      }),
    );
  });

  it.each([
    [22, 22],
    [22, 12],
    [35, 12],
    [12, 5],
  ])('covers at least nine in ten rooms of %d of whom %d were looked at', (room, seen) => {
    const random = seededUniform(room * 100 + seen);
    const { seesFault, seesFine } = ROW_NUMBERS.eye;
    for (const able of [0, 2, Math.round(room / 3), Math.round((room * 2) / 3), room]) {
      let covered = 0;
      const rooms = 800;
      for (let i = 0; i < rooms; i++) {
        const order = Array.from({ length: room }, (_, k) => ({ shows: k < able, at: random() }));
        const looked = order.sort((a, b) => a.at - b.at).slice(0, seen);
        const shown = looked.filter(({ shows }) => random() < (shows ? seesFault : 1 - seesFine));
        const { least, most } = roomCount({ shown: shown.length, seen, room });
        if (least <= able && able <= most) covered += 1;
      }
      // Three standard errors of 800 rooms at 0.9 are 0.03.
      expect(covered / rooms).toBeGreaterThan(0.87);
    }
  });
});
