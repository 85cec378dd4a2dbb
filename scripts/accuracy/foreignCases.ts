import { fitHold, type FittedHold, type FittedJoint } from '@open-palm/core/fit';
import { holdById } from '@open-palm/core/holds';
import { InputError } from '@open-palm/core/issue';
import type { View } from '@open-palm/core/measure';
import {
  foreignHand,
  RAYS,
  type ForeignHand,
  type ForeignRay,
} from '../../studio-demo/foreign/foreignHand';
import {
  foreignPictures,
  OTHER_SCENE,
  PAIRS_APART,
  USUAL_SCENE,
} from '../../studio-demo/foreign/foreignPictures';
import { strangerHand } from '../../studio-demo/foreign/strangerHand';

const JOINTS: Record<ForeignRay, readonly [FittedJoint, FittedJoint]> = {
  thumb: ['thumbMcp', 'thumbIp'],
  index: ['indexPip', 'indexDip'],
  middle: ['middlePip', 'middleDip'],
  ring: ['ringPip', 'ringDip'],
  little: ['littlePip', 'littleDip'],
};

/** How well the middle finger's length is known, and by how much it is off, shares. [memory] */
const FINGER = { sd: 0.04, off: -0.03 };

/** Views of which each is tried by itself. */
const SINGLES: readonly (readonly View[])[] = [
  ['finger-side'],
  ['thumb-side'],
  ['profile'],
  ['player-eye'],
];

/** By which hands, and before which cameras. */
export const MAKES = {
  /** Those by which doubts were set. */
  foreign: { handOf: foreignHand, scene: USUAL_SCENE },
  /** Those on which they are only measured. */
  stranger: { handOf: strangerHand, scene: OTHER_SCENE },
} as const;

/** A run of hands, each fitted once. */
export interface ForeignRun {
  make: keyof typeof MAKES;
  pictures: 'one' | 'two';
  /** SD of a click, as a share of the hand's length. */
  noise: number;
  from: number;
  hands: number;
}

/** How a bend was told, against the truth. */
export interface ForeignBend {
  joint: FittedJoint;
  isStraightThumb: boolean;
  errorDeg: number;
  /** The error by its own doubt; null where a range was told. */
  sds: number | null;
  /** Where one was told: whether it holds the truth, and how wide it is. */
  range: { holds: boolean; widthDeg: number } | null;
}

/** What became of the foreign hands. */
export interface ForeignCases {
  hands: number;
  refused: number;
  bends: ForeignBend[];
}

/** Fits a hand to the pictures of each foreign hand of a run. */
export function foreignCases({ make, pictures, noise, from, hands }: ForeignRun): ForeignCases {
  const hold = holdById('violin-shallow');
  const found: ForeignCases = { hands, refused: 0, bends: [] };
  const sets = pictures === 'two' ? PAIRS_APART : SINGLES;
  const { handOf, scene } = MAKES[make];
  for (let seed = from; seed < from + hands; seed += 1) {
    const hand = handOf(seed);
    const captures = foreignPictures(hand, sets[seed % sets.length]!, { seed, noise, scene });
    const middleFinger = {
      mm: hand.middleFingerMm * (1 + FINGER.off),
      sdMm: hand.middleFingerMm * FINGER.sd,
    };
    try {
      const { joints } = fitHold(captures, hold, { middleFinger, relaxed: null });
      found.bends.push(...bendsOf(hand, joints));
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      found.refused += 1;
    }
  }
  return found;
}

const bendsOf = (hand: ForeignHand, joints: FittedHold['joints']): ForeignBend[] =>
  RAYS.flatMap((ray) =>
    JOINTS[ray].flatMap((joint, k): ForeignBend[] => {
      const told = joints.find(({ id }) => id === joint);
      if (!told) return [];
      const real = hand.bendDeg[ray][k]!;
      const errorDeg = told.value - real;
      const { interval } = told;
      return [
        {
          joint,
          isStraightThumb: joint === 'thumbIp' && hand.isThumbStraight,
          errorDeg,
          sds: interval ? null : Math.abs(errorDeg) / told.sd,
          range: interval && {
            holds: interval.lo <= real && real <= interval.hi,
            widthDeg: interval.hi - interval.lo,
          },
        },
      ];
    }),
  );
