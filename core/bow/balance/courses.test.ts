import { handOverMm } from './handOver';
import { COURSE_POINTS, levelUpTheStick, overPlaces, overStroke, overTipRaise } from './courses';
import type { BalanceAnswer } from './balance';
import { example, GERMAN_HAND, VIOLIN_HAND } from './testing/exampleSetups';

const share = (answer: BalanceAnswer) => {
  if (!answer.feasible) throw new Error(answer.why);
  return answer.balance.shareN;
};
const playing = (forceN: number) =>
  example('violin', VIOLIN_HAND, { string: { forceN, atMm: 300 }, tiltDeg: 0, planeDeg: 0 });

describe('overStroke', () => {
  const setup = playing(0.8);
  const stroke = overStroke(setup, 10, 640);

  it('goes from heel to point in even steps', () => {
    expect(stroke).toHaveLength(COURSE_POINTS);
    expect([stroke[0]!.at, stroke[50]!.at, stroke[100]!.at]).toEqual([10, 325, 640]);
  });

  it('has the little finger before the hand-over point, the index after it', () => {
    const handOver = handOverMm(setup)!;
    for (const { at, answer } of stroke) {
      const { index, little } = share(answer);
      if (at < handOver - 7) expect([little! > 0, index]).toEqual([true, 0]);
      if (at > handOver + 7) expect([little, index! > 0]).toEqual([0, true]);
    }
  });

  it('tells of the loudest that it lies above what can be held with ease, whether or not that is played', () => {
    // With no finger ahead of the thumb nothing presses the tip down: the loudest is what the bow's own weight gives.
    const { placesMm } = VIOLIN_HAND;
    const behind = example(
      'violin',
      { hold: 'over', placesMm: { thumb: placesMm.thumb, little: placesMm.little! } },
      { string: { forceN: 0.8, atMm: 300 }, tiltDeg: 0, planeDeg: 0 },
    );
    const last = overStroke(behind, 10, 640).at(-1)!;
    expect(last.answer).toEqual({ feasible: false, why: 'tipRises' });
    // W·c/s: 0.06 · 9.80665 N · 183 mm / 640 mm
    expect(last.loudestN).toBeCloseTo((0.06 * 9.80665 * 183) / 640, 6);
  });
});

describe('overTipRaise', () => {
  it('asks most of the little finger with the bow level, and nothing with it upright', () => {
    const raise = overTipRaise(playing(0.8)).map(({ answer }) => share(answer).little!);
    expect(raise).toEqual([...raise].sort((a, b) => b - a));
    expect(raise.at(-1)).toBeCloseTo(0, 9);
    // Half the weight counts at 60°: cos 60° = ½.
    const at60 = overTipRaise(playing(0.8), 10)[6]!;
    expect(at60.at).toBe(60);
    expect(share(at60.answer).little).toBeCloseTo(raise[0]! / 2, 9);
  });
});

describe('overPlaces', () => {
  it('takes the load off the little finger up to the balance point', () => {
    const places = overPlaces(playing(0.8));
    expect(places.at(-1)!.at).toBe(245 - 62);
    const loads = places.map(({ answer }) => share(answer).little!);
    expect(loads).toEqual([...loads].sort((a, b) => b - a));
    expect(loads.at(-1)).toBeCloseTo(0, 9);
  });

  it('begins where the hand is', () => {
    const [first] = overPlaces(playing(0.8));
    expect(first!.answer).toEqual(levelUpTheStick(playing(0.8), 0));
  });

  it('under-hand the web holds the tip up, and the little finger carries against it', () => {
    // About the web: L·57 = W·(170 + 70); W = 0.138 kg · g.
    const { little, web } = share(levelUpTheStick(example('german-bass', GERMAN_HAND), 0));
    const weight = 0.138 * 9.80665;
    expect(little).toBeCloseTo((weight * 240) / 57, 6);
    expect(web).toBeCloseTo(weight - (weight * 240) / 57, 6);
  });
});
