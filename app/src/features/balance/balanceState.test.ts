import { bowPreset } from '@open-palm/core/bow';
import { holdById } from '@open-palm/core/holds';
import { handOnBow } from '@open-palm/core/measure';
import { dragLimits, handOf, isTried, situationOf, startingState } from './balanceState';

const hold = holdById('cello');
const preset = bowPreset('cello', '4/4');
const { hand } = handOnBow(hold, null, preset.frogFrontMm);
const start = startingState(hold, hand, preset);

describe('dragLimits', () => {
  it('keeps the fingers in their order, and the index ahead of the thumb', () => {
    const { placesMm } = hand;
    expect(dragLimits('index', hand, preset, 0).min).toBe(placesMm.thumb + 5);
    expect(dragLimits('little', hand, preset, 0).max).toBe(placesMm.ring! - 4);
    expect(dragLimits('thumb', hand, preset, 0).max).toBe(placesMm.index! - 5);
  });

  it('leaves more room where a neighbour is off the bow', () => {
    const off = handOf('over', { ...start, off: ['ring'] });
    expect(dragLimits('little', off, preset, 0).max).toBe(off.placesMm.middle! - 4);
  });

  it('goes up the stick with the hand', () => {
    const up = handOf('over', { ...start, upMm: 60 });
    const [here, there] = [hand, up].map((one, i) => dragLimits('index', one, preset, i * 60));
    expect(there!.min).toBe(here!.min + 60);
    expect(there!.max).toBe(here!.max + 60);
  });

  it('never lets a finger past the button', () => {
    const { min } = dragLimits('little', hand, { frogFrontMm: 40 }, 0);
    expect(min).toBeGreaterThan(-40);
  });

  it('under-hand keeps the little finger behind the thumb', () => {
    const german = holdById('german-bass');
    const held = handOnBow(german, null, 75).hand;
    expect(dragLimits('little', held, { frogFrontMm: 75 }, 0).max).toBe(-4);
    expect(dragLimits('thumb', held, { frogFrontMm: 75 }, 0).min).toBe(-9);
  });
});

describe('the state of the lever', () => {
  it('is tried as soon as the hand is another, not when the bow does something else', () => {
    expect(isTried(start, start)).toBe(false);
    expect(
      isTried({ ...start, forceN: 2, stringMm: 40, tiltDeg: 30, onString: false }, start),
    ).toBe(false);
    expect(isTried({ ...start, upMm: 5 }, start)).toBe(true);
    expect(isTried({ ...start, off: ['little'] }, start)).toBe(true);
    expect(isTried({ ...start, placesMm: { ...start.placesMm, index: 30 } }, start)).toBe(true);
  });

  it('hangs across the strings when it plays, and in one plane in the air', () => {
    expect(situationOf(start, preset).planeDeg).toBe(60);
    expect(situationOf({ ...start, onString: false }, preset)).toEqual({
      string: null,
      tiltDeg: 0,
      planeDeg: 0,
    });
    expect(situationOf({ ...start, planeDeg: 30 }, preset).planeDeg).toBe(30);
  });

  it('can put a finger on the bow that was off it', () => {
    const { little: _, ...without } = hand.placesMm;
    const state = startingState(hold, { hold: 'over', placesMm: without }, preset);
    expect(state.off).toEqual(['little']);
    expect(handOf('over', state).placesMm.little).toBeUndefined();
    expect(handOf('over', { ...state, off: [] }).placesMm.little).toBe(
      hold.startingPlacesMm.little,
    );
  });
});
