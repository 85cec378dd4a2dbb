import { holdById } from '../holds';
import { nearestWithin, sortedAlong } from './categories';
import type { FlatGeometry } from './geometry';
import { categoryVerdict, categoryMeasure } from './withVerdict';
import { measureCapture } from './measureCapture';
import { sampleCapture } from './sampleCapture';
import { levelCapture, withPoint } from './testing/levelCapture';

const geometry = {} as FlatGeometry;
const PLACES = ['off', 'top', 'over'];
const along = sortedAlong(
  () => 0,
  () => [-Infinity, -12, 3],
);
const named = (probabilities: number[]) =>
  PLACES.map((name, i) => ({ name, probability: probabilities[i]! }));

describe('categories along a number', () => {
  it('share out the probability at their borders', () => {
    const shares = along.shares([3], [2], geometry);
    expect(shares[1]).toBeCloseTo(0.5, 7);
    expect(shares[2]).toBeCloseTo(0.5, 7);
    expect(shares.reduce((sum, p) => sum + p, 0)).toBeCloseTo(1, 12);
    expect(along.at([-12], geometry)).toBe(1);
    expect(along.at([-12.1], geometry)).toBe(0);
  });

  it.each([
    [-5, 'in'],
    [-30, 'low'],
    [15, 'high'],
    [3, 'unsure'],
  ])('at %d mm off the stick the little finger is %s', (dMm, verdict) => {
    expect(categoryVerdict(named(along.shares([dMm], [2], geometry)), ['top'])).toBe(verdict);
  });

  it('tells the likelier side when it is sure to be wrong but not on which', () => {
    expect(categoryVerdict(named([0.6, 0.1, 0.3]), ['top'])).toBe('low');
    expect(categoryVerdict(named([0.3, 0.1, 0.6]), ['top'])).toBe('high');
    expect(categoryVerdict(named([0.4, 0.3, 0.3]), ['top'])).toBe('unsure');
  });
});

describe('the nearest within reach', () => {
  const rule = nearestWithin([() => 0, () => 0], 6);

  it('is the smallest distance, or none', () => {
    expect(rule.at([-5, 4], geometry)).toBe(1);
    expect(rule.at([-7, 6.1], geometry)).toBe(2);
  });

  it('shares out the probability, all of it', () => {
    const shares = rule.shares([6, 40], [2, 2], geometry);
    expect(shares[0]).toBeCloseTo(0.5, 3);
    expect(shares[2]).toBeCloseTo(0.5, 3);
    for (const values of [
      [0, 1],
      [5, 7],
      [50, -50],
    ]) {
      const all = rule.shares(values, [2, 2], geometry);
      expect(all.reduce((sum, p) => sum + p, 0)).toBeCloseTo(1, 9);
    }
  });
});

describe('the finger at the ferrule', () => {
  const hold = holdById('cello');
  const finger = (capture = levelCapture()) => {
    const find = (b: ReturnType<typeof measureCapture>) =>
      b.measures.find((m) => m.id === 'ferruleFinger')!;
    return [find(measureCapture(capture, hold)), find(sampleCapture(capture, hold))] as const;
  };

  it('is the ring finger whose tip stands 6 mm behind it, as sure as not, by both kinds of doubt', () => {
    for (const measure of finger()) {
      const shares = measure.kind === 'category' ? measure.shares : [];
      const ring = shares.find(({ name }) => name === 'ring')!.probability;
      expect(ring).toBeGreaterThan(0.4);
      expect(ring).toBeLessThan(0.6);
    }
  });

  it('is the middle finger, wanted on the cello, once its tip is there and the ring finger’s is not', () => {
    const forward = withPoint(levelCapture(), 'middleTip', { x: 394, y: 370 });
    const there = withPoint(forward, 'ringTip', { x: 366, y: 370 });
    for (const point of Object.values(there.points)) point.sigma = 1;
    for (const measure of finger(there)) {
      expect(measure).toMatchObject({ value: 'middle', verdict: 'in' });
    }
  });
});

describe('judgeCategory', () => {
  it('keeps only what is possible, and needs a band to judge', () => {
    const spec = {
      id: 'littlePlace',
      family: 'little',
      unit: 'category',
      categories: PLACES,
    } as const;
    const judged = categoryMeasure(spec, [0, 0.9, 0.1], null);
    expect(judged).toMatchObject({ value: 'top', probability: 0.9, verdict: 'none' });
    expect(judged.shares).toEqual([
      { name: 'top', probability: 0.9 },
      { name: 'over', probability: 0.1 },
    ]);
  });
});
