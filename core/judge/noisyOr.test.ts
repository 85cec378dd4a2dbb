import fc from 'fast-check';
import { byCauses, bySubsets, posteriors, type NoisyOr } from './noisyOr';

/** Every state of the causes, one by one. */
function enumerated({ priors, leak, present, absent }: NoisyOr) {
  const joint = priors.map(() => 0);
  let total = 0;
  for (let state = 0; state < 2 ** priors.length; state += 1) {
    const on = (cause: number) => (state & (1 << cause)) !== 0;
    let p = priors.reduce((product, prior, cause) => product * (on(cause) ? prior : 1 - prior), 1);
    const quiet = (links: readonly number[]) =>
      links.reduce((q, link, cause) => (on(cause) ? q * (1 - link) : q), 1 - leak);
    for (const links of present) p *= 1 - quiet(links);
    for (const links of absent) p *= quiet(links);
    total += p;
    priors.forEach((_, cause) => on(cause) && (joint[cause]! += p));
  }
  return { posteriors: joint.map((p) => p / total), evidence: total };
}

const probability = fc.double({ min: 0.02, max: 0.95, noNaN: true });
const network = fc.integer({ min: 1, max: 9 }).chain((causes) => {
  const link = fc.oneof(fc.constant(0), probability);
  const signs = fc.array(fc.array(link, { minLength: causes, maxLength: causes }), {
    maxLength: 7,
  });
  return fc.record({
    priors: fc.array(probability, { minLength: causes, maxLength: causes }),
    leak: fc.double({ min: 0.01, max: 0.3, noNaN: true }),
    present: signs,
    absent: signs,
  });
});

describe('noisy-OR', () => {
  // Russell & Norvig, Artificial Intelligence: A Modern Approach: inhibitions cold 0.6, flu 0.2, malaria 0.1.
  it.each([
    [[1, 0, 0], 0.4],
    [[0, 1, 0], 0.8],
    [[0, 0, 1], 0.9],
    [[1, 1, 0], 0.88],
    [[1, 0, 1], 0.94],
    [[0, 1, 1], 0.98],
    [[1, 1, 1], 0.988],
  ])('gives the published fever table: causes %j bring it about with %s', (priors, fever) => {
    const seen = { priors, leak: 0, present: [[0.4, 0.8, 0.9]], absent: [] };
    expect(bySubsets(seen).evidence).toBeCloseTo(fever, 12);
    expect(byCauses(seen).evidence).toBeCloseTo(fever, 12);
  });

  it('gives the published answer of the burglary network: P(B | John and Mary call) = 0.284', () => {
    // The alarm as a sign of burglary and earthquake; who calls depends on the alarm alone. (Same source.)
    const base = { priors: [0.001, 0.002], leak: 0.001 };
    const rings = bySubsets({ ...base, present: [[0.94, 0.29]], absent: [] });
    const silent = bySubsets({ ...base, present: [], absent: [[0.94, 0.29]] });
    const [ifRings, ifSilent] = [0.9 * 0.7 * rings.evidence, 0.05 * 0.01 * silent.evidence];
    const burglary =
      (ifRings * rings.posteriors[0]! + ifSilent * silent.posteriors[0]!) / (ifRings + ifSilent);
    expect(burglary).toBeCloseTo(0.284, 3);
  });

  it('agrees with plain enumeration', () => {
    fc.assert(
      fc.property(network, (seen) => {
        const exact = enumerated(seen);
        const told = byCauses(seen);
        expect(told.evidence).toBeCloseTo(exact.evidence, 12);
        told.posteriors.forEach((p, i) => {
          expect(Math.abs(p - exact.posteriors[i]!)).toBeLessThan(1e-9);
        });
        expect(posteriors(seen)).toEqual(told.posteriors);
      }),
    );
  });

  it('agrees with it by subsets too, for anything that is not all but impossible', () => {
    fc.assert(
      fc.property(network, (seen) => {
        const exact = enumerated(seen);
        fc.pre(exact.evidence > 1e-7);
        const told = bySubsets(seen);
        expect(told.evidence).toBeCloseTo(exact.evidence, 12);
        told.posteriors.forEach((p, i) => {
          expect(Math.abs(p - exact.posteriors[i]!)).toBeLessThan(3e-6);
        });
      }),
    );
  });

  it('stays exact with many present signs, where subsets would lose digits', () => {
    const causes = 10;
    const links = (i: number) =>
      Array.from({ length: causes }, (_, c) => ((i + c) % 3 === 0 ? 0.25 + 0.05 * c : 0));
    const seen: NoisyOr = {
      priors: Array.from({ length: causes }, () => 0.1),
      leak: 0.05,
      present: Array.from({ length: 16 }, (_, i) => links(i)),
      absent: [links(3)],
    };
    const exact = enumerated(seen).posteriors;
    posteriors(seen).forEach((p, i) => expect(Math.abs(p - exact[i]!)).toBeLessThan(1e-9));
  });

  it('leaves the priors alone when nothing was seen', () => {
    const told = posteriors({ priors: [0.1, 0.3], leak: 0.05, present: [], absent: [] });
    expect(told[0]).toBeCloseTo(0.1, 12);
    expect(told[1]).toBeCloseTo(0.3, 12);
  });
});
