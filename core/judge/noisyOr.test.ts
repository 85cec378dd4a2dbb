import fc from 'fast-check';
import { infer, posteriors, type NoisyOr } from './noisyOr';
import { subsetSum } from './subsetSum';

/** Every state of the causes, one by one; what excludes each other is never there together. */
function enumerated(
  { priors, exclusive = [], leak, present, absent }: NoisyOr,
  isCounted: (on: (cause: number) => boolean) => boolean = () => true,
) {
  const joint = priors.map(() => 0);
  let total = 0;
  const groupOf = (cause: number) => exclusive.find((group) => group.includes(cause));
  for (let state = 0; state < 2 ** priors.length; state += 1) {
    const on = (cause: number) => (state & (1 << cause)) !== 0;
    if (exclusive.some((group) => group.filter(on).length > 1) || !isCounted(on)) continue;
    let p = 1;
    priors.forEach((prior, cause) => {
      if (!groupOf(cause)) p *= on(cause) ? prior : 1 - prior;
    });
    for (const group of exclusive) {
      const there = group.find(on);
      p *= there === undefined ? 1 - group.reduce((sum, c) => sum + priors[c]!, 0) : priors[there]!;
    }
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
const link = fc.oneof(fc.constant(0), probability);
const linksOf = (causes: number) => fc.array(link, { minLength: causes, maxLength: causes });

/** Causes of which the first few exclude each other, in one group, in two, or not at all. */
const network = fc.integer({ min: 4, max: 9 }).chain((causes) => {
  const signs = fc.array(linksOf(causes), { maxLength: 7 });
  return fc.record({
    priors: fc.array(fc.double({ min: 0.02, max: 0.3, noNaN: true }), {
      minLength: causes,
      maxLength: causes,
    }),
    exclusive: fc.constantFrom(
      [],
      [[0, 1]],
      [[0, 1, 2]],
      [
        [0, 1],
        [2, 3],
      ],
    ),
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
    expect(infer(seen).evidence).toBeCloseTo(fever, 12);
    expect(subsetSum(seen).asSeen().evidence).toBeCloseTo(fever, 12);
  });

  it('gives the published answer of the burglary network: P(B | John and Mary call) = 0.284', () => {
    // The alarm as a sign of burglary and earthquake; who calls depends on the alarm alone. (Same source.)
    const base = { priors: [0.001, 0.002], leak: 0.001 };
    const rings = infer({ ...base, present: [[0.94, 0.29]], absent: [] });
    const silent = infer({ ...base, present: [], absent: [[0.94, 0.29]] });
    const [ifRings, ifSilent] = [0.9 * 0.7 * rings.evidence, 0.05 * 0.01 * silent.evidence];
    const burglary =
      (ifRings * rings.posteriors[0]! + ifSilent * silent.posteriors[0]!) / (ifRings + ifSilent);
    expect(burglary).toBeCloseTo(0.284, 3);
  });

  it('agrees with plain enumeration', () => {
    fc.assert(
      fc.property(network, (seen) => {
        const exact = enumerated(seen);
        const told = infer(seen);
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
        const told = subsetSum(seen).asSeen();
        expect(told.evidence).toBeCloseTo(exact.evidence, 12);
        told.posteriors.forEach((p, i) => {
          expect(Math.abs(p - exact.posteriors[i]!)).toBeLessThan(3e-6);
        });
      }),
    );
  });

  it('tells what one more sign would say, and how likely none of some causes is there', () => {
    fc.assert(
      fc.property(
        network.chain((seen) =>
          fc.tuple(
            fc.constant(seen),
            linksOf(seen.priors.length),
            fc.subarray([0, 1, 2, 3], { minLength: 1 }),
          ),
        ),
        ([seen, links, some]) => {
          const sum = subsetSum(seen);
          const absent = enumerated({ ...seen, absent: [...seen.absent, links] });
          const present = enumerated({ ...seen, present: [...seen.present, links] });
          fc.pre(present.evidence > 1e-7 && absent.evidence > 1e-7);
          for (const [told, exact] of [
            [sum.ifAbsent(links), absent],
            [sum.ifPresent(links), present],
          ] as const) {
            expect(told.evidence).toBeCloseTo(exact.evidence, 12);
            told.posteriors.forEach((p, i) => {
              expect(Math.abs(p - exact.posteriors[i]!)).toBeLessThan(3e-6);
            });
          }
          const none = (on: (cause: number) => boolean) => !some.some(on);
          expect(sum.evidenceWithout(new Set(some))).toBeCloseTo(
            enumerated(seen, none).evidence,
            12,
          );
          expect(sum.evidenceWithout(new Set(some), links)).toBeCloseTo(
            enumerated({ ...seen, absent: [...seen.absent, links] }, none).evidence,
            12,
          );
        },
      ),
    );
  });

  it('makes room where a group’s priors add up to more than there is', () => {
    const seen = { priors: [0.8, 0.7], exclusive: [[0, 1]], leak: 0.05, present: [], absent: [] };
    const [a, b] = posteriors(seen) as [number, number];
    expect(a + b).toBeCloseTo(0.95, 12);
    expect(a / b).toBeCloseTo(8 / 7, 12);
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
