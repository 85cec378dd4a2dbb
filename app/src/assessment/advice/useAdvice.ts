import { useEffect, useState } from 'react';
import type { Advice, AdviceFacts, Finding } from '@open-palm/core/judge';
import { askAdvice } from '../../foundation/workers/askAdvice';

/** What to say next; null until it is worked out, and then the last answer until there is a newer one. */
export function useAdvice(findings: readonly Finding[], facts: AdviceFacts): Advice | null {
  const [advice, setAdvice] = useState<Advice | null>(null);
  const { bow, checkpoints, tests } = facts.hold;
  // Asked anew only when something of it has changed, not whenever the screen is drawn.
  const question = JSON.stringify({
    findings,
    facts: { ...facts, hold: { bow, checkpoints, tests } },
  });
  useEffect(() => {
    let isCurrent = true;
    void askAdvice(JSON.parse(question)).then((answer) => {
      if (isCurrent) setAdvice(answer);
    });
    return () => {
      isCurrent = false;
    };
  }, [question]);
  return advice;
}
