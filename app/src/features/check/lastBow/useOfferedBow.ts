import { useEffect, useRef } from 'react';
import { REQUIRED_BOW_POINTS } from '@open-palm/core/bow';
import type { Places } from '../../../drawing/annotate/marksState';
import type { MarksStore } from '../../../drawing/annotate/useMarks';

/** Offers the last picture's bow, as long as no mark of the bow was set: it counts once it was looked at. */
export function useOfferedBow(lastBow: Places | null, { change, current }: MarksStore): void {
  const offered = useRef(false);
  useEffect(() => {
    if (!lastBow || offered.current) return;
    const { placed, skipped } = current();
    if (REQUIRED_BOW_POINTS.some((name) => placed[name] || skipped.includes(name))) return;
    offered.current = true;
    change({ type: 'offer', guesses: lastBow });
  }, [lastBow, change, current]);
}
