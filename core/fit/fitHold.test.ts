import { UNKNOWN_HAND } from '../hand';
import { holdById } from '../holds';
import { InputError } from '../issue';
import type { Capture } from '../measure';
import { findFitIssues, fitHold, fitHoldInSteps, type FittedHold } from './fitHold';
import type { FittedJoint } from './fittedGeometry';
import { inventedCaptures, SETTLED, type Bends } from './testing/inventedHand';

const hold = holdById('violin-shallow');
const fit = (captures: readonly Capture[]): FittedHold => fitHold(captures, hold, UNKNOWN_HAND);

const bendOf = (fitted: FittedHold, id: FittedJoint) =>
  fitted.joints.find((joint) => joint.id === id)!;

const refusalOf = (captures: readonly Capture[]) => {
  try {
    fit(captures);
  } catch (error) {
    if (error instanceof InputError) return error.issues;
    throw error;
  }
  return [];
};

const TRUE: [FittedJoint, number][] = [
  ['thumbMcp', SETTLED.thumb[1]],
  ['thumbIp', SETTLED.thumb[2]],
  ['indexPip', SETTLED.index[1]],
  ['middlePip', SETTLED.middle[1]],
  ['ringPip', SETTLED.ring[1]],
  ['littlePip', SETTLED.little[1]],
];

describe('a hand fitted to two pictures', () => {
  it('has the bends of a hand it never saw, within their sds', () => {
    for (const seed of [1, 2, 3]) {
      const fitted = fit(
        inventedCaptures(SETTLED, ['thumb-side', 'profile'], { seed, sigma: 1.5 }),
      );
      expect(fitted.apartDeg).toBeGreaterThan(45);
      for (const [id, bend] of TRUE) {
        const { value, sd, interval } = bendOf(fitted, id);
        expect(interval).toBeNull();
        expect(Math.abs(value - bend)).toBeLessThan(Math.max(3 * sd, 3));
        expect(sd).toBeLessThan(9);
      }
    }
  });

  it('is the same for a left hand, and says where its points are', () => {
    const right = inventedCaptures(SETTLED, ['finger-side', 'profile'], { seed: 4, sigma: 1 });
    const left = right.map((capture): Capture => {
      const points: Capture['points'] = {};
      for (const [name, point] of Object.entries(capture.points)) {
        points[name as keyof typeof points] = { ...point, x: capture.image.width - point.x };
      }
      return { ...capture, side: 'left', points };
    });
    const [a, b] = [fit(right), fit(left)];
    a.joints.forEach(({ value }, i) => expect(b.joints[i]!.value).toBeCloseTo(value, 6));
    expect(b.side).toBe('left');
    expect(a.pointsMm).toHaveLength(21);
    // The hand of an over-hand hold lies on the side away from the hair.
    expect(a.pointsMm[9]![1]).toBeGreaterThan(0);
  });

  it('answers the same to the same pictures, and tells how far it is', () => {
    const captures = inventedCaptures(SETTLED, ['thumb-side', 'profile'], { seed: 5, sigma: 2 });
    expect(fit(captures)).toEqual(fit(captures));
    let last = 0;
    for (const done of fitHoldInSteps(captures, hold, UNKNOWN_HAND)) {
      expect(done).toBeGreaterThan(last);
      last = done;
    }
    expect(last).toBe(1);
  });

  it('tells nothing of a joint that no picture shows', () => {
    const captures = inventedCaptures(SETTLED, ['thumb-side', 'profile'], { seed: 6, sigma: 2 });
    for (const { points } of captures) delete points.littleDip;
    const fitted = fit(captures);
    expect(fitted.joints.some(({ id }) => id === 'littlePip')).toBe(false);
    expect(fitted.measures.some(({ id }) => id === 'littleDepth')).toBe(false);
    expect(fitted.joints.some(({ id }) => id === 'ringPip')).toBe(true);
  });

  it('leaves out one misplaced point and names it', () => {
    const captures = inventedCaptures(SETTLED, ['thumb-side', 'profile'], { seed: 7, sigma: 2 });
    const point = captures[0]!.points.indexPip!;
    captures[0]!.points.indexPip = { ...point, x: point.x + 130, y: point.y - 60 };
    const fitted = fit(captures);
    expect(fitted.misplaced).toEqual([{ picture: 0, point: 'indexPip' }]);
    expect(Math.abs(bendOf(fitted, 'indexPip').value - SETTLED.index[1])).toBeLessThan(20);
  });
});

describe('a hand fitted to one picture', () => {
  it('gives intervals that contain the truth, never a single number', () => {
    let inside = 0;
    let all = 0;
    for (const seed of [1, 2, 3, 4]) {
      const fitted = fit(inventedCaptures(SETTLED, ['finger-side'], { seed, sigma: 2 }));
      expect(fitted.apartDeg).toBeNull();
      for (const [id, bend] of TRUE) {
        const { interval } = bendOf(fitted, id);
        expect(interval).not.toBeNull();
        all += 1;
        if (bend >= interval!.lo && bend <= interval!.hi) inside += 1;
      }
    }
    expect(inside / all).toBeGreaterThanOrEqual(0.9);
  });

  it('says which second picture would help most, and never the same view again', () => {
    const fitted = fit(inventedCaptures(SETTLED, ['finger-side'], { seed: 8, sigma: 2 }));
    const views = fitted.secondViews.map(({ view }) => view);
    expect(views).not.toContain('finger-side');
    expect(views).not.toContain('bow-side');
    expect(['thumb-side', 'profile']).toContain(views[0]);
    const sds = fitted.secondViews.map(({ meanSdDeg }) => meanSdDeg);
    expect(sds).toEqual([...sds].sort((a, b) => a - b));
  });

  it('stays with intervals when the second picture looks from almost the same place', () => {
    const fitted = fit(
      inventedCaptures(SETTLED, ['finger-side', 'bow-side'], { seed: 9, sigma: 2 }),
    );
    expect(fitted.apartDeg).toBeLessThan(45);
    expect(bendOf(fitted, 'indexPip').interval).not.toBeNull();
  });
});

describe('pictures that give no hand', () => {
  const views = ['thumb-side', 'profile'] as const;
  const good = () => inventedCaptures(SETTLED, views, { seed: 10, sigma: 2 });

  it('are refused when they show different holds', () => {
    const other: Bends = {
      ...SETTLED,
      index: [60, 90, 60],
      middle: [60, 85, 55],
      ring: [5, 10, 5],
      little: [0, 5, 0],
    };
    const [, profile] = inventedCaptures(other, views, { seed: 10, sigma: 2 });
    expect(refusalOf([good()[0]!, profile!]).map(({ code }) => code)).toEqual(['differentHolds']);
  });

  it('are refused when one is mirrored, which is named', () => {
    const captures = good();
    const { points, image } = captures[0]!;
    for (const point of Object.values(points)) point.x = image.width - point.x;
    expect(refusalOf(captures)).toEqual([{ code: 'mirroredPicture', where: 'captures[0]' }]);
  });

  it('are refused when points are mixed up all over', () => {
    const captures = good();
    const { points } = captures[1]!;
    const names = Object.keys(points).slice(0, 21) as (keyof typeof points)[];
    const shuffled = names.map((_, i) => points[names[(i * 8) % 21]!]!);
    names.forEach((name, i) => (points[name] = shuffled[i]!));
    expect(refusalOf(captures)[0]!.code).toBe('pictureContradicts');
  });

  it('are refused before anything is computed when they are one picture, too many, or show too little', () => {
    const [one, two] = good();
    expect(findFitIssues([])[0]!.code).toBe('nothingMarked');
    expect(findFitIssues([one!, structuredClone(one!)])).toEqual([
      { code: 'samePicture', where: 'captures[1]', params: { other: 1 } },
    ]);
    expect(findFitIssues([one!, two!, one!, two!])[0]!.code).toBe('tooManyPictures');
    expect(findFitIssues([one!, { ...two!, side: 'left' }])[0]!.code).toBe('otherHand');
    const bare = structuredClone(two!);
    for (const name of Object.keys(bare.points).slice(5, 21)) {
      delete bare.points[name as keyof typeof bare.points];
    }
    delete bare.points.frogBack;
    expect(findFitIssues([one!, bare])).toEqual([
      { code: 'tooFewPoints', where: 'captures[1]', params: { seen: 5, fewest: 10 } },
      { code: 'notMarked', where: 'captures[1] bow.frogBack' },
    ]);
  });
});
