import { holdById } from '@open-palm/core/holds';
import { asHeld, distance, handSolids, type Point3 } from './handSolids';
import { targetHand } from './targetHand';
import targets from './targetHands.json';

const hand = (targets as Record<string, number[][]>)['violin-shallow'] as unknown as Point3[];

describe('a hand as solids', () => {
  it('has a limb for every bone from knuckle and thumb root to the tips, thinner toward the tip', () => {
    const { limbs, palm } = handSolids(hand);
    expect(limbs).toHaveLength(15);
    for (const { fromRadius, toRadius } of limbs) expect(toRadius).toBeLessThan(fromRadius);
    expect(limbs.at(-1)!.to).toEqual(hand[20]);
    expect(palm).toHaveLength(7);
  });

  it('grows with the hand', () => {
    const half = hand.map((point) => point.map((value) => value / 2) as unknown as Point3);
    expect(handSolids(half).limbs[0]!.fromRadius).toBeCloseTo(
      handSolids(hand).limbs[0]!.fromRadius / 2,
      9,
    );
  });

  it('shows a left hand mirrored across the bow', () => {
    const left = asHeld(hand, 'left');
    left.forEach(([x, y, z], i) => expect([-x, y, z]).toEqual([...hand[i]!]));
    expect(asHeld(hand, 'right')).toEqual(hand);
  });
});

describe('the hand that a hold wants', () => {
  it('is as large as the hand beside it and has its thumb where the hold wants it', () => {
    const hold = holdById('violin-shallow');
    const small = hand.map((point) => point.map((value) => 0.8 * value) as unknown as Point3);
    const target = targetHand(hold, small)!;
    expect(distance(target[0]!, target[9]!)).toBeCloseTo(distance(small[0]!, small[9]!), 6);
    target[4]!.forEach((value, i) => expect(value).toBeCloseTo(hand[4]![i]!, 9));
  });

  it('is that of the hold from which an own one was copied', () => {
    const own = {
      ...holdById('violin-shallow'),
      id: 'mine',
      own: { basedOn: 'violin-shallow', name: 'Mine' },
    };
    expect(targetHand(own, hand)).not.toBeNull();
    expect(targetHand({ ...own, own: undefined }, hand)).toBeNull();
  });
});
