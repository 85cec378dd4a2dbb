import { seededNormal } from '@open-palm/core/stats';
import { add, cross, dot, scaled, turnedAbout, unit, type Vector as V } from './vectors';

export const RAYS = ['thumb', 'index', 'middle', 'ring', 'little'] as const;
export type ForeignRay = (typeof RAYS)[number];

/**
 * A hand that the project did not measure its model on: its palm and bones come from another table, its axes are turned, its tips lie
 * elsewhere. All lengths mm, in the frame of the hand: radial, distal, palmar, from the wrist. [memory]
 */
const PALM: Record<ForeignRay, V> = {
  thumb: [20, 24, 12],
  index: [26, 86, 3],
  middle: [5, 91, 0],
  ring: [-14, 86, 2],
  little: [-31, 74, 8],
};
const BONES: Record<ForeignRay, V> = {
  thumb: [45, 34, 24],
  index: [43, 25, 18],
  middle: [48, 29, 19],
  ring: [44, 28, 19],
  little: [34, 20, 17],
};
/** How far single hands differ from the table: a share of each bone, mm in the palm. */
const BONE_SD = 0.07;
const PALM_SD_MM = 4;
const SIZE_SD = 0.08;
/** How far a clicked fingertip lies beyond the bone's end, mm. */
const MOST_TIP_MM = 14;

/** Bends of a hold, degrees: at the base, the second and the third joint, mean and SD. */
const BENDS: Record<ForeignRay, readonly (readonly [number, number])[]> = {
  thumb: [
    [12, 14],
    [16, 13],
    [35, 18],
  ],
  index: [
    [32, 14],
    [46, 18],
    [22, 12],
  ],
  middle: [
    [38, 14],
    [48, 18],
    [24, 12],
  ],
  ring: [
    [42, 14],
    [42, 18],
    [20, 12],
  ],
  little: [
    [22, 16],
    [52, 22],
    [26, 14],
  ],
};
/** So many thumbs are straight, to five degrees either way: what a teacher must be told first. */
const STRAIGHT_SHARE = 0.4;

export interface ForeignHand {
  /** Of each ray base, second joint, third joint and clicked tip, mm in the frame of the hand; the wrist is at 0. */
  points: Record<ForeignRay, readonly [V, V, V, V]>;
  /** Degrees, at each ray's second and third joint. */
  bendDeg: Record<ForeignRay, readonly [number, number]>;
  isThumbStraight: boolean;
  /** From the middle knuckle to the clicked tip, mm. */
  middleFingerMm: number;
}

/**
 * An invented foreign hand in a hold.
 *
 * @param seed the same hand for the same seed
 * @param mostTurnedDeg how far its axes are turned from where our own rig has them, at most
 */
export function foreignHand(seed: number, mostTurnedDeg = 30): ForeignHand {
  const normal = seededNormal(seed);
  const uniform = () => {
    const z = normal();
    // The normal distribution's own share below z: evenly spread.
    return 1 / (1 + Math.exp(-1.702 * z));
  };
  const size = Math.exp(SIZE_SD * normal());
  const tipMm = MOST_TIP_MM * uniform();
  const isThumbStraight = uniform() < STRAIGHT_SHARE;
  const points = {} as Record<ForeignRay, [V, V, V, V]>;
  const bendDeg = {} as Record<ForeignRay, [number, number]>;
  for (const ray of RAYS) {
    const base = scaled(
      add(PALM[ray], [PALM_SD_MM * normal(), PALM_SD_MM * normal(), PALM_SD_MM * normal()]),
      size,
    );
    const [first, second, third] = BENDS[ray].map(([mean, sd]) => mean + sd * normal()) as [
      number,
      number,
      number,
    ];
    const last = ray === 'thumb' && isThumbStraight ? 10 * uniform() - 5 : Math.max(-15, third);
    const isThumb = ray === 'thumb';
    // Straight out of the palm; a thumb across it.
    let along: V = unit(isThumb ? [0.6, 0.66, 0.45] : [0.03 * normal(), 1, 0.03 * normal()]);
    const toward: V = isThumb ? [-0.72, 0.3, 0.62] : [0, 0, 1];
    const hinge = unit(cross(along, toward));
    const spread = (isThumb ? 18 : 7) * normal();
    along = turnedAbout(along, unit(cross(hinge, along)), spread);
    // Each joint's own axis: off the usual one, and square to the bone before it only where it happens to be.
    const tilt = () => mostTurnedDeg * (2 * uniform() - 1);
    const axis = (by: number): V => turnedAbout(hinge, along, by);
    const [ofFirst, ofSecond] = isThumb ? [axis(tilt()), axis(tilt())] : [axis(tilt() / 3), hinge];
    along = turnedAbout(along, ofFirst, first);
    const bones = BONES[ray].map((mm) => size * mm * (1 + BONE_SD * normal()));
    const joint = add(base, scaled(along, bones[0]!));
    let bent = turnedAbout(along, turnedAbout(ofSecond, ofFirst, first), second);
    const middle = add(joint, scaled(bent, bones[1]!));
    // The last joint's hinge is square to its bone, as fingers' are.
    const carried = turnedAbout(turnedAbout(hinge, ofFirst, first), ofSecond, second);
    const square = unit(add(carried, scaled(bent, -dot(carried, bent))));
    bent = turnedAbout(bent, square, last);
    points[ray] = [base, joint, middle, add(middle, scaled(bent, bones[2]! + tipMm))];
    bendDeg[ray] = [second, last];
  }
  const chain = points.middle.map((at, i, all) =>
    i === 0 ? 0 : Math.hypot(...add(at, scaled(all[i - 1]!, -1))),
  );
  return {
    points,
    bendDeg,
    isThumbStraight,
    middleFingerMm: chain.reduce((sum, mm) => sum + mm, 0),
  };
}
