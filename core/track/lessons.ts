import { FAMILIES, type Family, type Standing } from '../measure';
import type { TrackedCheck } from './trackedCheck';

/**
 * Looks by lesson: what was seen on one day of the student's calendar counts once, by the first look that saw it; what was seen in passing
 * counts after a look. A look at the end of a lesson is held against its start, and counts by itself only where nothing else was looked
 * at: what tires is not lost.
 *
 * @param checks oldest first
 * @returns one a day, oldest first
 */
export function byLesson(checks: readonly TrackedCheck[]): TrackedCheck[] {
  const days = new Map<number, TrackedCheck[]>();
  for (const check of checks) days.set(check.day, [...(days.get(check.day) ?? []), check]);
  return [...days.values()].map((looks) => {
    const [first, ...others] = LAST.reduce(
      (ordered, last) => [
        ...ordered.filter(({ context }) => context !== last),
        ...ordered.filter(({ context }) => context === last),
      ],
      looks,
    );
    return others.reduce(withUnseen, first!);
  });
}

/** What counts after the other looks of its day, the least last. */
const LAST = ['row', 'playing-end'] as const;

/** A look with what a later one saw beyond it. */
const withUnseen = (seen: TrackedCheck, later: TrackedCheck): TrackedCheck => ({
  ...seen,
  standings: Object.fromEntries(
    FAMILIES.map((family) => [
      family,
      seen.standings[family] === 'notSeen' ? later.standings[family] : seen.standings[family],
    ]),
  ) as Record<Family, Standing>,
  measures: { ...later.measures, ...seen.measures },
});
