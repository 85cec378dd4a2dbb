import type { Hold } from '../holds';
import type { Finding } from './findings';
import type { AgeBand, Cause, JudgeNumbers } from './judgeSchema';
import { causesOf, NUMBERS } from './knowledge';
import { posteriors } from './noisyOr';
import { priorOf, type CauseHistory } from './priors';

/** A cause with how probable it is now, and what speaks for it. */
export interface RankedCause {
  cause: Cause;
  posterior: number;
  /** Posterior × severity: what is worked on first has the largest. */
  score: number;
  /** Present signs that it brings about, and present signs that it does not. */
  explains: string[];
  leaves: string[];
}

export type Judgement =
  /** Nothing was seen of any sign. */
  | { kind: 'nothingSeen' }
  /** Every sign that was seen is absent: what holds is named. */
  | { kind: 'nothingToFix'; holds: string[] }
  | {
      kind: 'toWorkOn';
      /** All causes, what to work on first in front. */
      ranked: RankedCause[];
      /** Whether the first two are as good as equal. */
      tie: boolean;
      holds: string[];
    };

/** What shifts the priors for one student. */
export interface StudentPriors {
  history?: Readonly<Record<string, CauseHistory>>;
  age?: AgeBand | null;
}

/**
 * What to work on first, and why.
 *
 * @param findings signs seen present or absent; signs that were not seen are left out and drop out
 * @param student what is known of the student: age, and what earlier checks showed by the cause's id
 */
export function judgeFindings(
  findings: readonly Finding[],
  hold: Pick<Hold, 'bow'>,
  { history = {}, age = null }: StudentPriors = {},
  numbers: JudgeNumbers = NUMBERS,
): Judgement {
  const causes = causesOf(hold);
  const linkOf = (cause: Cause, sign: string) => {
    const rank = cause.signs.find((link) => link.sign === sign)?.rank;
    return rank === undefined ? 0 : numbers.linkByRank[rank - 1]!;
  };
  // A sign that no cause of this hold brings about says nothing here.
  const telling = findings.filter(({ sign }) => causes.some((cause) => linkOf(cause, sign) > 0));
  if (telling.length === 0) return { kind: 'nothingSeen' };
  const present = telling.filter((finding) => finding.present);
  const holds = telling.filter((finding) => !finding.present).map(({ sign }) => sign);
  if (present.length === 0) return { kind: 'nothingToFix', holds };

  const strongest = (group: readonly Finding[]) =>
    causes.map((cause) => Math.max(...group.map(({ sign }) => linkOf(cause, sign))));
  const absent = telling.filter(
    (finding) => !finding.present && !present.some(({ group }) => group === finding.group),
  );
  const posterior = posteriors({
    priors: causes.map((cause) => priorOf(cause, hold, { history, age }, numbers)),
    leak: numbers.leak,
    present: byGroup(present).map(strongest),
    absent: byGroup(absent).map(strongest),
  });
  const ranked = causes
    .map((cause, i): RankedCause => {
      const explains = present.filter(({ sign }) => linkOf(cause, sign) > 0);
      return {
        cause,
        posterior: posterior[i]!,
        score: posterior[i]! * (numbers.severity[cause.part] ?? numbers.severityOtherwise),
        explains: explains.map(({ sign }) => sign),
        leaves: present.filter((finding) => !explains.includes(finding)).map(({ sign }) => sign),
      };
    })
    // What explains nothing that was seen is no answer, however often it happens otherwise.
    .filter(({ explains }) => explains.length > 0)
    .sort((a, b) => b.score - a.score);
  const [first, second] = ranked;
  const tie =
    second !== undefined && first!.score - second.score <= numbers.tieWithin * first!.score;
  return { kind: 'toWorkOn', ranked, tie, holds };
}

/** Findings that rest on the same thing, together: only the strongest link of a group counts for each cause. */
function byGroup(findings: readonly Finding[]): Finding[][] {
  const groups = new Map<string, Finding[]>();
  for (const finding of findings) {
    groups.set(finding.group, [...(groups.get(finding.group) ?? []), finding]);
  }
  return [...groups.values()];
}
