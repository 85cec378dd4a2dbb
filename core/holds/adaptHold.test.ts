import { findHoldIssues } from '../measure';
import { adaptHold } from './adaptHold';
import { bandFor } from './bandFor';
import { HOLD_IDS, holdById } from './holds';

const FULL = { bow: 1, hand: 1 };

describe('adaptHold', () => {
  it('leaves a hold alone at its defaults in full size', () => {
    for (const id of HOLD_IDS) expect(adaptHold(holdById(id), {}, FULL)).toEqual(holdById(id));
  });

  it('shifts the thumb’s place with where the nail leans', () => {
    const hold = adaptHold(holdById('violin-shallow'), { thumbnail: 'stick' }, FULL);
    expect(bandFor(hold, 'thumbPlace')).toEqual({ lo: -2, hi: 10 });
  });

  it('replaces a band first and shifts it then', () => {
    const answers = { thumbSurface: 'bareStick', thumbnail: 'frog' };
    const hold = adaptHold(holdById('violin-shallow'), answers, FULL);
    expect(bandFor(hold, 'thumbPlace')).toEqual({ lo: -1, hi: 10 });
  });

  it('carries the wrist higher at every place in the bow', () => {
    const hold = adaptHold(holdById('violin-deep'), { wristCarriage: 'higher' }, FULL);
    expect(bandFor(hold, 'wristFlexion', 'heel')).toEqual({ lo: 10, hi: 45 });
    expect(bandFor(hold, 'wristFlexion', 'point')).toEqual({ lo: -20, hi: 10 });
  });

  it('puts the cello’s little finger on top, not locked, and no longer asks for its depth', () => {
    const hold = adaptHold(holdById('cello'), { celloLittle: 'top' }, FULL);
    expect(bandFor(hold, 'littlePlace')).toEqual({ allowed: ['top'] });
    expect(bandFor(hold, 'littleDepth')).toBeNull();
    expect(bandFor(hold, 'littlePipFlexion')).toEqual({ lo: 5 });
  });

  it('never lets a thumb turn backward, whatever is answered', () => {
    const hold = adaptHold(holdById('violin-shallow'), { thumbBend: 'soft' }, FULL);
    expect(bandFor(hold, 'thumbIpFlexion', 'heel')).toEqual({ lo: 0, hi: 60 });
  });

  it('scales places on the bow with the bow, what lies between fingers with the hand, and no angle', () => {
    const hold = adaptHold(holdById('violin-shallow'), {}, { bow: 0.75, hand: 0.8 });
    expect(bandFor(hold, 'thumbPlace')).toEqual({ lo: -3, hi: 6 });
    expect(bandFor(hold, 'indexLead')).toEqual({ lo: 12, hi: 28 });
    expect(bandFor(hold, 'thumbIpFlexion')).toEqual({ lo: 20, hi: 60 });
    expect(hold.startingPlacesMm.index).toBeCloseTo(20.8, 9);
    expect(hold.startingPlacesMm.thumb).toBeCloseTo(1.5, 9);
  });

  it('gives a sound hold for every answer to every question', () => {
    for (const id of HOLD_IDS) {
      const hold = holdById(id);
      for (const setting of hold.settings) {
        for (const option of setting.options) {
          const adapted = adaptHold(hold, { [setting.id]: option.id }, FULL);
          expect(findHoldIssues(adapted)).toEqual([]);
        }
      }
    }
  });

  it('takes an answer that is no option for the default', () => {
    const hold = holdById('cello');
    expect(adaptHold(hold, { celloLittle: 'sideways' }, FULL)).toEqual(hold);
  });
});
