import { useEffect, useMemo, useState } from 'react';
import type { GripDrawing, GripOrder } from '@open-palm/core/portrait';
import { askPortrait } from '../../foundation/workers/askPortrait';
import { useNewest } from './useNewest';

const drawGrip = (order: string): Promise<GripDrawing> => askPortrait(JSON.parse(order));

/** A grip, drawn; null until it is. */
export const useGripDrawing = (order: GripOrder): GripDrawing | null =>
  useNewest(
    'grip',
    useMemo(() => JSON.stringify(order), [order]),
    drawGrip,
  );

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
