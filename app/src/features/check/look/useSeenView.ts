import { useState } from 'react';
import { bowInView, type View } from '@open-palm/core/measure';
import { recogniseView } from '@open-palm/vision/recogniseView';
import type { FoundHand } from '../../../drawing/annotate/finder/useFinder';
import { changeMarks } from '../../../drawing/annotate/marks';
import type { PictureFacts } from '../../../drawing/annotate/measureMarks';
import { noMarks, type Marks } from '../../../drawing/annotate/marksState';
import { sequenceFor } from '../../../drawing/annotate/sequence';
import type { MarksStore } from '../../../drawing/annotate/useMarks';

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
): { found: FoundHand; asks: View | null; answer: (isSo: boolean) => void } {
  const [asks, setAsks] = useState<View | null>(null);
  const found: FoundHand = {
    bowOf: (points) => {
      const seen = hold.hand === 'over' ? recogniseView(points, side) : null;
      return bowInView(seen ?? view, side, hold, frogLength.mm, hand);
    },
    onFound: (guesses, points) => {
      const seen = hold.hand === 'over' ? recogniseView(points, side) : null;
      const isOther = seen !== null && seen !== view;
      if (isOther && isAssumed && Object.keys(current().placed).length === 0) {
        const marks = noMarks(sequenceFor(seen, hold).needed);
        onView(seen, changeMarks(marks, { type: 'offer', guesses }));
        return;
      }
      change({ type: 'offer', guesses });
      if (isOther) setAsks(seen);
    },
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
  return { found, asks, answer };
}
