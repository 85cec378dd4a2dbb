import { changeBetween, type Change } from './realChange';

/** A checkpoint at the start and at the end of the same lesson. */
export interface LessonPair {
  start: number;
  end: number;
}

/** What a lesson costs a checkpoint. */
export interface Stamina {
  lessons: number;
  /** Mean of end − start. */
  drop: number;
  change: Change['code'];
}

/**
 * How far a checkpoint has gone from the start of lessons to their end, on the mean: over more lessons a smaller drop is real.
 *
 * @param sem standard error of measurement of single values
 * @returns null without lessons
 */
export function staminaOf(pairs: readonly LessonPair[], sem: number): Stamina | null {
  if (pairs.length === 0) return null;
  const drop = pairs.reduce((sum, { start, end }) => sum + (end - start), 0) / pairs.length;
  const { code } = changeBetween(0, drop, sem / Math.sqrt(pairs.length));
  return { lessons: pairs.length, drop, change: code };
}
