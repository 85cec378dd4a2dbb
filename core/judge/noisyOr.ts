/**
 * A two-layer network: causes that come about by themselves, and signs that each present cause may bring about
 * (noisy-OR), or that appear by themselves (leak).
 */
export interface NoisyOr {
  /** Probability of each cause before anything is seen. */
  priors: readonly number[];
  /** Probability that a sign appears without any cause. */
  leak: number;
  /** What was seen: present signs and absent ones, each with its link from every cause. Not-seen signs are left out. */
  present: readonly (readonly number[])[];
  absent: readonly (readonly number[])[];
}

/** Up to so many causes their states are gone through one by one, which loses no digits. */
const MOST_BY_CAUSES = 14;

/** With more present signs than this the sum over their subsets loses digits. */
const MOST_BY_SUBSETS = 12;

/**
 * Exact posterior probability of every cause.
 *
 * By going through the states of the causes that can bring about a present sign where these are few or the signs many;
 * otherwise by inclusion and exclusion over the present signs. Both agree with plain enumeration (tests).
 *
 * @returns one probability a cause, in order; the priors when nothing was seen
 */
export function posteriors(network: NoisyOr): number[] {
  const { priors, present } = network;
  const linked = priors.filter((_, cause) => present.some((links) => links[cause]! > 0)).length;
  const few = linked <= MOST_BY_CAUSES || present.length > MOST_BY_SUBSETS;
  return (few ? byCauses(network) : bySubsets(network)).posteriors;
}

/** What was worked out: the causes' probabilities, and how probable it was to see what was seen. */
export interface Inference {
  posteriors: number[];
  evidence: number;
}

/**
 * P(seen) = Σ over subsets T of the present signs of (−1)^|T| · P(T and all the absent signs are absent).
 * Terms of both signs cancel: what is less probable than about 1e-7 is told with few digits.
 */
export function bySubsets({ priors, leak, present, absent }: NoisyOr): Inference {
  const silence = priors.map((_, cause) => absent.reduce((p, sign) => p * (1 - sign[cause]!), 1));
  const joint = priors.map(() => 0);
  let total = 0;
  for (let subset = 0; subset < 2 ** present.length; subset += 1) {
    const quiet = [...silence];
    let sign = 1;
    let leaks = absent.length;
    present.forEach((links, i) => {
      if ((subset & (1 << i)) === 0) return;
      sign = -sign;
      leaks += 1;
      links.forEach((link, cause) => (quiet[cause]! *= 1 - link));
    });
    const factors = priors.map((prior, cause) => 1 - prior + prior * quiet[cause]!);
    const product = factors.reduce((p, factor) => p * factor, sign * (1 - leak) ** leaks);
    total += product;
    priors.forEach((prior, cause) => {
      // A factor of 0 belongs to a cause that is sure and silenced: then nothing is left of this term.
      if (factors[cause]! > 0) joint[cause]! += (product * prior * quiet[cause]!) / factors[cause]!;
    });
  }
  return { posteriors: joint.map((p) => clamp(p / total)), evidence: total };
}

/** Goes through every state of the causes that matter, adding up only positive numbers. */
export function byCauses({ priors, leak, present, absent }: NoisyOr): Inference {
  const silence = priors.map((_, cause) => absent.reduce((p, sign) => p * (1 - sign[cause]!), 1));
  const linked = priors.map((_, cause) => present.some((links) => links[cause]! > 0));
  const order = priors.flatMap((_, cause) => (linked[cause] ? [cause] : []));
  const joint = priors.map(() => 0);
  let total = 0;
  const on: number[] = [];
  const walk = (depth: number, weight: number, quiet: readonly number[]) => {
    if (weight === 0) return;
    const cause = order[depth];
    if (cause === undefined) {
      const seen = quiet.reduce((p, q) => p * (1 - q), weight);
      total += seen;
      for (const present of on) joint[present]! += seen;
      return;
    }
    walk(depth + 1, weight * (1 - priors[cause]!), quiet);
    on.push(cause);
    const quieter = quiet.map((q, sign) => q * (1 - present[sign]![cause]!));
    walk(depth + 1, weight * priors[cause]! * silence[cause]!, quieter);
    on.pop();
  };
  walk(
    0,
    1,
    present.map(() => 1 - leak),
  );
  // Causes that bring about no present sign: only the absent ones speak of them.
  const unlinked = priors.map((prior, cause) => 1 - prior + prior * silence[cause]!);
  const rest = unlinked.reduce((p, factor, cause) => (linked[cause] ? p : p * factor), 1);
  return {
    posteriors: priors.map((prior, cause) =>
      linked[cause] ? clamp(joint[cause]! / total) : (prior * silence[cause]!) / unlinked[cause]!,
    ),
    evidence: total * rest * (1 - leak) ** absent.length,
  };
}

const clamp = (p: number) => Math.min(1, Math.max(0, p));
