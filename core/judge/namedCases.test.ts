import fc from 'fast-check';
import { advise, type Advice, type AdviceFacts } from './advise';
import { type Finding } from './findings';
import type { DiagnosisNumbers } from './judgeSchema';
import { CAUSES, NUMBERS } from './knowledge';
import {
  seen,
  holdOf,
  told,
  causesIn,
  named,
  cuesIn,
  tapped,
  value,
  category,
} from './testing/adviceTools';

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
