import type { TeachingDay, TodayRow } from './teachingDay';

/** A lesson is over when the next one begins, or after so long, ms. [practice] */
const LASTS_MS = 60 * 60_000;

/** Whose lesson it is by the clock, or comes next today; null once the last one is over. */
export function lessonOnTop(lessons: TeachingDay['lessons'], now: Date): TodayRow | null {
  const beginOf = ({ lesson }: TodayRow) => lesson!.getTime();
  const begun = lessons.filter((row) => beginOf(row) <= now.getTime());
  const current = begun.at(-1);
  if (current && beginOf(current) + LASTS_MS > now.getTime()) return current;
  return lessons[begun.length] ?? null;
}

/** Whose lesson it is or comes next today; where there is none any more, who is due first. Null where nobody is. */
export const nextLesson = ({ lessons, due }: TeachingDay, now: Date): TodayRow | null =>
  lessonOnTop(lessons, now) ?? due[0] ?? null;
