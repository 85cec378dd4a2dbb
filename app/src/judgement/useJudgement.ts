import { useEffect, useState } from 'react';
import type { Hold } from '@open-palm/core/holds';
import {
  withoutContradictions,
  type AgeBand,
  type CauseHistory,
  type Finding,
  type Judgement,
} from '@open-palm/core/judge';
import { askJudge } from '../workers/askJudge';

/** What to work on first; null until it is worked out, and then the last answer until there is a newer one. */
export function useJudgement(
  findings: readonly Finding[],
  { bow }: Pick<Hold, 'bow'>,
  history: Readonly<Record<string, CauseHistory>>,
  age: AgeBand | null,
): Judgement | null {
  const [judgement, setJudgement] = useState<Judgement | null>(null);
  // Asked anew only when something of it has changed, not whenever the screen is drawn.
  const question = JSON.stringify({
    findings: withoutContradictions(findings),
    hold: { bow },
    student: { history, age },
  });
  useEffect(() => {
    let isCurrent = true;
    void askJudge(JSON.parse(question)).then((answer) => {
      if (isCurrent) setJudgement(answer);
    });
    return () => {
      isCurrent = false;
    };
  }, [question]);
  return judgement;
}
