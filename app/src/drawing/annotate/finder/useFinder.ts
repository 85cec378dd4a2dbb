import { useCallback, useEffect, useRef, useState } from 'react';
import { REQUIRED_BOW_POINTS } from '@open-palm/core/bow';
import { HAND_POINTS } from '@open-palm/core/hand';
import type { BowInView, PointName, Side } from '@open-palm/core/measure';
import { NoVision, type VisionClient } from '../../../foundation/workers/vision/visionClient';
import type { Vec2 } from '@open-palm/core/units';
import type { SeenBow } from '@open-palm/vision/findBow';
import type { HandSearch } from '@open-palm/vision/findHand';
import type { VisionProblem } from '../../../foundation/workers/vision/visionMessages';
import type { ChosenPicture } from '../../pictures/preparePicture';
import type { Marks, Places } from '../marksState';
import type { MarksStore } from '../useMarks';

/** Why no hand is offered. */
export type Nothing = Exclude<HandSearch['outcome'], 'found'>;

/** How the search for the hand stands. */
export type FinderState =
  | { kind: 'off' }
  | { kind: 'loading'; share: number }
  | { kind: 'looking' }
  | { kind: 'found' }
  | { kind: 'nothing'; why: Nothing }
  /** The wrist and the middle knuckle are being touched. */
  | { kind: 'touching' }
  /** No hand was seen there either. */
  | { kind: 'notThere' }
  | { kind: 'unavailable'; problem: VisionProblem };

/** What is wanted of a hand that was found, beside its points. */
export type OfHand = (hand: readonly Vec2[]) => {
  /** What can be recognised of the bow that it holds; null where none is looked for. */
  bow: BowInView | null;
  /** Takes the guesses, instead of their being offered. */
  take: (guesses: Places) => void;
};

export interface Finder {
  state: FinderState;
  /** Has a person touch wrist and middle knuckle, and looks there. */
  askTwo: () => void;
  retry: () => void;
}

const TWO: readonly PointName[] = ['wrist', 'middleMcp'];

/**
 * Finds the hand's points in a picture, and the bow that it holds, and offers them as guesses; brings touches on the stick to its middle.
 * Without the finder's files everything goes on by hand.
 */
export function useFinder(
  vision: VisionClient,
  picture: ChosenPicture,
  side: Side,
  { marks, change, current }: MarksStore,
  ofHand?: OfHand,
): Finder {
  // From the first moment: what is offered meanwhile would be gone again when the picture's own is found.
  const [state, setState] = useState<FinderState>(() =>
    isUntouched(current()) ? { kind: 'loading', share: 0 } : { kind: 'off' },
  );
  const [attempt, setAttempt] = useState(0);
  /** Hand and bow together: nothing appears where somebody has begun to look. */
  const offer = async (points: readonly Vec2[], isHere: () => boolean): Promise<void> => {
    const wanted = ofHand?.(points);
    const seen = wanted?.bow ? await vision.findBow(picture, points, wanted.bow) : null;
    if (!isHere()) return;
    const guesses = guessesOf(points, seen, picture, current());
    if (wanted) wanted.take(guesses);
    else change({ type: 'offer', guesses });
  };
  useEffect(() => {
    // A picture that was worked on before is not searched by itself: its points are a person's by now.
    if (attempt === 0 && !isUntouched(current())) return;
    let isHere = true;
    const tell = (next: FinderState) => isHere && setState(next);
    tell({ kind: 'loading', share: 0 });
    vision
      .open((share) => tell({ kind: 'loading', share }))
      .then(async () => {
        tell({ kind: 'looking' });
        const search = await vision.find(picture, side);
        if (!isHere) return;
        if (search.outcome === 'found') {
          await offer(search.hand.points, () => isHere);
          tell({ kind: 'found' });
        } else if (vision.isBroken) {
          tell({ kind: 'unavailable', problem: 'missing' });
        } else {
          tell({ kind: 'nothing', why: search.outcome });
        }
      })
      .catch((error: unknown) => {
        if (!(error instanceof NoVision)) throw error;
        tell({ kind: 'unavailable', problem: error.problem });
      });
    return () => {
      isHere = false;
    };
    // A picture that is flipped has another address; what was found in it was flipped with it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [vision, picture.url, side, attempt]);

  const { wrist, middleMcp } = marks.placed;
  const isTouched =
    state.kind === 'touching' &&
    wrist !== undefined &&
    middleMcp !== undefined &&
    TWO.every((name) => name !== marks.chosen);
  useEffect(() => {
    if (!isTouched) return;
    let isCurrent = true;
    void vision.findAt(picture, side, wrist, middleMcp).then(async (search) => {
      // The picture may have been flipped meanwhile, or a touch moved.
      if (!isCurrent) return;
      if (search.outcome !== 'found') return setState({ kind: 'notThere' });
      await offer(search.hand.points, () => isCurrent);
      if (isCurrent) setState({ kind: 'found' });
    });
    return () => {
      isCurrent = false;
    };
    // What is done with what is found does not change while the picture is the same.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isTouched, wrist, middleMcp, vision, picture, side]);

  useSnapping(vision, picture, { marks, change, current });
  const askTwo = useCallback(() => {
    change({ type: 'askFirst', names: TWO });
    setState({ kind: 'touching' });
  }, [change]);
  const retry = useCallback(() => setAttempt((n) => n + 1), []);
  return { state: isTouched ? { kind: 'looking' } : state, askTwo, retry };
}

/** Once both ends of the stick were touched, brings them to the stick's middle; undo takes it back. */
function useSnapping(
  vision: VisionClient,
  picture: ChosenPicture,
  { marks, change, current }: MarksStore,
): void {
  const { stickHandEnd, stickTipEnd } = marks.placed;
  const done = useRef(stickHandEnd !== undefined && stickTipEnd !== undefined);
  const isSet = marks.chosen !== 'stickHandEnd' && marks.chosen !== 'stickTipEnd';
  useEffect(() => {
    if (done.current || !isSet || !stickHandEnd || !stickTipEnd) return;
    done.current = true;
    if (current().agreed.includes('stickHandEnd')) return;
    void vision.snap(picture, [stickHandEnd, stickTipEnd]).then(([handEnd, tipEnd]) => {
      const { placed } = current();
      // Whoever moved a mark meanwhile has the last word.
      if (placed.stickHandEnd !== stickHandEnd || placed.stickTipEnd !== stickTipEnd) return;
      const places: Places = {
        ...(handEnd ? { stickHandEnd: handEnd } : {}),
        ...(tipEnd ? { stickTipEnd: tipEnd } : {}),
      };
      if (Object.keys(places).length > 0) change({ type: 'snap', places });
    });
  }, [isSet, stickHandEnd, stickTipEnd, vision, picture, change, current]);
}

const isUntouched = ({ placed, skipped, offered }: Marks): boolean =>
  HAND_POINTS.every((name) => !placed[name] && !skipped.includes(name) && !offered[name]);

/**
 * Guesses that lie in the picture: what lies outside it is touched by hand, or not seen. The bow is offered as long as nobody has begun with
 * it.
 */
function guessesOf(
  hand: readonly Vec2[],
  bow: SeenBow | null,
  { width, height }: { width: number; height: number },
  marks: Marks,
): Places {
  const begun = ({ placed, moved, skipped }: Marks, name: PointName) =>
    placed[name] ?? moved[name] ?? skipped.includes(name);
  const isBegun = REQUIRED_BOW_POINTS.some((name) => begun(marks, name));
  const guesses: Places = {
    ...Object.fromEntries(HAND_POINTS.map((name, i) => [name, hand[i]!])),
    ...(bow && !isBegun ? placesOf(bow) : {}),
  };
  const inPicture = (Object.keys(guesses) as PointName[]).flatMap((name) => {
    const { x, y } = guesses[name]!;
    return x >= 0 && y >= 0 && x <= width && y <= height ? [[name, { x, y }] as const] : [];
  });
  return Object.fromEntries(inPicture);
}

const placesOf = ({ stickHandEnd, stickTipEnd, frog }: SeenBow): Places => ({
  stickHandEnd,
  stickTipEnd,
  ...(frog ? { frogFront: frog.front, frogBack: frog.back } : {}),
});
