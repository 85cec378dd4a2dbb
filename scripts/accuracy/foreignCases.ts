import { fitHold, type FittedJoint } from '@open-palm/core/fit';
import { holdById } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import type { View } from '@open-palm/core/measure';
import { foreignHand, RAYS, type ForeignRay } from '../../studio-demo/foreign/foreignHand';
import { foreignPictures } from '../../studio-demo/foreign/foreignPictures';

/** Views at least 45° apart. */
const PAIRS: readonly (readonly View[])[] = [
  ['thumb-side', 'profile'],
  ['finger-side', 'profile'],
  ['finger-side', 'thumb-side'],
  ['player-eye', 'thumb-side'],
];

const JOINTS: Record<ForeignRay, readonly [FittedJoint, FittedJoint]> = {
  thumb: ['thumbMcp', 'thumbIp'],
  index: ['indexPip', 'indexDip'],
  middle: ['middlePip', 'middleDip'],
  ring: ['ringPip', 'ringDip'],
  little: ['littlePip', 'littleDip'],
};

/** How well the middle finger's length is known, and by how much it is off, shares. [memory] */
const FINGER = { sd: 0.04, off: -0.03 };

/** How far a bend was told from the truth, and by its own doubt. */
export interface ForeignBend {
  joint: FittedJoint;
  isStraightThumb: boolean;
  errorDeg: number;
  sds: number;
}

/** What became of the foreign hands. */
export interface ForeignCases {
  hands: number;
  refused: number;
  bends: ForeignBend[];
}

/**
 * Fits a hand to two pictures of each of so many foreign hands.
 *
 * @param from the first hand's seed: others than those by which the doubt was set
 * @param noise SD of a click, as a share of the hand's length
 */
export function foreignCases(hands: number, from: number, noise: number): ForeignCases {
  const hold = holdById('violin-shallow');
  const found: ForeignCases = { hands, refused: 0, bends: [] };
  for (let seed = from; seed < from + hands; seed += 1) {
    const hand = foreignHand(seed);
    const captures = foreignPictures(hand, PAIRS[seed % PAIRS.length]!, { seed, noise });
    const middleFinger = {
      mm: hand.middleFingerMm * (1 + FINGER.off),
      sdMm: hand.middleFingerMm * FINGER.sd,
    };
    try {
      const { joints } = fitHold(captures, hold, { middleFinger, relaxed: null });
      for (const ray of RAYS) {
        JOINTS[ray].forEach((joint, k) => {
          const told = joints.find(({ id }) => id === joint);
          if (!told) return;
          const errorDeg = told.value - hand.bendDeg[ray][k]!;
          found.bends.push({
            joint,
            isStraightThumb: joint === 'thumbIp' && hand.isThumbStraight,
            errorDeg,
            sds: Math.abs(errorDeg) / told.sd,
          });
        });
      }
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      found.refused += 1;
    }
  }
  return found;
}
