import { useMemo } from 'react';
import type { CheckSummary } from '@open-palm/contract';
import { useCheck } from '../../../foundation/api/queries';
import type { Shot } from '../look/lookState';
import type { Places } from '../../../drawing/annotate/marksState';
import { bowFrom } from './bowFrom';

/**
 * Where the bow was on the last picture from this view, of this look or of the newest one that is kept.
 *
 * @returns null where there is none, or none that fits
 */
export function useLastBow(
  { id, view, picture }: Pick<Shot, 'id' | 'view' | 'picture'>,
  shots: readonly Shot[],
  history: readonly CheckSummary[],
): Places | null {
  const earlier = shots.findLast((shot) => shot.view === view && shot.id !== id);
  const kept = history.find(({ pictures }) => pictures.some((one) => one.view === view));
  const { data } = useCheck(earlier || !kept ? null : kept.id);
  return useMemo(() => {
    if (earlier) return bowFrom(earlier.marks.placed, earlier.picture, picture);
    const capture = data?.captures.find((one) => one.view === view);
    return capture ? bowFrom(capture.points, capture.image, picture) : null;
  }, [earlier, data, view, picture]);
}
