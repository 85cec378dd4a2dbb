import { measureCheck, type Context, type Tap } from '../measure';
import { advise } from './advise';
import { findingsOf } from './findings';
import {
  seen,
  notSeen,
  holdOf,
  told,
  named,
  cuesIn,
  tapped,
  value,
  category,
} from './testing/adviceTools';

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
