import { balanceOf, balanceSetup, movedUp, type HandOnBow } from '@open-palm/core/balance';
import { balanceWords } from '../../foundation/strings/balance';
import type { Held } from './useBalance';
import { changeWords, whatIfSentence } from './whatIfWords';

const places = { thumb: 0, index: 20, little: -45 };

/** A violin bow of 60 g whose weight acts 183 mm ahead of the thumb, 1 N at 600 mm. */
function held(hand: HandOnBow): Held {
  const bow = { massG: 60, balanceMm: 243, frogFrontMm: 60, lengthMm: 745 };
  const string = { forceN: 1, atMm: 600 };
  const setup = balanceSetup(bow, hand, { string, tiltDeg: 0, planeDeg: 0 });
  return { hand, setup, answer: balanceOf(setup) };
}
const over = (more: Partial<HandOnBow['placesMm']> = {}): HandOnBow => ({
  hold: 'over',
  placesMm: { ...places, ...more },
});
const plain = (text: string) => text.replace(/\u00a0/g, ' ');

describe('whatIfSentence', () => {
  it('tells the change and what it does, from the numbers', () => {
    expect(plain(whatIfSentence(held(over()), held(over({ index: 30 }))))).toBe(
      'Index 20 mm → 30 mm ahead of the thumb: the index presses 16.4 N instead of 24.6 N, a third less.',
    );
  });

  it('says when the change makes the bow impossible to hold', () => {
    const without: HandOnBow = { hold: 'over', placesMm: { thumb: 0, little: -45 } };
    expect(whatIfSentence(held(over()), held(without))).toBe(
      'Without the index: the bow cannot be held. With nothing on the bow ahead of the thumb, nothing presses the tip down.',
    );
  });
});

describe('changeWords', () => {
  it('knows a hand that was moved as a whole, and several changes', () => {
    const today = held(over());
    expect(plain(changeWords(today, held(movedUp(over(), 40))))).toBe('Hand 40 mm up the stick');
    expect(changeWords(today, held(over({ index: 30, little: -40 })))).toBe('With these changes');
    expect(plain(changeWords(today, held(over({ little: -40 }))))).toBe(
      'Little finger 45 mm → 40 mm behind the thumb',
    );
  });
});

describe('how much less or more', () => {
  it.each([
    [15, 10, 'a third less'],
    [25, 20, 'a fifth less'],
    [8, 4, 'half as much'],
    [4, 5, 'a quarter more'],
    [4, 8, 'twice as much'],
    [2, 7, '3.5 times as much'],
    [3, 3.05, 'hardly any change'],
    [2, 0, 'nothing any more'],
    [0, 2, 'where it carried nothing'],
  ])('%d to %d N: %s', (from, to, told) => expect(balanceWords.ratio(from, to)).toBe(told));
});
