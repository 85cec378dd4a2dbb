import { strengthShare } from './comfort';
import { levelUpTheStick } from './courses';
import { example, GERMAN_HAND, VIOLIN_HAND } from './testing/exampleSetups';
import { tipRaiseStart } from './tipRaiseStart';

const CHILD = strengthShare(9);
const little = (setup: ReturnType<typeof example>, up: number) => {
  const answer = levelUpTheStick(setup, up);
  return answer.feasible ? answer.balance.shareN.little! : NaN;
};

describe('tipRaiseStart', () => {
  const violin = example('violin', VIOLIN_HAND);

  it('lets an adult begin where the hand is', () => {
    expect(tipRaiseStart(violin, strengthShare(30))).toMatchObject({ kind: 'here', capN: 3 });
  });

  it('sends a child of nine, with four tenths of the strength, up the stick and back by steps', () => {
    const start = tipRaiseStart(violin, CHILD);
    if (start.kind !== 'upTheStick') throw new Error(start.kind);
    const [first] = start.placesMm;
    expect(start.capN).toBeCloseTo(1.2, 9);
    // The least place on the grid of 5 mm that keeps it under the cap.
    expect(little(violin, first!)).toBeLessThan(1.25);
    expect(little(violin, first! - 5)).toBeGreaterThan(1.25);
    expect(start.placesMm).toEqual([...start.placesMm].sort((a, b) => b - a));
    expect(start.placesMm.at(-1)).toBe(0);
  });

  it('keeps an under-hand hold at the frog: upright first, lowered as far as is comfortable', () => {
    const start = tipRaiseStart(example('german-bass', GERMAN_HAND), 1);
    if (start.kind !== 'upright') throw new Error(start.kind);
    // 5.70 N level; 3 N at cos φ = 0.526, φ = 58°.
    expect(start.hereN).toBeCloseTo(5.698, 3);
    expect(start.lowestDeg).toBe(60);
  });

  it('has nothing to advise without a little finger', () => {
    const { placesMm, hold } = VIOLIN_HAND;
    const without = example('violin', {
      hold,
      placesMm: { thumb: placesMm.thumb, index: placesMm.index!, ring: placesMm.ring! },
    });
    expect(tipRaiseStart(without, 1)).toEqual({ kind: 'noLittleFinger' });
  });
});

describe('strengthShare', () => {
  it('is less under twelve, and an adult’s where no age is known', () => {
    expect([strengthShare(11), strengthShare(12), strengthShare(null)]).toEqual([0.4, 1, 1]);
  });
});
