import type { TeachingDay, TodayRow } from './teachingDay';

/** A lesson still counts as the next one for so long after it has begun, ms. [practice] */
const RUNS_MS = 15 * 60_000;

/** Whose lesson is next today; where there is none any more, who is due first. Null where nobody is. */
export function nextLesson({ lessons, due }: TeachingDay, now: Date): TodayRow | null {
  const next = lessons.find(({ lesson }) => lesson!.getTime() + RUNS_MS > now.getTime());
  return next ?? due[0] ?? null;
}
