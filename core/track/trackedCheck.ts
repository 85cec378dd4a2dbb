import type { Context, Family, Standing } from '../measure';
import type { ScoredMeasure } from './familyScores';

/** A check as tracking sees it. Days are whole days of the teacher's calendar, counted from any fixed day. */
export interface TrackedCheck {
  day: number;
  context: Context;
  standings: Record<Family, Standing>;
  /** By checkpoint. */
  measures: Readonly<Record<string, ScoredMeasure>>;
}
