import { adaptHold, bandFor, HOLD_IDS, holdById, type Hold } from '../holds';
import { MEASURE_IDS, PLACES, type MeasureId } from './measureIds';
import { specOf } from './catalogue';
import { tapQuestion } from './tapQuestions';
import { findTapIssues, tapMeasure, type TapAnswer } from './taps';

/** Every answer that a checkpoint's drawn choices can give. */
function answersTo(id: MeasureId, hold: Hold): TapAnswer[] {
  const question = tapQuestion(id, hold);
  const fromTo = (from: number, to: number, sd: number): TapAnswer[] =>
    Array.from({ length: 61 }, (_, i) => ({
      kind: 'value',
      value: from + ((to - from) * i) / 60,
      sd,
    }));
  switch (question.kind) {
    case 'values':
      return question.values.map((value) => ({ kind: 'value', value, sd: question.sd }));
    case 'categories':
      return question.categories.map((category) => ({ kind: 'category', category }));
    case 'onFinger':
      return fromTo(0, 3, question.sd);
    case 'onStick':
      return fromTo(-60, 60, question.sd);
  }
}

/** A hold with every answer to its questions that can be given, one at a time. */
const variantsOf = (hold: Hold): Hold[] => [
  hold,
  ...hold.settings.flatMap((setting) =>
    setting.options.map(({ id }) => adaptHold(hold, { [setting.id]: id }, { bow: 1, hand: 1 })),
  ),
];

describe.each([...HOLD_IDS])('the station sheet of %s', (id) => {
  it.each(MEASURE_IDS)('can answer %s: good, and out at every end that its band has', (measure) => {
    for (const hold of variantsOf(holdById(id))) {
      if ('notApplicable' in hold.checkpoints[measure]!) continue;
      for (const at of [undefined, ...PLACES]) {
        const band = bandFor(hold, measure, at);
        const verdicts = answersTo(measure, hold).map(
          (answer) => tapMeasure({ measure, answer }, hold, at).verdict,
        );
        expect(verdicts.length).toBeGreaterThan(1);
        if (!band) continue;
        expect(verdicts).toContain('in');
        if ('allowed' in band) continue;
        // A finger ends at its tip and at its knuckle: a band within an eye's doubt of an end has nothing beyond.
        const margin = 0.85 * 0.15;
        const isDepth = specOf(measure).unit === 'u';
        if (band.lo !== undefined && !(isDepth && band.lo < margin)) {
          expect(verdicts).toContain('low');
        }
        if (band.hi !== undefined && !(isDepth && band.hi > 3 - margin)) {
          expect(verdicts).toContain('high');
        }
      }
    }
  });
});

describe('findTapIssues', () => {
  const hold = holdById('german-bass');
  const issue = (measure: MeasureId, answer: TapAnswer) =>
    findTapIssues([{ measure, answer }], hold)[0]?.code;

  it('passes what can be judged', () => {
    expect(issue('littlePlace', { kind: 'category', category: 'under' })).toBeUndefined();
    expect(issue('thumbIpFlexion', { kind: 'value', value: 20, sd: 8 })).toBeUndefined();
    expect(issue('indexDepth', { kind: 'fine' })).toBeUndefined();
  });

  it('refuses a category that there is not, a number for a category, and what makes no sense', () => {
    expect(issue('littlePlace', { kind: 'category', category: 'asleep' })).toBe('unknownAnswer');
    expect(issue('indexDepth', { kind: 'category', category: 'deep' })).toBe('unknownAnswer');
    expect(issue('littlePlace', { kind: 'value', value: 3, sd: 1 })).toBe('unknownAnswer');
    expect(issue('thumbThrough', { kind: 'fine' })).toBe('notApplicable');
  });

  it('says where', () => {
    const taps = [
      { measure: 'indexDepth', answer: { kind: 'fine' } },
      { measure: 'stickRoll', answer: { kind: 'category', category: 'x' } },
    ] as const;
    expect(findTapIssues(taps, hold)[0]!.where).toBe('taps[1]');
  });
});

describe('a tapped category', () => {
  it('is nine parts sure', () => {
    const answer = { kind: 'category', category: 'pad' } as const;
    const measure = tapMeasure({ measure: 'thumbContact', answer }, holdById('cello'));
    expect(measure).toMatchObject({ value: 'pad', probability: 0.9, verdict: 'high' });
    expect(specOf('thumbContact').kind).toBe('tap');
  });
});
