import { holdById } from '../holds';
import { checkContacts } from './checkContacts';
import type { GripContacts } from './gripContacts';
import { handOnBow } from './handOnBow';

const cello = holdById('cello');
const nothing: GripContacts = {
  thumbXMm: null,
  fingers: { index: null, middle: null, ring: null, little: null },
};
const at = (xMm: number, dMm = 0) => ({ u: 1, xMm, dMm, touching: dMm === 0 });

describe('handOnBow', () => {
  it('without a look stands where the hold wants it', () => {
    const { hand, seen } = handOnBow(cello, nothing, 67);
    expect(hand).toEqual({ hold: 'over', placesMm: cello.startingPlacesMm });
    expect(seen).toEqual([]);
  });

  it('takes each contact that was seen, and says which', () => {
    const { hand, seen } = handOnBow(
      cello,
      { thumbXMm: 4, fingers: { ...nothing.fingers, index: at(14), little: at(-30) } },
      67,
    );
    expect(seen).toEqual(['thumb', 'index', 'little']);
    expect(hand.placesMm).toEqual({
      ...cello.startingPlacesMm,
      thumb: 4,
      index: 14,
      little: -30,
    });
  });

  it('does not take for seen what was only told to be deep or fine', () => {
    const told = { ...at(5), onlyDepth: true as const };
    const { hand, seen } = handOnBow(
      cello,
      { ...nothing, fingers: { ...nothing.fingers, middle: told } },
      67,
    );
    expect(seen).toEqual([]);
    expect(hand.placesMm.middle).toBe(cello.startingPlacesMm.middle);
  });

  it('moves what was not seen out of the way of what was', () => {
    const close = { ...nothing, fingers: { ...nothing.fingers, index: at(-5), little: at(-20) } };
    const { hand } = handOnBow(cello, close, 67);
    const { index, middle, ring, little } = hand.placesMm;
    expect(index).toBe(-5);
    expect(little).toBe(-20);
    expect(middle).toBeLessThan(index!);
    expect(ring).toBeGreaterThan(little!);
  });

  it('gives no load to a finger that was seen off the stick', () => {
    const { hand, seen } = handOnBow(
      cello,
      { ...nothing, fingers: { ...nothing.fingers, little: at(-30, -20) } },
      67,
    );
    expect(hand.placesMm.little).toBeUndefined();
    expect(seen).toEqual(['little']);
  });

  it('holds a German bow’s button in the web, 5 mm from its end', () => {
    const { hand } = handOnBow(holdById('german-bass'), null, 75);
    expect(hand.placesMm.web).toBe(-70);
  });
});

describe('an index told by how far it is ahead of the thumb', () => {
  it('is put there', () => {
    const contacts = checkContacts(
      {
        context: 'free',
        captures: [],
        taps: [
          { measure: 'indexDepth', answer: { kind: 'value', value: 1.4, sd: 0.15 } },
          { measure: 'indexLead', answer: { kind: 'value', value: 10, sd: 5 } },
        ],
      },
      cello,
    );
    expect(contacts.fingers.index).toMatchObject({ u: 1.4 });
    expect(contacts.fingers.index!.xMm).toBe(cello.startingPlacesMm.thumb + 10);
  });
});
