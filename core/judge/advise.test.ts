import fc from 'fast-check';
import { adaptHold, holdById } from '../holds';
import { measureCheck, type Context, type Tap } from '../measure';
import { advise, type Advice, type AdviceFacts } from './advise';
import { findingsOf, type Finding } from './findings';
import type { DiagnosisNumbers } from './judgeSchema';
import { CAUSES, NUMBERS } from './knowledge';

const seen = (...signs: string[]): Finding[] =>
  signs.map((sign) => ({ sign, present: true, group: sign }));
const notSeen = (...signs: string[]): Finding[] =>
  signs.map((sign) => ({ sign, present: false, group: sign }));

const holdOf = (id: string, settings: Record<string, string> = {}) =>
  adaptHold(holdById(id), settings, { bow: 1, hand: 1 });

type Told = Extract<Advice, { kind: 'toWorkOn' }>;
const told = (advice: Advice): Told => {
  if (advice.kind !== 'toWorkOn') throw new Error(`nothing to work on: ${advice.kind}`);
  return advice;
};
const causesIn = (advice: Advice) => told(advice).ranked.map(({ cause }) => cause.id);
const named = (advice: Advice) => told(advice).points.map(({ cause }) => cause?.cause.id ?? null);
const cuesIn = (advice: Advice) => told(advice).points.map(({ cues }) => cues[0]);

/** Taps on a hold in a context, as findings. */
function tapped(holdId: string, context: Context, taps: Tap[], settings = {}) {
  const hold = holdOf(holdId, settings);
  const { measures } = measureCheck({ context, captures: [], taps }, hold);
  return findingsOf(
    measures.map((one) => ({ ...one, context })),
    {},
    hold,
  );
}
const value = (measure: Tap['measure'], number: number): Tap => ({
  measure,
  answer: { kind: 'value', value: number, sd: 0.1 },
});
const category = (measure: Tap['measure'], name: string): Tap => ({
  measure,
  answer: { kind: 'category', category: name },
});

describe('how the bow feels between the fingers', () => {
  const cues = (...signs: string[]) =>
    told(advise(seen(...signs), { hold: holdOf('violin-shallow') })).points.flatMap((p) => p.cues);

  it('widens a bow that bounces and narrows a hand that stiffens at the ends', () => {
    expect(cuesIn(advise(seen('bowBounces'), { hold: holdOf('cello') }))).toEqual([
      'widen-a-little',
    ]);
    expect(cues('handStiffensAtEnds')).toContain('narrow-a-little');
  });

  it('gives way to gaps that are out of their band', () => {
    expect(cues('bowBounces', 'fingersStretched')).not.toContain('widen-a-little');
    expect(cues('handStiffensAtEnds', 'fingersBunched')).not.toContain('narrow-a-little');
  });

  it('brings a deep index back before it parts fingers that came closer with it', () => {
    const [first] = told(
      advise(seen('indexDeep', 'fingersBunched'), { hold: holdOf('violin-shallow') }),
    ).points;
    expect(first).toMatchObject({ cause: { cause: { id: 'indexTooDeep' } } });
    expect(first!.signs).toEqual(['indexDeep', 'fingersBunched']);
  });
});

/** The named worked cases of the trade, each with what must come out of it. */
const CASES: [string, string, Finding[], (advice: Advice) => void, Partial<AdviceFacts>?][] = [
  [
    'thumb on its pad, through and straight, wrist flat, path skewed: thumb, then wrist and elbow, then path',
    'violin-shallow',
    seen('thumbOnPad', 'thumbThroughGap', 'thumbStraight', 'wristLow', 'bowSkewedOut'),
    (advice) => {
      expect(told(advice).points[0]!.cause!.cause.part).toBe('thumb');
      const after = told(advice)
        .ranked.filter(({ cause }) => cause.part !== 'thumb')
        .map(({ cause }) => cause.id);
      const path = after.indexOf('shoulderSwing');
      expect(after.indexOf('elbowDropped')).toBeLessThan(path);
      expect(after.indexOf('wristFlat')).toBeLessThan(path);
    },
  ],
  [
    'stick at the finger roots with pointing index: little finger’s tip back, then the index supports',
    'french-bass-ring',
    seen('littleRoot', 'ringDeep', 'middleDeep', 'indexPointing'),
    (advice) => {
      expect(named(advice)[0]).toBe('littleAtItsRoot');
      expect(told(advice).points[0]!.cues.slice(0, 2)).toEqual([
        'little-tip-on-the-frog',
        'index-supports-the-tip',
      ]);
    },
  ],
  [
    'middle finger at the ferrule, tip dropping, squeeze: hand forward',
    'french-bass-ring',
    seen('handTooFarBack', 'tipDrops', 'handSqueezes'),
    (advice) => {
      expect(named(advice)[0]).toBe('handTooFarBack');
      expect(cuesIn(advice)[0]).toBe('hand-forward');
    },
  ],
  [
    'straight fingers, drawn back, bent wrist: the elbow is likeliest, and is asked about, not asserted',
    'violin-shallow',
    seen('fingersStraight', 'middleDrawnBack', 'ringDrawnBack', 'wristHigh'),
    (advice) => {
      expect(causesIn(advice)[0]).toBe('elbowDropped');
      expect(named(advice)).not.toContain('elbowDropped');
      // What is said meanwhile is a cue of that very cause.
      const elbow = CAUSES.find(({ id }) => id === 'elbowDropped')!;
      expect(elbow.cues).toContain(cuesIn(advice)[0]);
    },
  ],
  [
    'straight fingers, drawn back, and the elbow seen: the elbow',
    'violin-shallow',
    seen('fingersStraight', 'middleDrawnBack', 'ringDrawnBack', 'elbowDropped'),
    (advice) => expect(named(advice)[0]).toBe('elbowDropped'),
  ],
  [
    'good at the start, tense at the end: stamina, no placement cue',
    'violin-shallow',
    seen('tensesOverTime'),
    (advice) => {
      expect(named(advice)).toEqual(['stamina']);
      expect(cuesIn(advice)).toEqual(['shorter-doses']);
    },
  ],
  [
    'wide wrist range with straight thumb and little finger, deep index: thumb and little finger, not the school',
    'violin-deep',
    seen('wristSteers', 'thumbStraight', 'littleStraight'),
    (advice) => {
      expect(causesIn(advice)).not.toContain('indexTooDeep');
      const signs = told(advice).points.flatMap((point) => point.signs);
      expect(signs).toEqual(expect.arrayContaining(['thumbStraight', 'littleStraight']));
    },
  ],
  [
    'a straight thumb, nothing else seen: what was seen; no nail is asserted',
    'violin-shallow',
    seen('thumbStraight'),
    (advice) => {
      expect(told(advice).points).toMatchObject([{ signs: ['thumbStraight'], cause: null }]);
      expect(cuesIn(advice)).toEqual(['bend-before-touching']);
    },
  ],
  [
    'cello, little finger off: over the stick, never on top',
    'cello',
    seen('littleOff'),
    (advice) => {
      expect(cuesIn(advice)).toEqual(['little-over-the-stick']);
      expect(told(advice).points[0]!.cues).not.toContain('little-tip-on-top');
    },
  ],
  [
    'wrist too high with the elbow pulled in on the up-bow: elbow out, less wrist',
    'violin-shallow',
    seen('wristHigh', 'elbowPulledIn'),
    (advice) => {
      expect(named(advice)[0]).toBe('elbowPulledIn');
      expect(cuesIn(advice)[0]).toBe('elbow-out-on-the-up-bow');
      for (const cue of told(advice).points.flatMap(({ cues }) => cues)) {
        expect(['wrist-hangs', 'wrist-on-a-thread']).not.toContain(cue);
      }
    },
  ],
  [
    'a deep index with the point swinging behind: the index',
    'violin-shallow',
    seen('indexDeep', 'bowSkewedIn'),
    (advice) => {
      expect(named(advice)[0]).toBe('indexTooDeep');
      expect(told(advice).points[0]!.signs).toEqual(['indexDeep', 'bowSkewedIn']);
    },
  ],
  [
    'German bass, thumb too far up: its own words',
    'german-bass',
    seen('thumbTooFarUp'),
    (advice) => expect(cuesIn(advice)).toEqual(['thumb-lies-on-top']),
  ],
  [
    'index close and no finger at the metal, the thumb at its place: not the whole hand',
    'cello',
    [
      ...tapped('cello', 'free', [
        category('ferruleFinger', 'none'),
        value('indexLead', 3),
        value('thumbPlace', 0),
      ]),
    ],
    (advice) => {
      expect(named(advice)).not.toContain('handTooFarBack');
      expect(named(advice)).not.toContain('handDriftsForward');
      expect(cuesIn(advice)[0]).toBe('index-ahead');
    },
  ],
  [
    'index close and no finger at the metal, the thumb behind its place: hand forward',
    'cello',
    [
      ...tapped('cello', 'free', [
        category('ferruleFinger', 'none'),
        value('indexLead', 3),
        value('thumbPlace', -14),
      ]),
    ],
    (advice) => {
      expect(causesIn(advice)).toContain('handTooFarBack');
      expect(cuesIn(advice)).toContain('hand-forward');
    },
  ],
];

describe.each(CASES)('%s', (_name, holdId, findings, check, more = {}) => {
  const hold = holdOf(holdId);

  it('is answered as a good teacher would', () =>
    check(advise(findings, { hold, context: 'playing-start', ...more })));

  it('still is when every number moves by a quarter', () => {
    const by = fc.double({ min: 0.75, max: 1.25, noNaN: true });
    const p = (one: number, factor: number) => Math.min(0.99, one * factor);
    fc.assert(
      fc.property(fc.array(by, { minLength: 10, maxLength: 10 }), (f) => {
        const [a, b, c, d] = NUMBERS.linkByRank;
        const numbers: DiagnosisNumbers = {
          ...NUMBERS,
          linkByRank: [p(a, f[0]!), p(b, f[1]!), p(c, f[2]!), p(d, f[3]!)],
          leak: p(NUMBERS.leak, f[4]!),
          prior: p(NUMBERS.prior, f[5]!),
          priorOfCommonest: p(NUMBERS.priorOfCommonest, f[6]!),
          severity: { thumb: 3 * f[7]!, little: 2 * f[8]! },
          severityOtherwise: f[9]!,
        };
        check(advise(findings, { hold, context: 'playing-start', asks: false, ...more, numbers }));
      }),
      { numRuns: 60 },
    );
  });
});

describe('what is no fault', () => {
  it.each<[string, string, Context, Tap[], Record<string, string>]>([
    ['a long little finger on the fiddle', 'fiddle', 'free', [value('littlePipFlexion', 8)], {}],
    [
      'a little finger laid over on the fiddle',
      'fiddle',
      'free',
      [category('littlePlace', 'over')],
      {},
    ],
    [
      'a bass player’s elbow hanging above the hand',
      'french-bass-ring',
      'supported',
      [category('elbowLevel', 'raised')],
      {},
    ],
    [
      'a thumb nearly straight at the very point',
      'cello',
      'point',
      [value('thumbIpFlexion', 4)],
      {},
    ],
    [
      'the nail against the frog, where that is the setting',
      'violin-shallow',
      'free',
      [category('thumbContact', 'nail')],
      { thumbnail: 'frog' },
    ],
    ['a flat index at the point', 'violin-shallow', 'point', [value('indexPipFlexion', 2)], {}],
  ])('%s', (_what, holdId, context, taps, settings) => {
    const findings = tapped(holdId, context, taps, settings);
    const advice = advise(findings, { hold: holdOf(holdId, settings), context });
    expect(['nothingSeen', 'nothingToFix']).toContain(advice.kind);
  });

  it('but a thumb that turns backward is one, at the point too', () => {
    const findings = tapped('cello', 'point', [value('thumbIpFlexion', -12)]);
    expect(findings).toContainEqual(
      expect.objectContaining({ sign: 'thumbStraight', present: true }),
    );
  });
});

describe('the wrist', () => {
  it.each<[string, Context, number, string]>([
    ['violin-shallow', 'free', 40, 'wristHigh'],
    ['violin-shallow', 'supported', -25, 'wristLow'],
    ['cello', 'free', 40, 'wristHigh'],
    ['french-bass-ring', 'supported', 40, 'wristHigh'],
    ['german-bass', 'free', -30, 'wristLow'],
    ['violin-shallow', 'playing-start', 60, 'wristHigh'],
    ['german-bass', 'playing-end', 40, 'wristHigh'],
  ])('is judged on %s in the context %s', (hold, context, deg, sign) => {
    const findings = tapped(hold, context, [value('wristFlexion', deg)]);
    expect(findings).toContainEqual(expect.objectContaining({ sign, present: true }));
  });

  it('flat at the point and high at the heel is one thing: it steers alone', () => {
    const hold = holdOf('violin-shallow');
    const at = (place: Context, deg: number) =>
      measureCheck(
        { context: place, captures: [], taps: [value('wristFlexion', deg)] },
        hold,
      ).measures.map((one) => ({ ...one, context: place }));
    const both = findingsOf([...at('heel', 60), ...at('point', -60)], {}, hold);
    expect(both).toEqual([{ sign: 'wristSteersAlone', present: true, group: 'wristSteersAlone' }]);
    expect(named(advise(both, { hold, context: 'heel' }))).toEqual(['wristSteersAlone']);
    // At one place it is what it is.
    const high = findingsOf(at('heel', 60), {}, hold);
    expect(cuesIn(advise(high, { hold, context: 'heel' }))).toEqual(['wrist-sinks']);
  });

  it('that hangs too high is never told to hang', () => {
    for (const id of ['violin-shallow', 'cello', 'french-bass-ring', 'german-bass']) {
      const { points } = told(advise(seen('wristHigh'), { hold: holdOf(id) }));
      for (const cue of points.flatMap(({ cues }) => cues)) {
        expect(['wrist-hangs', 'wrist-on-a-thread']).not.toContain(cue);
      }
    }
  });

  it('is told as locked only beside something that holds it', () => {
    const range: Tap[] = [value('wristRange', 1)];
    const alone = tapped('violin-shallow', 'playing-start', range);
    expect(alone.map(({ sign }) => sign)).not.toContain('wristLocked');
    const held = tapped('violin-shallow', 'playing-start', [
      ...range,
      value('thumbIpFlexion', -10),
    ]);
    expect(held).toContainEqual(expect.objectContaining({ sign: 'wristLocked', present: true }));
  });

  it('is neither praised nor blamed for a range while the bow is in the air', () => {
    const fine: Tap = { measure: 'wristRange', answer: { kind: 'fine' } };
    expect(tapped('violin-shallow', 'free', [fine])).toEqual([]);
    expect(tapped('violin-shallow', 'playing-start', [fine])).not.toEqual([]);
  });
});

describe('advise', () => {
  const hold = holdOf('violin-shallow');

  it('says nothing else while it hurts, and corrects nothing while it watches', () => {
    expect(advise(seen('thumbStraight'), { hold, hurts: true })).toEqual({
      kind: 'rest',
      contradictions: [],
    });
    expect(advise(seen('thumbStraight'), { hold, watches: true })).toMatchObject({
      kind: 'watched',
      signs: ['thumbStraight'],
    });
  });

  it('notes small things, and changes nothing for them', () => {
    expect(advise(seen('knucklesFlat', 'gapsUneven'), { hold })).toMatchObject({
      kind: 'minor',
      signs: ['gapsUneven', 'knucklesFlat'],
    });
  });

  it('asks of two that cannot both be, and counts neither', () => {
    const advice = advise(seen('thumbTowardIndex', 'thumbTowardLittle'), { hold });
    expect(advice).toMatchObject({
      kind: 'nothingSeen',
      contradictions: [{ signs: ['thumbTowardLittle', 'thumbTowardIndex'] }],
    });
  });

  it('makes up to four points of a letter, and the path is one of them', () => {
    const findings = seen(
      'thumbOnPad',
      'thumbStraight',
      'littleOff',
      'indexClose',
      'wristLow',
      'elbowDropped',
      'bowSkewedOut',
    );
    const letter = told(advise(findings, { hold, most: 4, asks: false }));
    expect(letter.points).toHaveLength(4);
    expect(letter.points.flatMap(({ signs }) => signs)).toContain('bowSkewedOut');
    expect(told(advise(findings, { hold, asks: false })).points).toHaveLength(2);
  });

  it('takes an answer as it takes any sign: another answer changes what is said', () => {
    const { ask } = told(advise(seen('handStiffensAtEnds'), { hold, context: 'playing-start' }));
    expect(ask).not.toBeNull();
    const after = (present: boolean) =>
      advise([...seen('handStiffensAtEnds'), { sign: ask!.sign, present, group: ask!.sign }], {
        hold,
        context: 'playing-start',
        asks: false,
      });
    expect(cuesIn(after(true))).not.toEqual(cuesIn(after(false)));
  });

  it('lets an absent sign silence the cause that it tells of', () => {
    const yes = advise([...seen('thumbStraight', 'thumbOnPad')], { hold, asks: false });
    const no = advise([...seen('thumbStraight'), ...notSeen('thumbOnPad')], { hold, asks: false });
    expect(named(yes)).toEqual(['thumbOnItsPad']);
    expect(named(no)).toEqual([null]);
  });
});
