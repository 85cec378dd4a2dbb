import { useCallback, useEffect, useState } from 'react';
import { fitGroups, type FitOfLook } from '@open-palm/core/fit';
import type { HandFacts } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';
import type { Look } from '@open-palm/core/measure';
import { openFit } from '../../../foundation/workers/openWorkers';

/** How the fitting of a look's hand stands. */
export type FitState =
  /** No picture shows enough. */
  | { kind: 'none' }
  | { kind: 'working'; share: number }
  | { kind: 'stopped' }
  | { kind: 'broken' }
  | { kind: 'fits'; fits: FitOfLook[] };

export interface Fit {
  state: FitState;
  stop: () => void;
  again: () => void;
}

/** Fits a hand to the pictures of a look in a worker, anew whenever the look changes. */
export function useFit(look: Look, hold: Hold, hand: HandFacts): Fit {
  const [told, setTold] = useState<{ of: Look; state: FitState } | null>(null);
  const [run, setRun] = useState(0);
  const [stopped, setStopped] = useState<Look | null>(null);
  const isUsable = fitGroups(look).length > 0;
  const isStopped = stopped === look;
  useEffect(() => {
    if (!isUsable || isStopped) return;
    const line = openFit();
    const tell = (state: FitState) => setTold({ of: look, state });
    void line
      .askTelling(
        (share) => tell({ kind: 'working', share }),
        (api, onShare) => api.fit(look, hold, hand, onShare),
      )
      .then((fits) => tell({ kind: 'fits', fits }))
      .catch(() => line.gone !== 'closed' && tell({ kind: 'broken' }));
    return () => line.close();
  }, [look, hold, hand, isUsable, isStopped, run]);
  const stop = useCallback(() => setStopped(look), [look]);
  const again = useCallback(() => {
    setStopped(null);
    setTold(null);
    setRun((n) => n + 1);
  }, []);
  if (!isUsable) return { state: { kind: 'none' }, stop, again };
  const state: FitState =
    told?.of === look && !(isStopped && told.state.kind === 'working')
      ? told.state
      : isStopped
        ? { kind: 'stopped' }
        : { kind: 'working', share: 0 };
  return { state, stop, again };
}
