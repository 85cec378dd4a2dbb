import { lessonSchema, type Lesson } from '@open-palm/contract';
import { calendarDay, lessonOn, lessonOnDate } from './lessonTime';
import { dayOfDate } from './days';

const lesson = (timeZone: string, more: Partial<Lesson> = {}): Lesson => ({
  day: 'sunday',
  at: '16:00',
  timeZone,
  ...more,
});
const clockIn = (timeZone: string, at: Date) =>
  at.toLocaleTimeString('en-GB', { timeZone, hour: '2-digit', minute: '2-digit' });

describe('a weekly lesson', () => {
  it.each([
    // Clocks go forward on the last Sunday of March in Europe, on the second in Halifax; back in autumn.
    ['Europe/Berlin', ['2026-03-22', '2026-03-29', '2026-10-25', '2026-11-01']],
    ['America/Halifax', ['2026-03-01', '2026-03-08', '2026-11-01', '2026-11-08']],
  ])('stays at 16:00 on the wall in %s over every change of summer time', (zone, dates) => {
    const begins = dates.map((date) => lessonOn(lesson(zone), dayOfDate(date)));
    expect(begins.map((at) => clockIn(zone, at))).toEqual(Array(4).fill('16:00'));
    // The instant does move by an hour, in spring and back in autumn.
    const hours = begins.map((at) => at.getUTCHours());
    expect(hours[1]! - hours[0]!).toBe(-1);
    expect(hours[2]! - hours[1]!).toBe(1);
  });

  it('is found on the teacher’s calendar day, wherever the student is', () => {
    const far = lesson('Pacific/Auckland', { day: 'thursday', at: '08:00' });
    // Thursday morning in Auckland is Wednesday evening in Berlin.
    expect(lessonOnDate(far, '2026-11-26', 'Europe/Berlin')).toBeNull();
    const begins = lessonOnDate(far, '2026-11-25', 'Europe/Berlin')!;
    expect(clockIn('Europe/Berlin', begins)).toBe('20:00');
    expect(lessonOnDate(lesson('Europe/Berlin'), '2026-11-29', 'Europe/Berlin')).not.toBeNull();
    expect(lessonOnDate(lesson('Europe/Berlin'), '2026-11-30', 'Europe/Berlin')).toBeNull();
  });

  it('names calendar days by the zone, and refuses times and zones that are none', () => {
    expect(calendarDay('2026-03-01T23:30:00Z', 'Europe/Berlin')).toBe(dayOfDate('2026-03-02'));
    expect(calendarDay('2026-03-01T23:30:00Z', 'America/Halifax')).toBe(dayOfDate('2026-03-01'));
    const refused = (more: object) => lessonSchema.safeParse({ ...lesson('UTC'), ...more });
    expect(refused({}).success).toBe(true);
    for (const at of ['24:00', '9:00', '16:60', '']) expect(refused({ at }).success).toBe(false);
    expect(refused({ timeZone: 'Quayside/Harbour' }).success).toBe(false);
  });
});
