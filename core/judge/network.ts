import type { Hold } from '../holds';
import type { Finding } from './findings';
import type { Cause, DiagnosisNumbers } from './judgeSchema';
import { causesOf, EXCLUSIVE } from './knowledge';
import type { NoisyOr } from './noisyOr';
import { priorOf, type StudentPriors } from './priors';

/** A hold's causes as a network, with what was seen of their signs. */
export interface HoldNetwork {
  causes: readonly Cause[];
  network: NoisyOr;
  /** A sign's link from every cause, 0 where there is none. */
  linksOf(sign: string): number[];
  /** What was seen of signs that some cause of this hold brings about, in their order. */
  present: readonly Finding[];
  absent: readonly Finding[];
}

/** The network of a hold for one student and one look. */
export function holdNetwork(
  findings: readonly Finding[],
  hold: Pick<Hold, 'bow'>,
  { history = {}, age = null }: StudentPriors,
  numbers: DiagnosisNumbers,
): HoldNetwork {
  const causes = causesOf(hold);
  const linkOf = (cause: Cause, sign: string) => {
    const rank = cause.signs.find((link) => link.sign === sign)?.rank;
    return rank === undefined ? 0 : numbers.linkByRank[rank - 1]!;
  };
  const linksOf = (sign: string) => causes.map((cause) => linkOf(cause, sign));
  // A sign that no cause of this hold brings about says nothing of them.
  const telling = findings.filter(({ sign }) => linksOf(sign).some((link) => link > 0));
  const present = telling.filter((finding) => finding.present);
  const absent = telling.filter((finding) => !finding.present);
  const strongest = (group: readonly Finding[]) =>
    causes.map((cause) => Math.max(...group.map(({ sign }) => linkOf(cause, sign))));
  const apart = absent.filter((finding) => !present.some(({ group }) => group === finding.group));
  const placeOf = (id: string) => causes.findIndex((cause) => cause.id === id);
  const exclusive = EXCLUSIVE.map((group) => group.map(placeOf).filter((place) => place >= 0));
  return {
    causes,
    linksOf,
    present,
    absent,
    network: {
      priors: causes.map((cause) => priorOf(cause, hold, { history, age }, numbers)),
      exclusive: exclusive.filter((group) => group.length > 1),
      leak: numbers.leak,
      present: byGroup(present).map(strongest),
      absent: byGroup(apart).map(strongest),
    },
  };
}

/** Findings that rest on the same thing, together: only the strongest link of a group counts for each cause. */
function byGroup(findings: readonly Finding[]): Finding[][] {
  const groups = new Map<string, Finding[]>();
  for (const finding of findings) {
    groups.set(finding.group, [...(groups.get(finding.group) ?? []), finding]);
  }
  return [...groups.values()];
}
