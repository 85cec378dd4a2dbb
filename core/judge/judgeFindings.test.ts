import fc from 'fast-check';
import { holdById, HOLD_IDS } from '../holds';
import type { Finding } from './findings';
import { judgeFindings } from './judgeFindings';
import type { AgeBand, JudgeNumbers } from './judgeSchema';
import { NUMBERS } from './knowledge';
import { worksOn } from './worksOn';

const seen = (...signs: string[]): Finding[] =>
  signs.map((sign) => ({ sign, present: true, group: sign }));
const notSeen = (...signs: string[]): Finding[] =>
  signs.map((sign) => ({ sign, present: false, group: sign }));

function ranked(holdId: string, findings: Finding[], numbers?: JudgeNumbers) {
  const judgement = judgeFindings(findings, holdById(holdId), {}, numbers);
  return judgement.kind === 'toWorkOn' ? judgement.ranked : [];
}
type Ranked = ReturnType<typeof ranked>;

/** The named worked cases of the trade, each with what must come out of it. */
const CASES: [string, string, string[], (order: Ranked) => void][] = [
  [
    'thumb on its pad, through and straight, wrist flat, path skewed: thumb, then wrist and elbow, then path',
    'violin-shallow',
    ['thumbOnPad', 'thumbThroughGap', 'thumbStraight', 'wristLow', 'bowSkewedOut'],
    (order) => {
      expect(order[0]!.cause.part).toBe('thumb');
      const after = order
        .filter(({ cause }) => cause.part !== 'thumb')
        .map(({ cause }) => cause.id);
      const path = after.indexOf('shoulderSwing');
      expect(after.indexOf('elbowDropped')).toBeLessThan(path);
      expect(after.indexOf('wristFlat')).toBeLessThan(path);
    },
  ],
  [
    'stick at the finger roots with pointing index: little finger’s tip back, then the index supports',
    'french-bass-ring',
    ['littleRoot', 'ringDeep', 'middleDeep', 'indexPointing'],
    (order) => {
      expect(order[0]!.cause.id).toBe('littleAtItsRoot');
      expect(order[0]!.cause.cues).toEqual(['little-tip-on-the-frog', 'index-supports-the-tip']);
    },
  ],
  [
    'middle finger at the ferrule, tip dropping, squeeze: hand forward',
    'french-bass-ring',
    ['handTooFarBack', 'tipDrops', 'handSqueezes'],
    (order) => {
      expect(order[0]!.cause.id).toBe('handTooFarBack');
      expect(order[0]!.cause.cues[0]).toBe('hand-forward');
    },
  ],
  [
    'straight fingers, drawn back, bent wrist: elbow',
    'violin-shallow',
    ['fingersStraight', 'middleDrawnBack', 'ringDrawnBack', 'wristHigh'],
    (order) => expect(order[0]!.cause.id).toBe('elbowDropped'),
  ],
  [
    'good at the start, tense at the end: stamina, no placement cue',
    'violin-shallow',
    ['tensesOverTime'],
    (order) => {
      expect(order.map(({ cause }) => cause.id)).toEqual(['stamina']);
      expect(order[0]!.cause.cues).toEqual(['shorter-doses']);
    },
  ],
  [
    'wide wrist range with straight thumb and little finger, deep index: thumb and little finger, not the school',
    'violin-deep',
    ['wristSteers', 'thumbStraight', 'littleStraight'],
    (order) => {
      expect(new Set(worksOn(order).map(({ cause }) => cause.part))).toEqual(
        new Set(['thumb', 'little']),
      );
      expect(order.map(({ cause }) => cause.id)).not.toContain('indexTooDeep');
    },
  ],
];

describe.each(CASES)('%s', (_name, holdId, signs, check) => {
  it('ranks as the trade says', () => check(ranked(holdId, seen(...signs))));

  it('still does when every number moves by a quarter', () => {
    const by = fc.double({ min: 0.75, max: 1.25, noNaN: true });
    const p = (value: number, factor: number) => Math.min(0.99, value * factor);
    fc.assert(
      fc.property(fc.array(by, { minLength: 10, maxLength: 10 }), (f) => {
        const [a, b, c, d] = NUMBERS.linkByRank;
        check(
          ranked(holdId, seen(...signs), {
            ...NUMBERS,
            linkByRank: [p(a, f[0]!), p(b, f[1]!), p(c, f[2]!), p(d, f[3]!)],
            leak: p(NUMBERS.leak, f[4]!),
            prior: p(NUMBERS.prior, f[5]!),
            priorOfCommonest: p(NUMBERS.priorOfCommonest, f[6]!),
            severity: { thumb: 3 * f[7]!, little: 2 * f[8]! },
            severityOtherwise: f[9]!,
          }),
        );
      }),
      { numRuns: 60 },
    );
  });
});

describe('judgeFindings', () => {
  const hold = holdById('violin-shallow');

  it('says what a cause explains, and what it does not', () => {
    const [first] = ranked('violin-shallow', seen('thumbStraight', 'indexDeep'));
    expect(first!.explains).toEqual(['thumbStraight']);
    expect(first!.leaves).toEqual(['indexDeep']);
  });

  it('names a second thing only for what the first leaves unexplained', () => {
    const two = worksOn(ranked('violin-shallow', seen('thumbStraight', 'indexDeep')));
    expect(two.map(({ cause }) => cause.id)).toEqual(['thumbOnItsPad', 'indexTooDeep']);
    expect(worksOn(ranked('violin-shallow', seen('thumbStraight')))).toHaveLength(1);
    // A deep middle finger alone is a weak sign of anything.
    const weak = [...seen('indexDeep', 'middleDeep'), ...notSeen('ringDeep')];
    expect(worksOn(ranked('violin-shallow', weak))).toHaveLength(1);
    expect(worksOn([])).toEqual([]);
  });

  it('finds nothing to fix where everything seen holds, and says so when nothing was seen', () => {
    expect(judgeFindings(notSeen('thumbStraight', 'littleOff'), hold)).toEqual({
      kind: 'nothingToFix',
      holds: ['thumbStraight', 'littleOff'],
    });
    expect(judgeFindings([], hold)).toEqual({ kind: 'nothingSeen' });
  });

  it('lets a sign that is absent speak against its causes', () => {
    const of = (...more: Finding[]) =>
      ranked('violin-shallow', [...seen('thumbStraight'), ...more]).find(
        ({ cause }) => cause.id === 'thumbOnItsPad',
      )!.posterior;
    expect(of(...notSeen('thumbOnPad'))).toBeLessThan(of());
  });

  it('counts signs that rest on one mark once', () => {
    const together = ['thumbTowardIndex', 'thumbTooFarUp'].map((sign) => ({
      sign,
      present: true,
      group: 'thumb-tip in picture 0',
    }));
    const slid = (findings: Finding[]) =>
      ranked('violin-shallow', findings).find(({ cause }) => cause.id === 'thumbSlid')!.posterior;
    expect(slid(together)).toBeLessThanOrEqual(slid(seen('thumbTowardIndex')));
    expect(slid(seen('thumbTowardIndex', 'thumbTooFarUp'))).toBeGreaterThan(slid(together));
  });

  it('tells a tie as one', () => {
    const judgement = judgeFindings(seen('knucklesFlat', 'stickFallenBack'), hold);
    expect(judgement).toMatchObject({ kind: 'toWorkOn', tie: true });
    const clear = judgeFindings(seen('thumbStraight', 'indexDeep'), hold);
    expect(clear).toMatchObject({ tie: false });
  });

  it('moves with this student’s history, and a long one outweighs the prior', () => {
    const posterior = (confirmed: number, checks: number) => {
      const judgement = judgeFindings(seen('thumbStraight'), hold, {
        history: { longNails: { confirmed, checks } },
      });
      if (judgement.kind !== 'toWorkOn') return NaN;
      return judgement.ranked.find(({ cause }) => cause.id === 'longNails')!.posterior;
    };
    expect(posterior(8, 10)).toBeGreaterThan(posterior(0, 0));
    expect(posterior(0, 30)).toBeLessThan(posterior(0, 0));
  });

  it('moves with the age at which a cause is commoner', () => {
    const posterior = (age: AgeBand | null) => {
      const judgement = judgeFindings(seen('thumbStraight'), hold, { age });
      if (judgement.kind !== 'toWorkOn') return NaN;
      return judgement.ranked.find(({ cause }) => cause.id === 'longNails')!.posterior;
    };
    expect(posterior('adult')).toBeGreaterThan(posterior(null));
    expect(posterior('child')).toBeLessThan(posterior('adult'));
  });

  it.each(HOLD_IDS)('gives the same answer every time for %s', (id) => {
    const findings = seen('thumbStraight', 'indexDeep', 'wristLow', 'elbowRaised');
    const once = judgeFindings(findings, holdById(id));
    expect(judgeFindings(findings, holdById(id))).toEqual(once);
  });
});

describe('points of a letter', () => {
  it('are up to four, each the best answer to what is left, none said twice', () => {
    const findings = seen('thumbStraight', 'indexDeep', 'wristLow', 'elbowRaised', 'knucklesFlat');
    const points = worksOn(ranked('violin-shallow', findings), 4);
    expect(points).toHaveLength(4);
    const first = points[0]!.explains;
    for (const [i, { explains }] of points.entries()) {
      const before = points.slice(0, i).flatMap((point) => point.explains);
      expect(explains.some((sign) => !before.includes(sign))).toBe(true);
    }
    expect(worksOn(ranked('violin-shallow', findings))[0]!.explains).toEqual(first);
  });
});
