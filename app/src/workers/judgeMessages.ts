import type { Hold } from '@open-palm/core/holds';
import type { Finding, Judgement, StudentPriors } from '@open-palm/core/judge';

/** What the judge worker is asked; the number comes back with the answer. */
export interface JudgeQuestion {
  number: number;
  findings: readonly Finding[];
  hold: Pick<Hold, 'bow'>;
  student: StudentPriors;
}

export interface JudgeAnswer {
  number: number;
  judgement: Judgement;
}
