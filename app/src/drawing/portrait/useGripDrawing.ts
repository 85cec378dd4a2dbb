import { useEffect, useMemo, useState } from 'react';
import useSWRImmutable from 'swr/immutable';
import type { GripDrawing, GripOrder } from '@open-palm/core/portrait';
import { askPortrait } from '../../foundation/workers/askPortrait';

/**
 * A grip drawn away from the screen's own thread; the one before stays until the new one is there. Orders that come while one is drawn wait,
 * and only the newest of them is drawn next.
 *
 * @returns null until the first one is drawn, or where none can be
 */
export function useGripDrawing(order: GripOrder): GripDrawing | null {
  const wanted = useMemo(() => JSON.stringify(order), [order]);
  const [key, setKey] = useState(wanted);
  const { data, isLoading } = useSWRImmutable<GripDrawing>(
    ['portrait', key],
    () => askPortrait(JSON.parse(key)),
    { keepPreviousData: true, shouldRetryOnError: false },
  );
  if (!isLoading && key !== wanted) setKey(wanted);
  return data ?? null;
}

/** A thing that moved counts as at rest after so long, ms. */
const REST_MS = 160;

/** An order as coarse as it has to be while it changes, and fine when it rests. */
export function useCoarseWhileMoving(order: GripOrder): GripOrder {
  const [rested, setRested] = useState(order);
  useEffect(() => {
    const timer = setTimeout(() => setRested(order), REST_MS);
    return () => clearTimeout(timer);
  }, [order]);
  return useMemo(
    () => (rested === order ? order : { ...order, detail: 'moving' }),
    [order, rested],
  );
}
