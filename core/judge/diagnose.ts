import type { Hold } from '../holds';
import type { Finding } from './findings';
import type { Cause, DiagnosisNumbers } from './judgeSchema';
import { NUMBERS } from './knowledge';
import { holdNetwork, type HoldNetwork } from './network';
import { posteriors } from './noisyOr';
import type { StudentPriors } from './priors';

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

/**
 * The causes of what was seen, the likeliest and gravest in front.
 *
 * @param findings signs seen present or absent; signs that were not seen are left out and drop out
 * @param student what is known of the student: age, and what earlier checks showed by the cause's id
 * @returns only causes that bring about something that was seen: what explains nothing is no answer
 */
export function diagnose(
  findings: readonly Finding[],
  hold: Pick<Hold, 'bow'>,
  student: StudentPriors = {},
  numbers: DiagnosisNumbers = NUMBERS,
): RankedCause[] {
  const known = holdNetwork(findings, hold, student, numbers);
  return known.present.length === 0 ? [] : rankCauses(known, posteriors(known.network), numbers);
}

/** The causes by score, with what each explains. */
export function rankCauses(
  { causes, present, linksOf }: Pick<HoldNetwork, 'causes' | 'present' | 'linksOf'>,
  posterior: readonly number[],
  numbers: DiagnosisNumbers,
): RankedCause[] {
  const links = new Map(present.map(({ sign }) => [sign, linksOf(sign)]));
  return causes
    .map((cause, i): RankedCause => {
      const explains = present.filter(({ sign }) => links.get(sign)![i]! > 0);
      return {
        cause,
        posterior: posterior[i]!,
        score: posterior[i]! * (numbers.severity[cause.part] ?? numbers.severityOtherwise),
        explains: explains.map(({ sign }) => sign),
        leaves: present.filter((finding) => !explains.includes(finding)).map(({ sign }) => sign),
      };
    })
    .filter(({ explains }) => explains.length > 0)
    .sort((a, b) => b.score - a.score);
}
