import { useCallback, useMemo, useState } from 'react';
import type { Vec2 } from '@open-palm/core/units';
import { fitted, focused, panned, zoomed, type Size, type Viewport } from '../pictures/viewport';

/** The picture's place in its box, which fits until someone zooms or pans. */
export function useViewport(picture: Size, box: Size) {
  const [moved, setMoved] = useState<{ viewport: Viewport; box: Size } | null>(null);
  const fit = useMemo(() => fitted(picture, box), [picture, box]);
  // A box of another size (the phone was turned) begins anew.
  const viewport = moved && moved.box === box ? moved.viewport : fit;
  const change = useCallback(
    (next: (viewport: Viewport) => Viewport) =>
      setMoved((before) => ({
        viewport: next(before && before.box === box ? before.viewport : fit),
        box,
      })),
    [box, fit],
  );
  const zoomAbout = useCallback(
    (factor: number, about: Vec2) =>
      change((current) => zoomed(current, factor, about, picture, box)),
    [change, picture, box],
  );
  const panBy = useCallback(
    (by: Vec2) => change((current) => panned(current, by, picture, box)),
    [change, picture, box],
  );
  const fitAgain = useCallback(() => setMoved(null), []);
  const focusOn = useCallback(
    (places: readonly Vec2[]) => setMoved({ viewport: focused(places, picture, box), box }),
    [picture, box],
  );
  return { viewport, zoomAbout, panBy, fitAgain, focusOn };
}
