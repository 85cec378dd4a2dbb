import type { HandFile } from '@open-palm/contract';
import {
  bowPreset,
  knownBow,
  type BowPreset,
  type KnownBow,
  type OwnBow,
  type PresetKind,
} from '@open-palm/core/bow';
import {
  balanceSetup,
  strengthShare,
  tipRaiseStart,
  type TipRaiseStart,
} from '@open-palm/core/balance';
import type { Hold } from '@open-palm/core/holds';
import { handOnBow, type StartingHand } from '@open-palm/core/measure';
import { gripFacts, gripOf } from '../grip';
import { findHold } from '../holds';

/** All that a balance begins from: the student's bow, hand and strength, and where each comes from. */
export interface StartingBalance {
  /** The hold as it is taught, and as it is meant for this student. */
  taught: Hold;
  hold: Hold;
  preset: BowPreset;
  own: OwnBow;
  bow: KnownBow;
  start: StartingHand;
  /** Share of an adult's strength. */
  strength: number;
  isChild: boolean;
}

/** What a student's file says of the lever in the hand. */
export function startingBalance(handFile: HandFile, now: Date): StartingBalance {
  const { student, setupId, ownHolds, contacts } = handFile;
  const setup = student.setups.find(({ id }) => id === setupId)!;
  const taught = findHold(setup.holdId, ownHolds);
  const { hold } = gripFacts(gripOf(student, setup, taught, null), taught, null);
  const kind: PresetKind = setup.instrument === 'viola' ? 'viola' : hold.bow;
  const preset = bowPreset(kind, setup.bowSize);
  const own: OwnBow = {
    massG: setup.bowMassG,
    balanceMm: setup.bowBalanceMm,
    frogLengthMm: setup.frogLengthMm,
  };
  const bow = knownBow(preset, own);
  const age = student.birthYear === null ? null : now.getFullYear() - student.birthYear;
  const strength = strengthShare(age);
  return {
    taught,
    hold,
    preset,
    own,
    bow,
    start: handOnBow(hold, contacts, bow.frogFrontMm),
    strength,
    isChild: strength < 1,
  };
}

/** Where the student begins the tip raise, as things stand. */
export function tipRaiseAdvice(handFile: HandFile, now: Date): TipRaiseStart {
  const { bow, start, strength } = startingBalance(handFile, now);
  const air = { string: null, tiltDeg: 0, planeDeg: 0 };
  return tipRaiseStart(balanceSetup(balanceNumbers(bow), start.hand, air), strength);
}

/** The numbers of a bow that a lever is computed from. */
export const balanceNumbers = ({ frogFrontMm, lengthMm, massG, balanceMm }: KnownBow) => ({
  frogFrontMm,
  lengthMm,
  massG: massG.value,
  balanceMm: balanceMm.value,
});
