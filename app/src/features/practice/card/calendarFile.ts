import { createEvents, type EventAttributes } from 'ics';
import type { KeptPlan } from '@open-palm/records/practice';
import { strings } from '../../../foundation/strings';

/** When a reminder comes, by the clock on the student's wall. */
export interface ReminderTime {
  hour: number;
  minute: number;
}

type Start = [number, number, number, number, number];

/**
 * Reminders of a plan as a calendar file (RFC 5545): one for each day of practice, by the clock on the wall wherever the student is, which is
 * what a floating time says. A later file of the same plan takes the place of the one before, by the same UIDs and a higher SEQUENCE.
 *
 * @param revision counts files of one plan
 * @throws Error where the package refuses an event
 */
export function calendarFile(
  { id, called, days }: KeptPlan,
  { hour, minute }: ReminderTime,
  revision: number,
): string {
  const events = days
    .filter(({ drills }) => drills.length > 0)
    .map(({ on, drills }): EventAttributes => {
      const [year, month, day] = on.split('-').map(Number) as [number, number, number];
      const minutes = drills.reduce(
        (sum, { turns, minutesATurn }) => sum + turns * minutesATurn,
        0,
      );
      return {
        uid: `${id}-${on}@open-palm`,
        sequence: revision,
        start: [year, month, day, hour, minute] satisfies Start,
        startInputType: 'local',
        startOutputType: 'local',
        duration: { minutes: Math.max(1, minutes) },
        title: strings.practice.reminder(called),
        description: drills.map(({ drill }) => strings.drills[drill] ?? drill).join('\n'),
        productId: 'open-palm/practice',
        alarms: [{ action: 'display', trigger: { minutes: 0, before: true } }],
      };
    });
  const { error, value } = createEvents(events);
  if (error || !value) throw error ?? new Error('no calendar');
  return value;
}
