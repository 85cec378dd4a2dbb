import type { KnownLength } from '../units';
import { FINGER_CHAIN, FINGERS, type Finger, type HandPointName } from './handPoints';

/** A bone of a finger, named by the point at its far end. */
export type BoneName = HandPointName;

const MEAN_SD_MM: Record<Finger | 'thumb', readonly (readonly [number, number])[]> = {
  thumb: [
    [31.6, 3.1],
    [21.7, 1.6],
  ],
  index: [
    [39.8, 4.9],
    [22.4, 2.5],
    [15.8, 2.3],
  ],
  middle: [
    [44.6, 3.8],
    [26.3, 3.0],
    [17.4, 1.9],
  ],
  ring: [
    [41.4, 3.9],
    [25.7, 3.3],
    [17.3, 2.2],
  ],
  little: [
    [32.7, 2.8],
    [18.1, 2.5],
    [16.0, 2.5],
  ],
};

/** A fingertip's mark lies on flesh, so the last phalanx reads this much longer than its bone, mm. [memory] */
const FLESH_MM = 4;

const withFlesh = (bones: readonly (readonly [number, number])[]): KnownLength[] =>
  bones.map(([mm, sdMm], i) => ({ mm: i === bones.length - 1 ? mm + FLESH_MM : mm, sdMm }));

/**
 * Adult phalanges from the base to the tip as marked points show them, mean and SD between people.
 * [published: Buryanov & Kotiuk, Proportions of hand segments, Int. J. Morphol. 28(3), 2010; recalled]
 */
export const PHALANGES_MM: Record<Finger | 'thumb', readonly KnownLength[]> = {
  thumb: withFlesh(MEAN_SD_MM.thumb),
  index: withFlesh(MEAN_SD_MM.index),
  middle: withFlesh(MEAN_SD_MM.middle),
  ring: withFlesh(MEAN_SD_MM.ring),
  little: withFlesh(MEAN_SD_MM.little),
};

/** Length of the middle finger that the published phalanges add up to, mm. */
export const PUBLISHED_MIDDLE_FINGER_MM = PHALANGES_MM.middle.reduce((sum, { mm }) => sum + mm, 0);

/** Every phalanx: the points at its ends and what it usually measures. */
export const PHALANGES: readonly {
  from: HandPointName;
  to: BoneName;
  adult: KnownLength;
}[] = [
  { from: 'thumbMcp' as const, to: 'thumbIp' as const, adult: PHALANGES_MM.thumb[0]! },
  { from: 'thumbIp' as const, to: 'thumbTip' as const, adult: PHALANGES_MM.thumb[1]! },
  ...FINGERS.flatMap((finger) =>
    PHALANGES_MM[finger].map((adult, i) => ({
      from: FINGER_CHAIN[finger][i]!,
      to: FINGER_CHAIN[finger][i + 1]!,
      adult,
    })),
  ),
];
