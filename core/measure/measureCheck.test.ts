import { holdById } from '../holds';
import { levelCapture, withPoint } from './testing/levelCapture';
import { UNKNOWN_HAND, type RelaxedHand } from '../hand';
import { measureCapture } from './measureCapture';
import { measureCheck, type Look, type PlacedCapture } from './measureCheck';
import type { MeasureId } from './measureIds';
import type { MergedMeasure, NumberMeasure } from './measures';

const hold = holdById('violin-shallow');
const NOTHING: Look = { context: 'free', captures: [], taps: [] };

const merged = (look: Partial<Look>) => measureCheck({ ...NOTHING, ...look }, hold);
const find = (look: Partial<Look>, id: MeasureId, place: string | null = null) =>
  merged(look).measures.find((m) => m.measure.id === id && m.place === place)!;
const numberIn = (m: MergedMeasure) => m.measure as NumberMeasure;

/** The same hand from the player's eye: the finger side turned upside down keeps its hair to the left of the tip. */
const fromEye = (capture: PlacedCapture): PlacedCapture => ({
  ...capture,
  view: 'player-eye',
  points: Object.fromEntries(
    Object.entries(capture.points).map(([name, p]) => [name, { ...p, y: 600 - p.y }]),
  ),
});

/** A profile with the wrist bent by this much, right hand: forearm left, level; flexion turns clockwise. */
function profile(flexionDeg: number, place: PlacedCapture['place']): PlacedCapture {
  const turn = (flexionDeg * Math.PI) / 180;
  const mark = (x: number, y: number) => ({ x, y, sigma: 2 });
  return {
    ...levelCapture(),
    view: 'profile',
    place,
    points: {
      forearm: mark(100, 300),
      wrist: mark(400, 300),
      middleMcp: mark(400 + 150 * Math.cos(turn), 300 + 150 * Math.sin(turn)),
    },
  };
}

describe('several pictures in one check', () => {
  const side = levelCapture();

  it('take the view that shows a measure best', () => {
    const eye = fromEye(levelCapture({ index: { xMm: 26, u: 1.6 } }));
    const depth = find({ captures: [eye, side] }, 'indexDepth');
    expect(numberIn(depth).value).toBeCloseTo(1.5, 9);
    expect(depth.sources.map(({ capture }) => capture)).toEqual([1, 0]);
    expect(depth.conflict).toBe(false);
  });

  it('weigh two equally good ones by their doubts: 1.5 ± a and 1.9 ± b', () => {
    const other = levelCapture({ index: { xMm: 26, u: 1.9 } });
    const [a, b] = [side, other].map((capture) =>
      numberIn(find({ captures: [capture] }, 'indexDepth')),
    ) as [NumberMeasure, NumberMeasure];
    const both = numberIn(find({ captures: [side, other] }, 'indexDepth'));
    const weights = [1 / a.sd ** 2, 1 / b.sd ** 2] as const;
    const mean = (a.value * weights[0] + b.value * weights[1]) / (weights[0] + weights[1]);
    expect(both.value).toBeCloseTo(mean, 12);
    expect(both.sd).toBeCloseTo(1 / Math.sqrt(weights[0] + weights[1]), 12);
  });

  it('report what differs by more than the doubts, and are then unsure', () => {
    const far = levelCapture({ index: { xMm: 26, u: 2.6 } });
    const depth = find({ captures: [side, far] }, 'indexDepth');
    expect(depth).toMatchObject({ conflict: true, measure: { verdict: 'unsure' } });
    expect(find({ captures: [side, far] }, 'middleDepth').conflict).toBe(false);
  });

  it('contradict each other across views as well', () => {
    const eye = fromEye(levelCapture({ index: { xMm: 26, u: 2.6 } }));
    expect(find({ captures: [side, eye] }, 'indexDepth')).toMatchObject({ conflict: true });
  });

  it('multiply the probabilities of a category', () => {
    const place = find({ captures: [side, side] }, 'littlePlace');
    expect(place.measure).toMatchObject({ value: 'top', verdict: 'in' });
    const off = withPoint(side, 'littleTip', { x: 346, y: 200 });
    expect(find({ captures: [side, off] }, 'littlePlace')).toMatchObject({
      conflict: true,
      measure: { verdict: 'unsure' },
    });
  });

  it('say of what none of them shows where it can be seen', () => {
    const { notMeasured } = merged({ captures: [side] });
    const why = (id: MeasureId) => notMeasured.find((outcome) => outcome.id === id);
    expect(why('thumbIpFlexion')).toMatchObject({ reason: 'view', views: ['thumb-side'] });
    expect(why('thumbFacet')).toMatchObject({ reason: 'tapOnly' });
    expect(why('gapRatio12')).toMatchObject({ reason: 'needsRelaxedHand' });
    expect(why('wristRange')).toMatchObject({ reason: 'needsHeelAndPoint' });
  });

  it('compare a gap with the hand at rest only where that hand has a gap', () => {
    const relaxed = (middleX: number) => {
      const finger = (x: number) =>
        [0, 1, 1.5, 1.9].map((y) => ({ x, y })) as never as RelaxedHand['fingers']['index'];
      const fingers = {
        index: finger(0.6),
        middle: finger(middleX),
        ring: finger(-0.5),
        little: finger(-1),
      };
      const hand = { ...UNKNOWN_HAND, relaxed: { fingers, shown: {} } };
      return measureCheck({ ...NOTHING, captures: [side] }, hold, hand);
    };
    const ratio = relaxed(0).measures.find(({ measure }) => measure.id === 'gapRatio12')!;
    expect(Number.isFinite(numberIn(ratio).value) && numberIn(ratio).sd > 0).toBe(true);
    for (const middleX of [0.6 - 1e-9, 0.7]) {
      const { notMeasured } = relaxed(middleX);
      expect(notMeasured).toContainEqual(
        expect.objectContaining({ id: 'gapRatio12', reason: 'needsRelaxedHand' }),
      );
    }
  });
});

describe('the wrist along the bow', () => {
  const along = { captures: [profile(20, 'heel'), profile(2, 'middle'), profile(-12, 'point')] };

  it('is told at each place, by the band of that place', () => {
    expect(find(along, 'wristFlexion', 'heel').measure).toMatchObject({
      verdict: 'in',
      band: { lo: 0, hi: 35 },
    });
    expect(numberIn(find(along, 'wristFlexion', 'point')).value).toBeCloseTo(-12, 6);
  });

  it('has a range from heel to point, with both doubts', () => {
    const range = numberIn(find(along, 'wristRange'));
    expect(range.value).toBeCloseTo(32, 6);
    const ends = (['heel', 'point'] as const).map(
      (place) => numberIn(find(along, 'wristFlexion', place)).sd,
    );
    expect(range.sd).toBeCloseTo(Math.hypot(...ends), 9);
    expect(range.band).toEqual({ lo: 8, hi: 35 });
  });

  it('has none from the heel alone', () => {
    const { notMeasured } = merged({ captures: [profile(20, 'heel')] });
    expect(notMeasured).toContainEqual({
      id: 'wristRange',
      family: 'wrist',
      reason: 'needsHeelAndPoint',
    });
  });
});

describe('answers by tap', () => {
  it('judge like a number with a wide doubt', () => {
    const bent = (value: number) =>
      find(
        { taps: [{ measure: 'thumbIpFlexion', answer: { kind: 'value', value, sd: 8 } }] },
        'thumbIpFlexion',
      ).measure;
    expect(bent(40)).toMatchObject({ value: 40, sd: 8, verdict: 'in' });
    expect(bent(0)).toMatchObject({ verdict: 'low' });
    expect(bent(20)).toMatchObject({ verdict: 'unsure' });
  });

  it('are good where a band says so, and without a verdict where none does', () => {
    const fine = (measure: MeasureId) =>
      find({ taps: [{ measure, answer: { kind: 'fine' } }] }, measure).measure;
    expect(fine('indexDepth')).toMatchObject({ kind: 'looked', verdict: 'in' });
    expect(fine('gapEvenness')).toMatchObject({ kind: 'looked', verdict: 'none' });
  });

  it('count beside a picture by their doubt', () => {
    const answer = { kind: 'value', value: 1.7, sd: 0.15 } as const;
    const depth = find(
      { captures: [levelCapture()], taps: [{ measure: 'indexDepth', answer }] },
      'indexDepth',
    );
    expect(numberIn(depth).value).toBeGreaterThan(1.55);
    expect(numberIn(depth).value).toBeLessThan(1.68);
  });

  it('contradict a picture that says otherwise', () => {
    const sunk = levelCapture({ index: { xMm: 26, u: 2.6 } });
    const taps = [{ measure: 'indexDepth', answer: { kind: 'fine' } }] as const;
    expect(find({ captures: [sunk], taps }, 'indexDepth')).toMatchObject({
      conflict: true,
      measure: { verdict: 'unsure' },
    });
  });
});

describe('a thumb that shows below the stick', () => {
  const below = (scale: number): PlacedCapture => {
    return withPoint(levelCapture(), 'thumbTip', { x: 400, y: 300 + scale });
  };
  const [hidden, shows] = [below(0), below(40)];
  const verdictOf = (look: Partial<Look>) => find(look, 'thumbThrough');

  it('is through or behind it: a flat picture leaves that open, and so do two of them', () => {
    expect(numberIn(verdictOf({ captures: [hidden] })).verdict).toBe('in');
    for (const captures of [[shows], [shows, below(38)]]) {
      const { measure } = verdictOf({ captures });
      expect(numberIn({ measure } as MergedMeasure).value).toBeGreaterThan(4);
      expect(measure).toMatchObject({ verdict: 'unsure', decidable: false });
    }
  });

  it.each([
    ['behind it', -4, 'in'],
    ['through it', 8, 'high'],
  ] as const)(
    'is %s where somebody looked, and the picture is no contradiction',
    (_, value, is) => {
      const tap = { measure: 'thumbThrough', answer: { kind: 'value', value, sd: 2 } } as const;
      const seen = verdictOf({ captures: [shows], taps: [tap] });
      expect(seen).toMatchObject({ conflict: false, measure: { value, verdict: is } });
      expect(seen.sources.map(({ capture }) => capture)).toEqual([null, 0]);
    },
  );
});

describe('a hand fitted to several pictures of a check', () => {
  const side = levelCapture();
  const eye = fromEye(levelCapture());
  const withFit = (value: number, sd: number, look: Partial<Look> = {}) =>
    measureCheck(
      { ...NOTHING, captures: [side, eye], ...look },
      hold,
      UNKNOWN_HAND,
      measureCapture,
      [
        {
          captures: [0, 1],
          place: null,
          measures: [
            { id: 'indexDepth', value, sd },
            { id: 'thumbIpFlexion', value: 41, sd: 4 },
          ],
        },
      ],
    ).measures;
  const of = (measures: readonly MergedMeasure[], id: MeasureId) =>
    measures.find(({ measure }) => measure.id === id)!;

  it('tells what no picture tells flat, judged by the band', () => {
    const bend = of(withFit(1.5, 0.05), 'thumbIpFlexion');
    expect(bend.measure).toMatchObject({ value: 41, sd: 4, verdict: 'in' });
    expect(bend.sources).toEqual([{ capture: null, fitted: [0, 1], measure: bend.measure }]);
  });

  it('is used where its doubt is smaller, the flat value being kept', () => {
    const sharper = of(withFit(1.6, 0.05), 'indexDepth');
    expect(numberIn(sharper)).toMatchObject({ value: 1.6, sd: 0.05 });
    expect(sharper.sources.map(({ capture, fitted }) => fitted ?? capture)).toEqual([[0, 1], 0, 1]);
    const duller = of(withFit(1.6, 0.6), 'indexDepth');
    expect(numberIn(duller).value).toBeCloseTo(1.5, 9);
    expect(duller.sources.map(({ capture, fitted }) => fitted ?? capture)).toEqual([0, 1, [0, 1]]);
  });

  it('corrects a flat value without contradicting it, but not what a person saw', () => {
    expect(of(withFit(2.6, 0.05), 'indexDepth').conflict).toBe(false);
    const tap = { measure: 'indexDepth', answer: { kind: 'value', value: 1.5, sd: 0.1 } } as const;
    const against = of(withFit(2.6, 0.05, { taps: [tap] }), 'indexDepth');
    expect(against).toMatchObject({ conflict: true, measure: { verdict: 'unsure' } });
  });

  it('says nothing of what makes no sense for the hold', () => {
    const german = holdById('german-bass');
    const told = measureCheck(
      { ...NOTHING, captures: [side] },
      german,
      UNKNOWN_HAND,
      measureCapture,
      [{ captures: [0], place: null, measures: [{ id: 'handLean', value: 20, sd: 3 }] }],
    );
    const checkpoint = german.checkpoints.handLean;
    const isApplicable = !(checkpoint && 'notApplicable' in checkpoint);
    expect(told.measures.some(({ measure }) => measure.id === 'handLean')).toBe(isApplicable);
  });
});
