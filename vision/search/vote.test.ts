import type { SeenHand } from '../landmarks/lookAt';
import { agreement, isSameHand, mostVotes, nearness, together } from './vote';
import type { Look } from './eye';

/** A hand of 100 × 100 px whose wrist is at a place. */
const handAt = (x: number, y: number): SeenHand => ({
  points: Array.from({ length: 21 }, (_, i) => ({
    x: x + (i % 5) * 25,
    y: y - Math.floor(i / 4) * 20,
  })),
  presence: 1,
  rightHand: 1,
});
const look = (hand: SeenHand, trust: number): Look => ({
  hand: { ...hand, presence: trust },
  ofSide: 1,
});

describe('mostVotes', () => {
  it('takes the hand that several looks see, before one that a single look is surer of', () => {
    const looks = [
      look(handAt(400, 400), 0.7),
      look(handAt(100, 100), 0.5),
      look(handAt(102, 101), 0.55),
      look(handAt(99, 98), 0.5),
    ];
    const best = mostVotes(looks)!;
    expect(best.look).toBe(looks[2]);
    // What lies within 3 px of 100 counts nearly whole.
    expect(best.support).toBeGreaterThan(1.4);
    expect(best.support).toBeLessThan(1.55);
  });

  it('heeds a further reason to believe a look', () => {
    const looks = [look(handAt(0, 100), 0.6), look(handAt(300, 100), 0.6)];
    expect(mostVotes(looks, looks, ({ hand }) => (hand.points[0]!.x > 200 ? 1 : 0.2))!.look).toBe(
      looks[1],
    );
    expect(mostVotes([])).toBeNull();
  });
});

describe('looks that agree', () => {
  it('do so by their presence, and not at all where they see the hand elsewhere', () => {
    const here = look(handAt(100, 100), 0.9);
    expect(agreement(here, here)).toBeCloseTo(0.9, 9);
    expect(agreement(here, look(handAt(100, 100), 0.4))).toBeCloseTo(0.6, 9);
    // A fifth of the hand's size off is too far: e^−(0.2/0.12)².
    expect(agreement(here, look(handAt(120, 100), 0.9))).toBeCloseTo(0.9 * Math.exp(-25 / 9), 9);
  });

  it('tell together where the hand is, and one that sees it elsewhere hardly has a say', () => {
    const looks = [
      look(handAt(100, 100), 0.8),
      look(handAt(104, 100), 0.8),
      look(handAt(400, 100), 0.9),
    ];
    const { points } = together(looks, looks[0]!);
    expect(points[0]!.x).toBeGreaterThan(101.5);
    expect(points[0]!.x).toBeLessThan(102.1);
    expect(points[0]!.y).toBe(100);
  });

  it('count for a look though they were taken elsewhere', () => {
    const [one, other] = [look(handAt(100, 100), 0.7), look(handAt(100, 100), 0.7)];
    expect(mostVotes([one])!.support).toBeCloseTo(0.7, 9);
    expect(mostVotes([one], [one, other])!.support).toBeCloseTo(1.4, 9);
  });
});

describe('nearness', () => {
  it('is one on the spot and falls off with the distance of the two touches', () => {
    const hand = handAt(100, 100);
    const [wrist, knuckle] = [hand.points[0]!, hand.points[9]!];
    expect(nearness(hand, wrist, knuckle)).toBe(1);
    const off = (by: number) =>
      nearness(hand, { x: wrist.x + by, y: wrist.y }, { x: knuckle.x + by, y: knuckle.y });
    // 0.4 of the hand's 100 px is one spread: e⁻¹.
    expect(off(40)).toBeCloseTo(Math.exp(-1), 6);
    expect(off(80)).toBeLessThan(off(40));
  });
});

describe('isSameHand', () => {
  it('tells two hands from two looks at one', () => {
    expect(isSameHand(handAt(100, 100), handAt(110, 105))).toBe(true);
    expect(isSameHand(handAt(100, 100), handAt(300, 100))).toBe(false);
  });
});
