import type {
  Context,
  Look,
  MeasureId,
  Place,
  PlacedCapture,
  Side,
  Tap,
  View,
} from '@open-palm/core/measure';
import type { KnownLength } from '@open-palm/core/units';
import type { Marks } from '../measure/marks';
import { captureOf } from '../measure/measureMarks';
import type { PreparedPicture } from '../picture/preparePicture';

/** A prepared picture with the id under which it is sent. */
export type ChosenPicture = PreparedPicture & { id: string };

/** One picture of a look with its marks. */
export interface Shot {
  id: string;
  picture: ChosenPicture;
  view: View;
  /** Where in the bow, where that is not the whole look's place. */
  place: Place | null;
  marks: Marks;
}

/** A look that is being taken: pictures and answers so far. */
export interface LookState {
  context: Context;
  shots: readonly Shot[];
  taps: readonly Tap[];
}

export const EMPTY_LOOK: LookState = { context: 'free', shots: [], taps: [] };

/** Adds a picture, or changes the one with its id. */
export function putShot(state: LookState, shot: Shot): LookState {
  const known = state.shots.some(({ id }) => id === shot.id);
  const shots = known
    ? state.shots.map((other) => (other.id === shot.id ? shot : other))
    : [...state.shots, shot];
  return { ...state, shots };
}

export const removeShot = (state: LookState, id: string): LookState => ({
  ...state,
  shots: state.shots.filter((shot) => shot.id !== id),
});

/** Answers a checkpoint anew; null takes the answer back. */
export function answer(state: LookState, measure: MeasureId, tap: Tap | null): LookState {
  const others = state.taps.filter((other) => other.measure !== measure);
  return { ...state, taps: tap ? [...others, tap] : others };
}

/** What the core judges of a look. */
export function lookOf(
  { context, shots, taps }: LookState,
  side: Side,
  frogLength: KnownLength,
): Look & { captures: PlacedCapture[] } {
  return {
    context,
    taps,
    captures: shots.map(({ marks, view, place, picture }) => ({
      ...captureOf(marks.placed, { view, side, picture, frogLength }),
      place,
    })),
  };
}
