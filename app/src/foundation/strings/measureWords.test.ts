import type { Measure, NumberMeasure } from '@open-palm/core/measure';
import { agoWords } from './dateWords';
import {
  bandWords,
  briefWords,
  choiceLabel,
  measureNote,
  notMeasuredWords,
  plainNumber,
  valueWords,
  verdictWords,
} from './measureWords';

const thumb: NumberMeasure = {
  kind: 'number',
  id: 'thumbIpFlexion',
  family: 'thumb',
  unit: 'deg',
  value: -3.7,
  sd: 4.65,
  verdict: 'low',
  band: { lo: 20, hi: 60 },
  decidable: true,
  implausible: false,
  retake: null,
};

describe('measure words', () => {
  it('tell a number with its doubt in its unit', () => {
    expect(valueWords(thumb)).toBe('−4° ± 5°');
    expect(valueWords({ ...thumb, unit: 'mm', value: 20.13, sd: 1.4 })).toBe('20 ± 1 mm');
    expect(valueWords({ ...thumb, unit: 'u', value: 1.37, sd: 0.17 })).toBe(
      'between first and second joint from the tip (1.4 ± 0.2)',
    );
  });

  it('name a drawn choice, its number beside it', () => {
    expect(choiceLabel('thumbOpposition', -1.8)).toEqual({
      label: 'toward the little finger',
      small: 'about −1.8 finger widths',
    });
    expect(choiceLabel('gapRatio23', 2)).toEqual({ label: 'much wider', small: 'about × 2.00' });
    expect(choiceLabel('thumbIpFlexion', 20)).toEqual({
      label: 'nearly straight',
      small: 'about 20°',
    });
    expect(choiceLabel('wristFlexion', 25)).toEqual({ label: 'about 25°' });
  });

  it('never tell a doubt of nothing, nor a minus before zero', () => {
    expect(valueWords({ ...thumb, value: -0.2, sd: 0.01 })).toBe('0° ± 1°');
    expect(plainNumber(-0.04, 'u')).toBe('0.0');
  });

  it('tell bands with both ends, one end, and categories', () => {
    expect(bandWords(thumb)).toBe('20 to 60°');
    expect(bandWords({ ...thumb, band: { lo: 0 } })).toBe('at least 0°');
    expect(bandWords({ ...thumb, band: { hi: 9 } })).toBe('at most 9°');
    const depth = { ...thumb, unit: 'u' as const };
    expect(bandWords({ ...depth, band: { lo: 1.1, hi: 1.9 } })).toBe(
      'between first and second joint from the tip (1.1 to 1.9)',
    );
    expect(bandWords({ ...depth, band: { hi: 1.3 } })).toBe(
      'no deeper than between first and second joint from the tip (1.3)',
    );
    expect(bandWords({ ...thumb, band: null })).toBeNull();
    expect(
      bandWords({
        kind: 'category',
        id: 'littlePlace',
        family: 'little',
        unit: 'category',
        value: 'off',
        probability: 1,
        shares: [],
        verdict: 'low',
        band: { allowed: ['top'] },
      }),
    ).toBe('on top');
  });

  it('say what is wrong in the words of the trade', () => {
    expect(verdictWords(thumb)).toBe('too straight');
    const atMetal = (value: string): Measure => ({
      kind: 'category',
      id: 'ferruleFinger',
      family: 'fingers',
      unit: 'category',
      value,
      probability: 1,
      shares: [],
      band: { allowed: ['middle'] },
      verdict: 'high',
    });
    expect(verdictWords(atMetal('ring'))).toBe('hand too far forward');
    expect(verdictWords(atMetal('none'))).toBe('no finger at the metal');
    expect(verdictWords({ ...thumb, verdict: 'in' })).toBe('good');
  });

  it('warn of joints that cannot bend so, and of pictures that cannot decide', () => {
    expect(measureNote({ measure: thumb, conflict: false })).toBeNull();
    expect(measureNote({ measure: { ...thumb, implausible: true }, conflict: false })).toMatch(
      /check its points/,
    );
    expect(
      measureNote({ measure: { ...thumb, verdict: 'unsure', decidable: false }, conflict: false }),
    ).toMatch(/cannot decide/);
  });

  it('say from where the unseen can be seen', () => {
    const outcome = {
      id: 'thumbIpFlexion',
      family: 'thumb',
      reason: 'view',
      views: ['thumb-side', 'player-eye'],
      why: 'hidden',
    } as const;
    expect(notMeasuredWords(outcome)).toBe(
      'not from this view: take it from thumb side or player’s eye (it is hidden from there)',
    );
  });
});

describe('agoWords', () => {
  const now = new Date(2026, 10, 25, 9, 0);
  it.each([
    [new Date(2026, 10, 25, 8, 0), 'today'],
    [new Date(2026, 10, 24, 23, 0), 'yesterday'],
    [new Date(2026, 10, 16), '9 days ago'],
    [new Date(2026, 9, 28), '4 weeks ago'],
    [new Date(2026, 5, 1), '6 months ago'],
  ])('tells %s as %s', (day, words) => {
    expect(agoWords(day.toISOString(), now)).toBe(words);
  });
});

it('tells a depth in few letters beside a scale, and anything else as ever', () => {
  const depth = { kind: 'number', id: 'indexDepth', unit: 'u', value: 1.42, sd: 0.001 } as Measure;
  expect(briefWords(depth)).toBe('1.4 ± 0.1 joints');
  expect(valueWords(depth)).toContain('between first and second joint');
  const bend = { kind: 'number', id: 'thumbIpFlexion', unit: 'deg', value: -3, sd: 8 } as Measure;
  expect(briefWords(bend)).toBe(valueWords(bend));
});
