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
import type { Readiness, SeenSigns } from '@open-palm/contract';
import { READINESS, READINESS_SIGNS } from '@open-palm/core/practice';
import type { KnownLength } from '@open-palm/core/units';
import type { Marks } from '../../../drawing/annotate/marksState';
import { captureOf } from '../../../drawing/annotate/measureMarks';
import type { ChosenPicture } from '../../../drawing/pictures/preparePicture';

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
  /** Signs that only a person sees. */
  signs: SeenSigns;
  readiness: Readiness;
}

export const EMPTY_LOOK: LookState = {
  context: 'free',
  shots: [],
  taps: [],
  signs: {},
  readiness: [],
};

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

/** Marks signs as seen or not seen; null takes a mark back. */
export function markSigns(
  state: LookState,
  marked: Readonly<Record<string, boolean | null>>,
): LookState {
  const signs = Object.entries({ ...state.signs, ...marked }).filter(
    (entry): entry is [string, boolean] => entry[1] !== null,
  );
  return { ...state, signs: Object.fromEntries(signs) };
}

/** Notes how ready bow and student are, and what that says of signs. */
export function setReady(state: LookState, ready: Readiness[number]): LookState {
  const { item, state: how } = ready;
  const noted = {
    ...state,
    readiness: [...state.readiness.filter((other) => other.item !== item), ready],
  };
  const signs = Object.entries(READINESS_SIGNS[item] ?? {});
  return markSigns(noted, Object.fromEntries(signs.map(([wrong, sign]) => [sign, wrong === how])));
}

/** Everything that was not said otherwise is ready. */
export const allReady = (state: LookState): LookState =>
  (Object.keys(READINESS) as Readiness[number]['item'][])
    .filter((item) => !state.readiness.some((ready) => ready.item === item))
    .reduce((now, item) => setReady(now, { item, state: READINESS[item][0]!, word: null }), state);

/** Whether anything was seen, answered or marked yet. */
export const isBegun = ({ shots, taps, signs }: LookState): boolean =>
  shots.length + taps.length + Object.keys(signs).length > 0;

/** Whether the hold itself was looked at: what the set-up card told of hair, nails and bow is none of it. */
export function isLookedAt({ shots, taps, signs }: LookState): boolean {
  const ofReadiness = Object.values(READINESS_SIGNS).flatMap((signs) => Object.values(signs));
  return (
    shots.length > 0 ||
    taps.length > 0 ||
    Object.keys(signs).some((sign) => !ofReadiness.includes(sign))
  );
}

/** What the core judges of a look. */
export function lookOf(
  { context, shots, taps }: Pick<LookState, 'context' | 'shots' | 'taps'>,
  side: Side,
  frogLength: KnownLength,
): Look & { captures: PlacedCapture[] } {
  return {
    context,
    taps,
    captures: shots.map(({ marks, view, place, picture }) => ({
      ...captureOf(marks, { view, side, picture, frogLength }),
      place,
    })),
  };
}
