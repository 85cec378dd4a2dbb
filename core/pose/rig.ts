import type { Digit } from './digits';
import data from './data/rig.json' with { type: 'json' };

/** How many joints the rig has. */
export const JOINTS = 25;
/** The wrist's number among the rig's joints. */
export const WRIST_JOINT = 0;

/** The rig's joints of each digit from its base to its tip; a finger's first is in the palm. */
export const DIGIT_JOINTS: Record<Digit, readonly number[]> = {
  thumb: [1, 2, 3, 4],
  index: [5, 6, 7, 8, 9],
  middle: [10, 11, 12, 13, 14],
  ring: [15, 16, 17, 18, 19],
  little: [20, 21, 22, 23, 24],
};

/** A joint as the rig rests, mm and directions in the rig's own frame: fingers toward −y, index side −z, palm −x. */
export interface RestJoint {
  at: readonly [number, number, number];
  /** About which it bends toward the palm, moves sideways, turns about itself. */
  hinge: readonly [number, number, number];
  side: readonly [number, number, number];
  twist: readonly [number, number, number];
}

/**
 * The joints of the rigged right hand of @webxr-input-profiles/assets (MIT, © 2019 Amazon), written by `npm run pictures`.
 */
export const REST = data.joints as unknown as readonly RestJoint[];

/** The rig's skin at rest: what the joints carry. */
export interface RestSkin {
  /** x, y, z of each place, mm. */
  places: Float64Array;
  /** Of each place its first entry in `joints` and `weights`; one more at the end. */
  first: Int32Array;
  joints: Uint8Array;
  weights: Float64Array;
  /** Three places each, seen from outside counter-clockwise. */
  triangles: Uint16Array;
}

/** A place on a triangle of the skin: which, and the shares of its second and third place. */
export type SkinAnchor = readonly [triangle: number, second: number, third: number];

/** Outlines of the five nails, thumb first, and lines where joints crease. */
export const NAILS = data.nails as unknown as readonly (readonly SkinAnchor[])[];
export const CREASES = data.creases as unknown as readonly (readonly SkinAnchor[])[];

const PER_MM = 100;

/** The skin at rest, its weights adding up to one. */
export function readRestSkin(): RestSkin {
  const { places, carriers, triangles } = data;
  const first = new Int32Array(carriers.length + 1);
  carriers.forEach((pairs, i) => (first[i + 1] = first[i]! + pairs.length / 2));
  const [joints, weights] = [new Uint8Array(first.at(-1)!), new Float64Array(first.at(-1)!)];
  carriers.forEach((pairs, i) => {
    const sum = pairs.reduce((total, value, k) => total + (k % 2 ? value : 0), 0);
    for (let k = 0; k < pairs.length / 2; k += 1) {
      joints[first[i]! + k] = pairs[2 * k]!;
      weights[first[i]! + k] = pairs[2 * k + 1]! / sum;
    }
  });
  return {
    places: Float64Array.from(places, (value) => value / PER_MM),
    first,
    joints,
    weights,
    triangles: Uint16Array.from(triangles),
  };
}
