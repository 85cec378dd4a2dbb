import { bowPreset, type PresetKind } from '../../presets';
import { balanceSetup, type HandOnBow, type Situation } from '../handOnBow';

export const AIR: Situation = { string: null, tiltDeg: 0, planeDeg: 0 };

/** Where the shipped holds want the fingers, mm from the frog's front. */
export const VIOLIN_HAND: HandOnBow = {
  hold: 'over',
  placesMm: { thumb: 2, index: 26, middle: 6, ring: -9, little: -27 },
};
export const GERMAN_HAND: HandOnBow = {
  hold: 'under',
  placesMm: { thumb: 0, index: 12, middle: 3, ring: -8, little: -13, web: -70 },
};

/** A typical full-size bow in a hand. */
export function example(kind: PresetKind, hand: HandOnBow, situation: Situation = AIR) {
  const { massG, balanceMm, frogFrontMm, lengthMm } = bowPreset(kind, '4/4');
  return balanceSetup({ massG: massG.usual, balanceMm, frogFrontMm, lengthMm }, hand, situation);
}
