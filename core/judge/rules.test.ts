import fc from 'fast-check';
import { CONTEXTS, type Context } from '../measure';
import { advise, type Advice } from './advise';
import { areOpposite, fittingCues } from './cuesOf';
import type { Finding } from './findings';
import { DRILLS, isDrillOf } from '../practice';
import { causesOf, CAUSES, CUES, EXCLUSIVE, NUMBERS, SIGNS } from './knowledge';
import { isMinor, isTold } from './points';
import { isSeenIn, signsOf } from './signsOf';
import { HOLDS_AND_SETTINGS } from './testing/holdsAndSettings';

type Hold = (typeof HOLDS_AND_SETTINGS)[number][1];

const seen = (...signs: string[]): Finding[] =>
  signs.map((sign) => ({ sign, present: true, group: sign }));

const pointsIn = (advice: Advice) => (advice.kind === 'toWorkOn' ? advice.points : []);

/** The rules that advice breaks, whatever was seen; none of them. */
function broken(
  hold: Hold,
  findings: readonly Finding[],
  advice: Advice,
  context: Context = 'free',
): string[] {
  const present = findings.filter((f) => f.present).map(({ sign }) => sign);
  const points = pointsIn(advice);
  const found: string[] = [];
  const must = (isKept: boolean, rule: string) => {
    if (!isKept) found.push(`${rule}: ${present.join()}`);
  };
  // What contradicts itself is asked about.
  const counted = present.filter(
    (sign) => !advice.contradictions.some(({ signs }) => signs.includes(sign)),
  );
  if (counted.some((sign) => !isMinor(sign))) must(points.length > 0, '1 never silent');
  else if (counted.length > 0) must(advice.kind === 'minor', '1 never fussy');
  for (const { cause, cues, signs, drills, perhaps, or } of points) {
    must(cues.length > 0, '1 something to say');
    for (const named of [cause, or]) {
      if (!named) continue;
      must(isTold(named, present), `2 seen before said (${named.cause.id})`);
      must(named.posterior >= NUMBERS.namedFrom, '1 likely enough');
    }
    must(signs.length > 0 && signs.every((sign) => present.includes(sign)), '9 what was seen');
    if (cause) must(perhaps === cause.posterior < NUMBERS.surelyFrom, '9 perhaps');
    must(fittingCues(cues, hold, context).length === cues.length, '5 words that fit');
    for (const drill of drills) must(isListed(drill, hold), `6 drills (${drill})`);
  }
  points.forEach((one, i) =>
    points.slice(i + 1).forEach((other) => {
      must(!areOpposite(one.cues[0]!, other.cues[0]!), '4 no opposite cues');
      const both = [one.cause?.cause.id, other.cause?.cause.id];
      must(
        !EXCLUSIVE.some((group) => both.every((id) => id && group.includes(id))),
        '4 no opposite causes',
      );
    }),
  );
  if (advice.kind !== 'toWorkOn') return found;
  if (advice.ask) {
    const { sign, gain } = advice.ask;
    must(gain >= NUMBERS.leastGain, '3 worth asking');
    must(!findings.some((finding) => finding.sign === sign), '3 not what was seen');
    must(
      signsOf(hold).some(({ id }) => id === sign),
      '3 what the hold can show',
    );
  }
  for (const sign of advice.holds) {
    must(
      findings.some((finding) => finding.sign === sign && !finding.present),
      '7 praise only what was seen',
    );
  }
  return found;
}

const isListed = (drill: string, hold: Hold): boolean =>
  isDrillOf(
    DRILLS.find(({ id }) => id === drill)!,
    hold,
  );

describe.each(HOLDS_AND_SETTINGS)('%s', (_name, hold) => {
  const ids = signsOf(hold).map(({ id }) => id);

  it('answers every single sign', () => {
    expect(ids.flatMap((id) => broken(hold, seen(id), advise(seen(id), { hold })))).toEqual([]);
  });

  it('every cue that it may be told fits it, and every cause has three, of different kinds', () => {
    for (const { id, cues, signs } of causesOf(hold)) {
      // One that the hold can show no first sign of is never named on it.
      if (!signs.some(({ sign, rank }) => rank === 1 && ids.includes(sign))) continue;
      for (const context of ['free', 'heel', 'point'] as const) {
        const fitting = fittingCues(cues, hold, context);
        const kinds = new Set(fitting.map((cue) => CUES.find((one) => one.id === cue)!.kind));
        expect([id, context, fitting.length >= 3, kinds.size >= 2]).toEqual([
          id,
          context,
          true,
          true,
        ]);
      }
    }
    for (const { id, cues } of signsOf(hold)) {
      expect([id, fittingCues(cues, hold).length > 0]).toEqual([id, true]);
    }
  });
});

describe.each(HOLDS_AND_SETTINGS.filter(([name]) => !name.includes(',')))('%s', (_name, hold) => {
  const ids = signsOf(hold).map(({ id }) => id);

  it('says nothing that is opposite of any two signs', () => {
    const found = ids.flatMap((one, i) =>
      ids.slice(i + 1).flatMap((other) => {
        const findings = seen(one, other);
        return broken(hold, findings, advise(findings, { hold, asks: false }));
      }),
    );
    expect(found).toEqual([]);
  });

  it('keeps the rules, and says the same in any order, for any six signs', () => {
    const finding = fc.record({ sign: fc.constantFrom(...ids), present: fc.boolean() });
    const sets = fc.uniqueArray(finding, {
      selector: ({ sign }) => sign,
      minLength: 1,
      maxLength: 6,
    });
    fc.assert(
      fc.property(sets, fc.constantFrom(...CONTEXTS), fc.nat(3), (set, context, nth) => {
        const findings = set.map((one) => ({ ...one, group: one.sign }));
        // A question is worked out for every fourth: it takes longest.
        const facts = { hold, context, asks: nth === 0 };
        const advice = advise(findings, facts);
        expect(broken(hold, findings, advice, context)).toEqual([]);
        expect(advise([...findings].reverse(), facts)).toEqual(advice);
        // 1, 3: pain, and only watching.
        expect(advise(findings, { hold, hurts: true }).kind).toBe('rest');
        expect(pointsIn(advise(findings, { hold, watches: true }))).toEqual([]);
        if (advice.kind === 'toWorkOn' && advice.ask) {
          const sign = SIGNS.find(({ id }) => id === advice.ask!.sign)!;
          expect(isSeenIn(sign, context)).toBe(true);
          const again = advise(findings, { ...facts, answered: [advice.ask.sign] });
          expect(again.kind === 'toWorkOn' && again.ask?.sign).not.toBe(advice.ask.sign);
        }
      }),
      { numRuns: 230 },
    );
  });
});

describe('the data', () => {
  it('says in no cue of a cause what would move one of its own first signs further off', () => {
    for (const { id, cues, signs } of CAUSES) {
      for (const { sign, rank } of signs) {
        const from = SIGNS.find((one) => one.id === sign)!.from;
        if (rank > 1 || !('verdict' in from)) continue;
        const wrong = from.verdict === 'low' ? 'down' : 'up';
        const opposite = signs.some(({ sign: other }) => {
          const its = SIGNS.find((one) => one.id === other)!.from;
          return 'verdict' in its && its.measure === from.measure && its.verdict !== from.verdict;
        });
        for (const cue of cues) {
          const way = CUES.find((one) => one.id === cue)!.moves?.[from.measure];
          if (!opposite) expect([id, cue, way]).not.toEqual([id, cue, wrong]);
        }
      }
    }
  });

  it('corrects no sign by what would make it worse', () => {
    for (const { id, from, cues } of SIGNS) {
      if (!('verdict' in from)) continue;
      const wrong = from.verdict === 'low' ? 'down' : 'up';
      for (const cue of cues) {
        expect([id, CUES.find((one) => one.id === cue)!.moves?.[from.measure]]).not.toEqual([
          id,
          wrong,
        ]);
      }
    }
  });

  it('begins with the string for a hand that squeezes, on every hold', () => {
    for (const [, hold] of HOLDS_AND_SETTINGS) {
      expect(pointsIn(advise(seen('handSqueezes'), { hold, asks: false }))[0]!.cues[0]).toBe(
        'string-carries',
      );
    }
  });
});
