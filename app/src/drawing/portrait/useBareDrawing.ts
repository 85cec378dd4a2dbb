import { useMemo } from 'react';
import type { BareDrawing, BareOrder } from '@open-palm/core/portrait';
import { askBare } from '../../foundation/workers/askPortrait';
import { useNewest } from './useNewest';

const drawBare = (order: string): Promise<BareDrawing> => askBare(JSON.parse(order));

/** A hand that holds nothing, drawn; null until it is. */
export const useBareDrawing = (order: BareOrder): BareDrawing | null =>
  useNewest(
    'bare',
    useMemo(() => JSON.stringify(order), [order]),
    drawBare,
  );
