import { readOpJudgeFile } from '@open-palm/contract';
import { adaptHold, holdById } from '@open-palm/core/holds';
import {
  advise,
  cueLadder,
  TENSES_OVER_TIME,
  type Advice,
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

/** One thing to work on: what was seen, why if that may be said, and what to say, in the order in which it is tried. */
interface PointAnswer extends Omit<CauseAnswer, 'cause' | 'part' | 'posterior' | 'score'> {
  /** Null where no cause is likely enough, or none was seen, felt or tested: what was seen is corrected by itself. */
  cause: string | null;
  part: string | null;
  posterior: number | null;
  score: number | null;
  perhaps: boolean;
  /** Another cause that is as likely. */
  or: string | null;
  cues: string[];
  drills: string[];
}

export interface JudgeAnswer {
  outcome: Advice['kind'];
  /** At most two. */
  workOn: PointAnswer[];
  tie: boolean;
  ranked: CauseAnswer[];
  /** What is only noted: small things, or everything while only watching. */
  noted: string[];
  /** Signs that were seen to be absent. */
  holds: string[];
  /** The one question that would change most of what is said. */
  ask: { sign: string; gain: number; answers: string[] } | null;
  /** Pairs of signs that cannot both be: neither counted. */
  contradictions: (readonly [string, string])[];
}

/** How the one question can be answered. */
const ANSWERS = ['yes', 'no', 'notSure'];

/**
 * What to say next, from the signs that a file names, and why.
 *
 * @param content parsed JSON
 * @throws InputError with everything that is wrong with the file
 */
export function judgeFile(content: unknown): JudgeAnswer {
  const file = readOpJudgeFile(content);
  const isNew = new Set(file.newSinceStart);
  const signs = { ...file.signs, ...(isNew.size > 0 ? { [TENSES_OVER_TIME]: true } : {}) };
  const findings = Object.entries(signs)
    .filter(([sign]) => !isNew.has(sign))
    .map(([sign, present]) => ({ sign, present, group: sign }));
  const advice = advise(findings, {
    hold: adaptHold(holdById(file.hold), file.settings, { bow: 1, hand: 1 }),
    context: file.context,
    student: { history: file.history, age: file.age },
    hurts: file.hurts,
    watches: file.watches,
    answered: file.answered,
  });
  const toWorkOn = advice.kind === 'toWorkOn' ? advice : null;
  return {
    outcome: advice.kind,
    workOn: (toWorkOn?.points ?? []).map(({ signs, cause, perhaps, or, cues, drills }) => ({
      ...(cause ? answerOf(cause) : { ...UNNAMED, explains: signs }),
      perhaps,
      or: or?.cause.id ?? null,
      cues: cueLadder({ cues }, file.cues),
      drills,
    })),
    tie: toWorkOn?.points[0]?.or != null,
    ranked: (toWorkOn?.ranked ?? []).map(answerOf),
    noted: advice.kind === 'minor' || advice.kind === 'watched' ? advice.signs : [],
    holds: 'holds' in advice ? advice.holds : [],
    ask: toWorkOn?.ask
      ? { sign: toWorkOn.ask.sign, gain: round(toWorkOn.ask.gain), answers: [...ANSWERS] }
      : null,
    contradictions: advice.contradictions.map(({ signs }) => signs),
  };
}

/** What is told of a cause where none is named. */
const UNNAMED = { cause: null, part: null, posterior: null, score: null, leaves: [] };

const answerOf = ({ cause, posterior, score, explains, leaves }: RankedCause): CauseAnswer => ({
  cause: cause.id,
  part: cause.part,
  posterior: round(posterior),
  score: round(score),
  explains,
  leaves,
});

const round = (value: number) => Math.round(value * 1000) / 1000;
