import { dueDate } from './dueDates';

const NOW = new Date(2026, 10, 26, 17);
const lesson = { day: 'thursday', at: '16:00', timeZone: 'Europe/Berlin' } as const;

describe('by when', () => {
  it('is the next lesson, and never today’s', () => {
    expect(dueDate('lesson', '', lesson, NOW)).toBe('2026-12-03');
    expect(dueDate('lesson', '', { ...lesson, day: 'friday' }, NOW)).toBe('2026-11-27');
  });

  it('is a week or a month from now, or a day that was written', () => {
    expect(dueDate('week', '', null, NOW)).toBe('2026-12-03');
    expect(dueDate('month', '', null, NOW)).toBe('2026-12-26');
    expect(dueDate('other', ' 2027-01-31 ', null, NOW)).toBe('2027-01-31');
    expect(dueDate('other', '2027-02-31', null, NOW)).toBeNull();
    expect(dueDate('other', 'soon', null, NOW)).toBeNull();
  });
});
