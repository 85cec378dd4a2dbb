import { readOpJudgeFile } from '@open-palm/contract';
import { holdById } from '@open-palm/core/holds';
import {
  contradictionsIn,
  cueLadder,
  judgeFindings,
  withoutContradictions,
  worksOn,
  type Judgement,
  type RankedCause,
} from '@open-palm/core/judge';

interface CauseAnswer {
  cause: string;
  part: string;
  posterior: number;
  score: number;
  explains: string[];
  leaves: string[];
}

export interface JudgeAnswer {
  outcome: Judgement['kind'];
  /** At most two, each with its cues in the order in which they are tried. */
  workOn: (CauseAnswer & { cues: string[]; drills: readonly string[] })[];
  tie: boolean;
  ranked: CauseAnswer[];
  /** Signs that were seen to be absent. */
  holds: string[];
  /** Pairs of signs that cannot both be: neither counted. */
  contradictions: (readonly [string, string])[];
}

/**
 * What to work on first, from the signs that a file names, and why.
 *
 * @param content parsed JSON
 * @throws InputError with everything that is wrong with the file
 */
export function judgeFile(content: unknown): JudgeAnswer {
  const file = readOpJudgeFile(content);
  const findings = Object.entries(file.signs).map(([sign, present]) => ({
    sign,
    present,
    group: sign,
  }));
  const judgement = judgeFindings(withoutContradictions(findings), holdById(file.hold), {
    history: file.history,
    age: file.age,
  });
  const ranked = judgement.kind === 'toWorkOn' ? judgement.ranked : [];
  return {
    outcome: judgement.kind,
    workOn: worksOn(ranked).map((one) => ({
      ...answerOf(one),
      cues: cueLadder(one.cause, file.cues),
      drills: one.cause.drills,
    })),
    tie: judgement.kind === 'toWorkOn' && judgement.tie,
    ranked: ranked.map(answerOf),
    contradictions: contradictionsIn(findings).map(({ signs }) => signs),
    holds: judgement.kind === 'nothingSeen' ? [] : judgement.holds,
  };
}

const answerOf = ({ cause, posterior, score, explains, leaves }: RankedCause): CauseAnswer => ({
  cause: cause.id,
  part: cause.part,
  posterior: round(posterior),
  score: round(score),
  explains,
  leaves,
});

const round = (value: number) => Math.round(value * 1000) / 1000;
