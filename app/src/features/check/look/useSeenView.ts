import { useState } from 'react';
import { bowInView, type View } from '@open-palm/core/measure';
import type { OfHand } from '../../../drawing/annotate/finder/useFinder';
import { changeMarks } from '../../../drawing/annotate/marks';
import type { PictureFacts } from '../../../drawing/annotate/measureMarks';
import { noMarks, type Marks } from '../../../drawing/annotate/marksState';
import { sequenceFor } from '../../../drawing/annotate/sequence';
import type { MarksStore } from '../../../drawing/annotate/useMarks';
import { otherView } from './seenView';

/**
 * From where a picture was taken, as its found hand tells: where the view was only assumed and nothing is marked yet, that view is taken at
 * once; where a person has said another or has begun, it is asked about.
 *
 * @param onView takes the view, with the marks that belong to it
 */
export function useSeenView(
  { view, side, hold, hand, frogLength }: Omit<PictureFacts, 'picture'>,
  isAssumed: boolean,
  { change, current }: MarksStore,
  onView: (view: View, marks: Marks) => void,
): { ofHand: OfHand; asks: View | null; answer: (isSo: boolean) => void } {
  const [asks, setAsks] = useState<View | null>(null);
  const ofHand: OfHand = (points) => {
    const other = otherView(view, points, side, hold);
    return {
      bow: bowInView(other ?? view, side, hold, frogLength.mm, hand),
      take: (guesses) => {
        if (other && isAssumed && isUntouched(current())) {
          const marks = noMarks(sequenceFor(other, hold).needed);
          onView(other, changeMarks(marks, { type: 'offer', guesses }));
          return;
        }
        change({ type: 'offer', guesses });
        setAsks(other);
      },
    };
  };
  const answer = (isSo: boolean) => {
    setAsks(null);
    if (!isSo || !asks) return;
    // Points stay where they were set; those that this view does not ask for are kept beside them.
    const { placed, skipped, agreed, moved, refused, offered } = current();
    const marks = noMarks(sequenceFor(asks, hold).needed);
    onView(
      asks,
      changeMarks(
        { ...marks, placed, skipped, agreed, moved, refused },
        { type: 'offer', guesses: offered },
      ),
    );
  };
  return { ofHand, asks, answer };
}

/** Whether nobody has set, moved or skipped anything yet. */
const isUntouched = ({ placed, moved, skipped }: Marks): boolean =>
  Object.keys({ ...placed, ...moved }).length === 0 && skipped.length === 0;
