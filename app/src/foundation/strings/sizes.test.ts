import { chooseSettings } from './chosen';
import { dayWords, dateWords, styledDay } from './dateWords';
import { keptSize, shownSize, sizeUnit, sizeWords } from './sizes';

const choose = (dateStyle: 'dayFirst' | 'monthFirst' | 'yearFirst', units: 'metric' | 'inches') =>
  chooseSettings({ name: 'A', dateStyle, units, timeZone: 'UTC', instruments: ['cello'] });

it('reads sizes as the studio measures, and keeps millimetres and grams', () => {
  choose('dayFirst', 'inches');
  expect([sizeUnit('length'), sizeUnit('weight')]).toEqual(['in', 'oz']);
  expect(shownSize('length', 62)).toBe(2.44);
  // 60 g, what a violin's bow weighs about, and 2 1/8 ounces.
  expect(sizeWords('weight', 60.2)).toBe('2.1 oz');
  expect(keptSize('weight', 2.12)).toBe(60.1);
  // What is read and kept again stays what it was, to the hundredth that is read.
  for (let mm = 40; mm < 90; mm += 0.7) {
    const again = keptSize('length', shownSize('length', mm));
    expect(Math.abs(again - mm)).toBeLessThanOrEqual(0.132);
    expect(shownSize('length', again)).toBe(shownSize('length', mm));
  }
  choose('dayFirst', 'metric');
  expect(keptSize('length', 61.25)).toBe(61.25);
  expect(sizeWords('length', 61.6)).toBe('62 mm');
});

it('writes days as the studio does', () => {
  const written = (style: 'dayFirst' | 'monthFirst' | 'yearFirst') => {
    choose(style, 'metric');
    const now = new Date(2026, 10, 30);
    return [dayWords('2026-09-02T12:00:00'), dateWords('2026-11-12', now)];
  };
  expect(written('dayFirst')).toEqual(['2 September 2026', '12 November']);
  expect(written('monthFirst')).toEqual(['September 2, 2026', 'November 12']);
  expect(written('yearFirst')).toEqual(['2026-09-02', '11-12']);
  expect(styledDay(new Date(2026, 8, 2), 'monthFirst')).toBe('September 2, 2026');
});
