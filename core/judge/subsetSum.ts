import { fold, type Inference, type NoisyOr, type Variable } from './noisyOr';

/** With more shared present signs than this the sum over their subsets loses digits. */
export const MOST_BY_SUBSETS = 12;

/** The sum over subsets, kept so that what one more sign would say need not be worked out from the start. */
export interface SubsetSum {
  asSeen(): Inference;
  /** The same if one more sign were absent, or present. */
  ifAbsent(links: readonly number[]): Inference;
  ifPresent(links: readonly number[]): Inference;
  /** P(seen, and none of these causes is there), with one more sign absent where its links are given. */
  evidenceWithout(causes: ReadonlySet<number>, absentToo?: readonly number[]): number;
}

/**
 * P(seen) = Σ over subsets T of the present signs of (−1)^|T| · P(T and all the absent signs are absent).
 * Terms of both signs cancel: what is less probable than about 1e-7 is told with few digits. Quick where many such
 * questions are put to the same network; `infer` loses no digits.
 */
export function subsetSum(network: NoisyOr): SubsetSum {
  const { variables, shared, factor } = fold(network);
  const { leak, priors } = network;
  const size = 2 ** shared.length;
  const quiet = priors.map((_, cause) => {
    const links = shared.map((sign) => sign[cause]!);
    return links.every((link) => link === 0) ? null : silenceTable(links);
  });
  const leaks = silenceTable(shared.map(() => leak));
  for (let subset = 1; subset < size; subset += 1) {
    leaks[subset]! *= parity(subset) === 0 ? factor : -factor;
  }
  leaks[0]! *= factor;
  const known = variables.map((variable) => tableOf(variable, null));
  const products = leaks;
  for (const table of known) {
    for (let subset = 0; subset < size; subset += 1) products[subset]! *= table[subset]!;
  }

  function tableOf({ causes, none, weights }: Variable, extra: Extra): Float64Array {
    const table = new Float64Array(size).fill(none);
    causes.forEach((cause, i) => {
      const weight = weights[i]! * (extra ? extra(cause) : 1);
      const still = quiet[cause];
      for (let subset = 0; subset < size; subset += 1) {
        table[subset]! += still ? weight * still[subset]! : weight;
      }
    });
    return table;
  }

  /** The terms of the sum, with the tables of what the extra changes. */
  function termsWith(extra: Extra, leakToo: number) {
    const terms = Float64Array.from(products, (product) => product * leakToo);
    const tables = variables.map((variable, v) => {
      const before = known[v]!;
      if (extra === null || variable.causes.every((cause) => extra(cause) === 1)) return before;
      const table = tableOf(variable, extra);
      for (let subset = 0; subset < size; subset += 1) {
        terms[subset]! *= table[subset]! / before[subset]!;
      }
      return table;
    });
    return { terms, tables };
  }

  function joint(extra: Extra, leakToo: number): Inference {
    const { terms, tables } = termsWith(extra, leakToo);
    const evidence = total(terms);
    const posteriors = priors.map(() => 0);
    variables.forEach(({ causes, weights }, v) => {
      const table = tables[v]!;
      causes.forEach((cause, i) => {
        const weight = weights[i]! * (extra ? extra(cause) : 1);
        const still = quiet[cause];
        // A cause that shares no sign is as probable as it is by itself.
        if (!still && causes.length === 1) {
          posteriors[cause] = (evidence * weight) / table[0]!;
          return;
        }
        let sum = 0;
        for (let subset = 0; subset < size; subset += 1) {
          // A table of 0 belongs to a cause that is sure and silenced: then nothing is left of this term.
          if (table[subset]! > 0) {
            sum += (terms[subset]! * (still ? still[subset]! : 1)) / table[subset]!;
          }
        }
        posteriors[cause] = weight * sum;
      });
    });
    return { posteriors, evidence };
  }

  const base = joint(null, 1);
  const absent = (links: readonly number[]) => joint((cause) => 1 - links[cause]!, 1 - leak);
  return {
    asSeen: () => shareOf(base),
    ifAbsent: (links) => shareOf(absent(links)),
    ifPresent(links) {
      const without = absent(links);
      return shareOf({
        posteriors: base.posteriors.map((p, i) => p - without.posteriors[i]!),
        evidence: base.evidence - without.evidence,
      });
    },
    evidenceWithout(causes, absentToo) {
      const off = (cause: number) =>
        causes.has(cause) ? 0 : absentToo ? 1 - absentToo[cause]! : 1;
      return total(termsWith(off, absentToo ? 1 - leak : 1).terms);
    },
  };
}

/** What else a cause is multiplied by; null for nothing. */
type Extra = ((cause: number) => number) | null;

/** By subset of the signs: that none of it was brought about. */
function silenceTable(links: readonly number[]): Float64Array {
  const table = new Float64Array(2 ** links.length);
  table[0] = 1;
  for (let subset = 1; subset < table.length; subset += 1) {
    const lowest = 31 - Math.clz32(subset & -subset);
    table[subset] = table[subset & (subset - 1)]! * (1 - links[lowest]!);
  }
  return table;
}

const parity = (subset: number): number => {
  let odd = 0;
  for (let rest = subset; rest > 0; rest &= rest - 1) odd ^= 1;
  return odd;
};

const total = (terms: Float64Array): number => terms.reduce((sum, term) => sum + term, 0);

const shareOf = ({ posteriors, evidence }: Inference): Inference => ({
  posteriors: posteriors.map((p) => Math.min(1, Math.max(0, p / evidence))),
  evidence,
});
