import type { Student } from '@open-palm/contract';

/**
 * By whose calendar a student's days are counted: that of their lesson's place, or the teacher's where no lesson says.
 *
 * @param teachers the teacher's time zone, as Europe/Berlin
 * @example zoneOf({ lesson: null }, 'Europe/Berlin') // 'Europe/Berlin'
 */
export const zoneOf = ({ lesson }: Pick<Student, 'lesson'>, teachers: string): string =>
  lesson?.timeZone ?? teachers;
