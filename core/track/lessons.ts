import { FAMILIES, type Family, type Standing } from '../measure';
import type { TrackedCheck } from './trackedCheck';

/**
 * Looks by lesson: what was seen on one day of the student's calendar counts once, by the first look that saw it. A look at the end of a
 * lesson is held against its start, and counts by itself only where nothing else was looked at: what tires is not lost.
 *
 * @param checks oldest first
 * @returns one a day, oldest first
 */
export function byLesson(checks: readonly TrackedCheck[]): TrackedCheck[] {
  const days = new Map<number, TrackedCheck[]>();
  for (const check of checks) days.set(check.day, [...(days.get(check.day) ?? []), check]);
  return [...days.values()].map((looks) => {
    const isEnd = ({ context }: TrackedCheck) => context === 'playing-end';
    const [first, ...others] = [...looks.filter((one) => !isEnd(one)), ...looks.filter(isEnd)];
    return others.reduce(withUnseen, first!);
  });
}

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
