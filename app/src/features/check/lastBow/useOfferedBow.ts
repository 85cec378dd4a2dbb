import { useEffect, useRef } from 'react';
import { REQUIRED_BOW_POINTS } from '@open-palm/core/bow';
import type { PointName } from '@open-palm/core/measure';
import type { Places } from '../../../drawing/annotate/marksState';
import type { MarksStore } from '../../../drawing/annotate/useMarks';

/**
 * Offers the last picture's bow, as long as no mark of the bow was set and none is guessed: it counts once it was looked at.
 *
 * @param isLooking while this picture's own bow is looked for: what is seen in it comes first
 */
export function useOfferedBow(
  lastBow: Places | null,
  isLooking: boolean,
  { change, current }: MarksStore,
): void {
  const offered = useRef(false);
  useEffect(() => {
    if (!lastBow || isLooking || offered.current) return;
    const { placed, skipped, offered: guessed } = current();
    const isKnown = (name: PointName) =>
      placed[name] !== undefined || guessed[name] !== undefined || skipped.includes(name);
    if (REQUIRED_BOW_POINTS.some(isKnown)) return;
    offered.current = true;
    change({ type: 'offer', guesses: lastBow });
  }, [lastBow, isLooking, change, current]);
}
