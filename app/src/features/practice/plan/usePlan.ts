import { useEffect, useState } from 'react';
import type { PlanAnswer, PlanFacts, Relaxed } from '@open-palm/core/practice/plan';
import { askLimits, askPlan } from '../../../foundation/workers/planner/askPlan';

/** A plan as far as it is worked out; the last one stands until there is a newer one. */
export interface AskedPlan {
  answer: PlanAnswer | null;
  /** What holds it back, once that is known. */
  limits: Relaxed[] | null;
  isSolving: boolean;
  isFailed: boolean;
  again: () => void;
}

/** Has a plan worked out, anew whenever its facts change. */
export function usePlan(facts: PlanFacts | null): AskedPlan {
  const [state, setState] = useState<{
    key: string | null;
    answer: PlanAnswer | null;
    limits: Relaxed[] | null;
  }>({ key: null, answer: null, limits: null });
  const [failed, setFailed] = useState<string | null>(null);
  const [round, setRound] = useState(0);
  const key = facts === null ? null : JSON.stringify(facts);
  useEffect(() => {
    if (key === null) return undefined;
    let isCurrent = true;
    const asked = JSON.parse(key) as PlanFacts;
    const work = async () => {
      const answer = await askPlan(asked);
      if (!isCurrent) return;
      setState({ key, answer, limits: null });
      if (answer.kind === 'none') return;
      const limits = await askLimits(asked);
      if (isCurrent) setState({ key, answer, limits });
    };
    work().catch(() => isCurrent && setFailed(key));
    return () => {
      isCurrent = false;
    };
  }, [key, round]);
  const isFailed = failed !== null && failed === key;
  return {
    answer: state.answer,
    limits: state.key === key ? state.limits : null,
    isSolving: key !== null && state.key !== key && !isFailed,
    isFailed,
    again: () => {
      setFailed(null);
      setRound((n) => n + 1);
    },
  };
}
