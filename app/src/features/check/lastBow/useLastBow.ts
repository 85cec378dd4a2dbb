import { useMemo } from 'react';
import type { CheckSummary } from '@open-palm/contract';
import type { View } from '@open-palm/core/measure';
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
  const { data } = useCheck(earlier ? null : lastLookFrom(view, history));
  return useMemo(() => {
    if (earlier) return bowFrom(earlier.marks.placed, earlier.picture, picture);
    const capture = data?.captures.find((one) => one.view === view);
    return capture ? bowFrom(capture.points, capture.image, picture) : null;
  }, [earlier, data, view, picture]);
}

/**
 * Asks for the last look from a view before its picture is there, so that the bow is offered with it and not under a finger that is
 * about to touch.
 */
export function useLastBowReady(view: View, history: readonly CheckSummary[]): void {
  useCheck(lastLookFrom(view, history));
}

/** The newest kept look with a picture from this view. */
const lastLookFrom = (view: View, history: readonly CheckSummary[]): string | null =>
  history.find(({ pictures }) => pictures.some((one) => one.view === view))?.id ?? null;
