import { useEffect, useState } from 'react';
import type { HandFile } from '@open-palm/contract';
import { askTipRaise } from '../../foundation/workers/askAdvice';
import { readyWords } from './readyWords';
import { studioNow } from '../../foundation/api/clock';

/** Where the student begins the tip raise, in words; null until it is worked out. */
export function useTipRaiseWords(handFile: HandFile): string | null {
  const [told, setTold] = useState<string | null>(null);
  useEffect(() => {
    let left = false;
    askTipRaise(handFile, studioNow()).then(
      (start) => !left && setTold(readyWords(start)),
      // The test can be done without it.
      () => undefined,
    );
    return () => {
      left = true;
    };
  }, [handFile]);
  return told;
}
