import fc from 'fast-check';
import { askedName, dailyName, kindOf, toDrop } from './rotation';

const day = (n: number) => new Date(Date.UTC(2026, 0, 1 + n)).toISOString().slice(0, 10);

describe('which backups are kept', () => {
  it('keeps those of fourteen days, and the last of each of twelve months', () => {
    const names = Array.from({ length: 500 }, (_, n) => dailyName(day(n)));
    const kept = names.filter((name) => !toDrop(names).includes(name));
    expect(kept).toHaveLength(14 + 11);
    expect(kept.at(-1)).toBe(dailyName(day(499)));
    expect(kept).toContain(dailyName('2026-07-31'));
    expect(kept).not.toContain(dailyName('2026-07-30'));
    expect(kept[0]).toBe(dailyName('2026-06-30'));
  });

  it('never drops what was asked for, what is not its own, nor the newest', () => {
    const asked = askedName(new Date('2020-01-01T08:09:10.000Z'));
    expect(asked).toBe('open-palm-2020-01-01-080910.zip');
    expect(kindOf(asked)).toBe('asked');
    expect(kindOf('holiday.zip')).toBeNull();
    expect(kindOf('open-palm-daily-2026-01-01.zip.part')).toBeNull();
    fc.assert(
      fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 900 }), { minLength: 1 }), (days) => {
        const names = [...days.map((n) => dailyName(day(n))), asked, 'holiday.zip'];
        const gone = toDrop(names);
        expect(gone).not.toContain(dailyName(day(Math.max(...days))));
        expect(gone.filter((name) => kindOf(name) !== 'daily')).toEqual([]);
        // Whoever drops every day keeps as much as whoever drops once.
        expect(toDrop(names.filter((name) => !gone.includes(name)))).toEqual([]);
      }),
    );
  });
});
