import { useMemo } from 'react';
import useSWRImmutable from 'swr/immutable';
import type { GripDrawing, GripOrder } from '@open-palm/core/portrait';
import { askPortrait } from '../../foundation/workers/askPortrait';

/**
 * A grip drawn away from the screen's own thread; the one before stays until the new one is there.
 *
 * @returns null until the first one is drawn, or where none can be
 */
export function useGripDrawing(order: GripOrder): GripDrawing | null {
  const key = useMemo(() => JSON.stringify(order), [order]);
  const { data } = useSWRImmutable<GripDrawing>(
    ['portrait', key],
    () => askPortrait(JSON.parse(key)),
    { keepPreviousData: true, shouldRetryOnError: false },
  );
  return data ?? null;
}
