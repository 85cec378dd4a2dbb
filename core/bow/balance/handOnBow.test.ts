import { movedUp } from './handOnBow';
import { AIR, example, GERMAN_HAND, VIOLIN_HAND } from './testing/exampleSetups';

describe('balanceSetup', () => {
  it('counts from the thumb what was told from the frog’s front', () => {
    const string = { forceN: 1, atMm: 302 };
    expect(example('violin', VIOLIN_HAND, { ...AIR, string })).toEqual({
      bow: { massG: 60, balanceMm: 245, thumbMm: 62, lengthMm: 745 },
      hold: 'over',
      contacts: { index: 24, middle: 4, ring: -11, little: -29 },
      string: { forceN: 1, atMm: 300 },
      tiltDeg: 0,
      planeDeg: 0,
    });
  });

  it('leaves out what is off the bow', () => {
    const { placesMm } = VIOLIN_HAND;
    const { index, thumb } = placesMm;
    const { contacts } = example('violin', { hold: 'over', placesMm: { index: index!, thumb } });
    expect(contacts).toEqual({ index: 24 });
  });
});

describe('movedUp', () => {
  it('moves the whole hand, and so only the bow’s weight comes nearer', () => {
    const up = example('violin', movedUp(VIOLIN_HAND, 40));
    const before = example('violin', VIOLIN_HAND);
    expect(up.contacts).toEqual(before.contacts);
    expect(up.bow.thumbMm).toBe(before.bow.thumbMm + 40);
  });

  it('leaves the web at the button', () => {
    expect(movedUp(GERMAN_HAND, 10).placesMm).toMatchObject({ web: -70, thumb: 10, little: -3 });
  });
});
