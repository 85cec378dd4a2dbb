import { z } from 'zod';
import { problemText } from '@open-palm/core/problem';

export const WEEKDAYS = [
  'monday',
  'tuesday',
  'wednesday',
  'thursday',
  'friday',
  'saturday',
  'sunday',
] as const;

export type Weekday = (typeof WEEKDAYS)[number];

export const timeZoneSchema = z
  .string()
  .max(60)
  .refine(isTimeZone, {
    error: problemText('timeZone'),
  });

/** A weekly lesson: by the clock on the student's wall, which stays the same over a change of summer time. */
export const lessonSchema = z
  .object({
    day: z.enum(WEEKDAYS),
    at: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, problemText('clockTime')),
    timeZone: timeZoneSchema,
  })
  .strict();

export type Lesson = z.infer<typeof lessonSchema>;

/** Asked of every lesson of a studio, which has them in one zone or two, and slow to find out. */
const KNOWN_ZONES = new Map<string, boolean>();

function isTimeZone(name: string): boolean {
  const known = KNOWN_ZONES.get(name) ?? isKnownHere(name);
  // A stranger's list of made-up names must not be kept for ever.
  if (KNOWN_ZONES.size < 100) KNOWN_ZONES.set(name, known);
  return known;
}

function isKnownHere(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}
