import { useCallback, useEffect, useState } from 'react';
import type { Advice, AdviceFacts, Finding } from '@open-palm/core/judge';
import { askAdvice } from '../../foundation/workers/askAdvice';

/** What to say next, as far as it is worked out. */
export interface AskedAdvice {
  /** Null until it is worked out, and then the last answer until there is a newer one. */
  advice: Advice | null;
  /** Its worker is gone: there is no answer, until it is asked again. */
  isFailed: boolean;
  again: () => void;
}

/** Has what to say next worked out, anew whenever something of it changes. */
export function useAdvice(findings: readonly Finding[], facts: AdviceFacts): AskedAdvice {
  const [advice, setAdvice] = useState<Advice | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const [round, setRound] = useState(0);
  const { bow, checkpoints, tests } = facts.hold;
  // Asked anew only when something of it has changed, not whenever the screen is drawn.
  const question = JSON.stringify({
    findings,
    facts: { ...facts, hold: { bow, checkpoints, tests } },
  });
  useEffect(() => {
    let isCurrent = true;
    const asked = JSON.parse(question) as { findings: Finding[]; facts: AdviceFacts };
    askAdvice(asked.findings, asked.facts).then(
      (answer) => {
        if (!isCurrent) return;
        setAdvice(answer);
        setFailed(null);
      },
      () => isCurrent && setFailed(question),
    );
    return () => {
      isCurrent = false;
    };
  }, [question, round]);
  const again = useCallback(() => {
    setFailed(null);
    setRound((n) => n + 1);
  }, []);
  return { advice, isFailed: failed === question, again };
}
