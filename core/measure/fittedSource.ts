import type { MeasureId, Place } from './measureIds';

/** A number that a hand fitted to several pictures told. */
export interface FittedNumber {
  id: MeasureId;
  value: number;
  sd: number;
}

/** What a hand fitted to pictures of one look tells of it. */
export interface LookFit {
  /** Which of the look's captures it was fitted to. */
  captures: readonly number[];
  place: Place | null;
  measures: readonly FittedNumber[];
}
