import { movedUp, type ContactName, type HandOnBow, type Situation } from '@open-palm/core/balance';
import type { BowPreset, KnownBow } from '@open-palm/core/bow';
import { FINGERS, type Finger } from '@open-palm/core/hand';
import type { Hold } from '@open-palm/core/holds';

/** What is being tried: where the hand is, what is off the bow, and what the bow does. */
export interface BalanceState {
  /** Where each contact is, before the hand as a whole is moved up the stick. */
  placesMm: HandOnBow['placesMm'];
  off: readonly Finger[];
  upMm: number;
  onString: boolean;
  forceN: number;
  /** Where the string is, mm from the frog's front. */
  stringMm: number;
  tiltDeg: number;
  /** Between gravity and the string's force; null is what is usual. */
  planeDeg: number | null;
  /** How much of the weight across the strings the string takes. */
  carried: number;
}

/** Contacts that are dragged on the drawing. */
export const DRAGGED = ['index', 'thumb', 'little'] as const;
export type Dragged = (typeof DRAGGED)[number];

/** Contacts keep this far apart, mm: fingers are not thinner. */
const APART_MM = 4;

/** The least lead of the index that is tried: closer, no squeeze would be enough. */
const LEAST_LEAD_MM = 5;

/** How far from the frog's front a finger or thumb is tried, mm. */
const REACH_MM = { ahead: 75, behind: -50 };

/** What of the bow's end is the button, mm. */
const BUTTON_MM = 8;

/** Of the string's forces, the softest that is tried, N. */
export const SOFTEST_N = 0.1;

/** The middle of the bow at a middling force on the string: where the index has to press. */
export const startingState = (hold: Hold, hand: HandOnBow, preset: BowPreset): BalanceState => ({
  // A finger that is off the bow is tried, if at all, where the hold wants it.
  placesMm: { ...hold.startingPlacesMm, ...hand.placesMm },
  off: FINGERS.filter((finger) => hand.placesMm[finger] === undefined),
  upMm: 0,
  onString: true,
  forceN: (preset.stringN.soft + preset.stringN.loud) / 2,
  stringMm: (preset.heelMm + preset.pointMm) / 2,
  tiltDeg: 0,
  planeDeg: null,
  carried: 0,
});

/** The hand that is tried. */
export function handOf(hold: HandOnBow['hold'], { placesMm, off, upMm }: BalanceState): HandOnBow {
  const there = { ...placesMm };
  for (const finger of off) delete there[finger];
  return movedUp({ hold, placesMm: there }, upMm);
}

/** What the bow does; in the air the palm looks down, and all the weight is in one plane. */
export const situationOf = (
  state: Pick<BalanceState, 'onString' | 'forceN' | 'stringMm' | 'tiltDeg' | 'planeDeg'>,
  preset: BowPreset,
): Situation => ({
  string: state.onString ? { forceN: state.forceN, atMm: state.stringMm } : null,
  tiltDeg: state.tiltDeg,
  planeDeg: state.planeDeg ?? (state.onString ? preset.planeDeg : 0),
});

/** Between what and what a contact can be dragged, mm from the frog's front, beside those that are on the bow. */
export function dragLimits(
  contact: Dragged,
  hand: HandOnBow,
  { frogFrontMm }: Pick<KnownBow, 'frogFrontMm'>,
  upMm: number,
): { min: number; max: number } {
  const { placesMm, hold } = hand;
  const at = (names: readonly ContactName[]) =>
    names.map((name) => placesMm[name]).find((place) => place !== undefined);
  // Behind the frog there is only the button.
  const min = Math.max(REACH_MM.behind, BUTTON_MM - frogFrontMm) + upMm;
  const max = REACH_MM.ahead + upMm;
  if (hold === 'under') {
    return contact === 'little'
      ? { min, max: placesMm.thumb - APART_MM }
      : { min: (placesMm.little ?? min) + APART_MM, max };
  }
  switch (contact) {
    case 'index':
      return {
        min: Math.max(
          placesMm.thumb + LEAST_LEAD_MM,
          (at(['middle', 'ring', 'little']) ?? min) + APART_MM,
        ),
        max,
      };
    case 'thumb':
      return { min, max: (placesMm.index ?? max) - LEAST_LEAD_MM };
    case 'little':
      return { min, max: (at(['ring', 'middle', 'index']) ?? max) - APART_MM };
  }
}

/** Whether the hand is another than the one it began with. */
export const isTried = (state: BalanceState, start: BalanceState): boolean =>
  state.upMm !== 0 ||
  state.off.join() !== start.off.join() ||
  Object.entries(state.placesMm).some(
    ([contact, at]) => start.placesMm[contact as ContactName] !== at,
  );
