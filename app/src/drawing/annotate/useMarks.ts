import { useCallback, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import { changeMarks, type MarksAction } from './marks';
import type { Marks } from './marksState';

/** Marks that a screen shows and a tool changes. */
export interface MarksStore {
  marks: Marks;
  change: (action: MarksAction) => void;
  /** The marks as they are this very moment: touches can come faster than the screen is drawn. */
  current: () => Marks;
}

/** Marks for one picture, from how they begin. */
export function useMarks(initial: () => Marks): MarksStore {
  const [marks, setMarks] = useState(initial);
  const latest = useRef(marks);
  const change = useCallback((action: MarksAction) => {
    latest.current = changeMarks(latest.current, action);
    // A moving mark is drawn at once, in the very frame in which the finger moved, not in the next one.
    if (action.type === 'set') flushSync(() => setMarks(latest.current));
    else setMarks(latest.current);
  }, []);
  const current = useCallback(() => latest.current, []);
  return { marks, change, current };
}
