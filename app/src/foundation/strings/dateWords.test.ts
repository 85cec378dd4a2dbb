import { agoWords, dateWords } from './dateWords';

const NOW = new Date('2026-11-29T12:00:00');

it.each([
  ['2026-11-29T00:01:00', 'today'],
  ['2026-11-28T23:59:00', 'yesterday'],
  ['2026-11-16T12:00:00', '13 days ago'],
  ['2026-11-15T12:00:00', '2 weeks ago'],
  ['2026-09-01T12:00:00', '3 months ago'],
  // A clock that is ahead does not make tomorrow of today.
  ['2026-11-30T12:00:00', 'today'],
])('%s was %s', (iso, words) => expect(agoWords(iso, NOW)).toBe(words));

it('names the year only where it is another', () => {
  expect([dateWords('2026-03-02', NOW), dateWords('2025-03-02', NOW)]).toEqual([
    '2 March',
    '2 March 2025',
  ]);
});
