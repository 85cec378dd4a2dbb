/**
 * A two-layer network: causes that come about by themselves, and signs that each present cause may bring about
 * (noisy-OR), or that appear by themselves (leak).
 */
export interface NoisyOr {
  /** Probability of each cause before anything is seen. */
  priors: readonly number[];
  /** Causes that exclude each other, as groups of their places in `priors`: of each group one is there, or none. */
  exclusive?: readonly (readonly number[])[];
  /** Probability that a sign appears without any cause. */
  leak: number;
  /** What was seen: present signs and absent ones, each with its link from every cause. Not-seen signs are left out. */
  present: readonly (readonly number[])[];
  absent: readonly (readonly number[])[];
}

/** What was worked out: the causes' probabilities, and how probable it was to see what was seen. */
export interface Inference {
  posteriors: number[];
  evidence: number;
}

/**
 * Exact posterior probability of every cause: no approximation, and only sums of positive numbers, so that no digits are
 * lost however improbable it was.
 *
 * The network is folded first. Then the causes are gone through one after the other, with a table of how probable each set
 * of signs is to have come about so far; backward likewise, which gives every cause its share. Checked against plain
 * enumeration.
 *
 * @returns one probability a cause, in order; the priors when nothing was seen
 * @example infer({ priors: [0.5], leak: 0.1, present: [[0.8]], absent: [] }).posteriors // [0.8913]
 */
export function infer(network: NoisyOr): Inference {
  const { variables: all, shared, factor } = fold(network);
  const size = 2 ** shared.length;
  const posteriors = network.priors.map(() => 0);
  const isShared = ({ causes }: Variable) =>
    causes.some((cause) => shared.some((links) => links[cause]! > 0));
  // What shares no sign with others is worked out by itself.
  let apart = factor;
  for (const { causes, none, weights } of all.filter((one) => !isShared(one))) {
    const sum = weights.reduce((total, weight) => total + weight, none);
    apart *= sum;
    causes.forEach((cause, i) => (posteriors[cause] = weights[i]! / sum));
  }
  const variables = all.filter(isShared);
  // before[v]: how probable each set of signs is to have come about by the variables before v.
  const before: Float64Array[] = [withLeaks(network.leak, shared.length)];
  for (const variable of variables) before.push(forward(before.at(-1)!, variable, shared));
  const evidence = before.at(-1)![size - 1]!;
  // after: from each set of signs, how probable it is that the variables from here on bring about all the others.
  let after = new Float64Array(size);
  after[size - 1] = 1;
  for (let v = variables.length - 1; v >= 0; v -= 1) {
    const { causes, none, weights } = variables[v]!;
    const next = after.map((value) => value * none);
    causes.forEach((cause, i) => {
      const from = backward(after, cause, shared);
      let sum = 0;
      for (let set = 0; set < size; set += 1) {
        sum += before[v]![set]! * from[set]!;
        next[set]! += weights[i]! * from[set]!;
      }
      posteriors[cause] = clamp((weights[i]! * sum) / evidence);
    });
    after = next;
  }
  return { posteriors, evidence: evidence * apart };
}

/** One probability a cause. */
export const posteriors = (network: NoisyOr): number[] => infer(network).posteriors;

/** A cause by itself, or a group of which one is there or none, with how probable each is. */
export interface Variable {
  causes: readonly number[];
  none: number;
  weights: readonly number[];
}

/** A network without what concerns one variable only: that is part of the variable's weights. */
export interface Folded {
  variables: readonly Variable[];
  /** Present signs that several variables may have brought about. */
  shared: readonly (readonly number[])[];
  /** What the rest of the evidence comes to. */
  factor: number;
}

/** Takes into the weights of each variable what was seen of it alone: absent signs, and present ones that nothing else explains. */
export function fold({ priors, exclusive = [], leak, present, absent }: NoisyOr): Folded {
  const grouped = new Set(exclusive.flat());
  const alone = priors.flatMap((_, cause) => (grouped.has(cause) ? [] : [[cause]]));
  const groups = [...alone, ...exclusive];
  const linkedBy = (links: readonly number[]) =>
    groups.filter((causes) => causes.some((cause) => links[cause]! > 0));
  const shared = present.filter((links) => linkedBy(links).length > 1);
  const own = present.filter((links) => linkedBy(links).length === 1);
  const leaked = present.length - shared.length - own.length;
  const variables = groups.map((causes): Variable => {
    const { none, weights } = weightsOf(causes, priors);
    const mine = own.filter((links) => causes.some((cause) => links[cause]! > 0));
    const seen = (cause: number | null) =>
      mine.reduce(
        (p, links) => p * (1 - (1 - leak) * (1 - (cause === null ? 0 : links[cause]!))),
        1,
      );
    const silence = (cause: number) => absent.reduce((p, links) => p * (1 - links[cause]!), 1);
    return {
      causes,
      none: none * seen(null),
      weights: weights.map((weight, i) => weight * silence(causes[i]!) * seen(causes[i]!)),
    };
  });
  return { variables, shared, factor: (1 - leak) ** absent.length * leak ** leaked };
}

/** A group's causes can never be more probable together than this. [memory] */
const MOST_OF_A_GROUP = 0.95;

function weightsOf(causes: readonly number[], priors: readonly number[]) {
  const sum = causes.reduce((total, cause) => total + priors[cause]!, 0);
  // What a student's history has raised may add up to more than there is.
  const scale = causes.length > 1 && sum > MOST_OF_A_GROUP ? MOST_OF_A_GROUP / sum : 1;
  return { none: 1 - sum * scale, weights: causes.map((cause) => priors[cause]! * scale) };
}

/** How probable each set of signs is to have appeared by itself. */
function withLeaks(leak: number, signs: number): Float64Array {
  const table = new Float64Array(2 ** signs);
  table[0] = 1;
  for (let sign = 0; sign < signs; sign += 1) bringAbout(table, sign, leak);
  return table;
}

function forward(
  table: Float64Array,
  { causes, none, weights }: Variable,
  shared: readonly (readonly number[])[],
): Float64Array {
  const next = table.map((value) => value * none);
  causes.forEach((cause, i) => {
    const on = table.map((value) => value * weights[i]!);
    shared.forEach((links, sign) => {
      if (links[cause]! > 0) bringAbout(on, sign, links[cause]!);
    });
    for (let set = 0; set < next.length; set += 1) next[set]! += on[set]!;
  });
  return next;
}

/** Brings a sign about with this probability, in place. */
function bringAbout(table: Float64Array, sign: number, p: number): void {
  const bit = 1 << sign;
  for (let set = 0; set < table.length; set += 1) {
    if ((set & bit) !== 0) continue;
    table[set | bit]! += table[set]! * p;
    table[set]! *= 1 - p;
  }
}

/** The same seen from its end: what a set of signs is worth before the cause has done its part. */
function backward(
  table: Float64Array,
  cause: number,
  shared: readonly (readonly number[])[],
): Float64Array {
  const before = table.slice();
  shared.forEach((links, sign) => {
    const p = links[cause]!;
    if (p === 0) return;
    const bit = 1 << sign;
    for (let set = 0; set < before.length; set += 1) {
      if ((set & bit) === 0) before[set] = (1 - p) * before[set]! + p * before[set | bit]!;
    }
  });
  return before;
}

const clamp = (p: number) => Math.min(1, Math.max(0, p));
