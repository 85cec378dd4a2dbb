import { DIGITS } from '../pose/digits';
import { DIGIT_JOINTS } from '../pose/rig';
import { mainJoints, restSkin, skinOf } from '../pose/skin';
import type { PosedHand, WristBend } from '../pose/posedHand';
import { forearmRings, RINGS } from './forearm';
import { loopStencils, refine, type Stencils } from './loopStencils';

/** What a place of the drawn hand belongs to: the palm is 0, the forearm 6. */
export const FOREARM_PART = 6;

/** The part of a digit: 1 to 5, as `DIGITS` has them. */
export const partOfDigit = (digit: (typeof DIGITS)[number]): number => 1 + DIGITS.indexOf(digit);

/** The drawn surface of a hand with its forearm. */
export interface HandSurface {
  /** x, y, z of each place, mm in the bow's frame. */
  places: Float64Array;
  triangles: Int32Array;
  /** Of each triangle what it belongs to. */
  parts: Uint8Array;
  /** The skin before it was made finer. */
  skin: Float64Array;
}

interface Topology {
  /** The skin's places along the cut at the wrist, in order. */
  border: Int32Array;
  coarse: { triangles: Int32Array; parts: Uint8Array };
  fine: { stencils: Stencils; parts: Uint8Array };
}

let known: Topology | undefined;

function topology(): Topology {
  if (known) return known;
  const { places, triangles } = restSkin();
  const skinPlaces = places.length / 3;
  const border = borderOf(triangles);
  const rings: number[] = [];
  const count = border.length;
  const at = (ring: number, i: number) =>
    ring < 0 ? border[i % count]! : skinPlaces + ring * count + (i % count);
  for (let ring = 0; ring < RINGS; ring += 1) {
    for (let i = 0; i < count; i += 1) {
      const [a, b, c, d] = [at(ring - 1, i), at(ring - 1, i + 1), at(ring, i), at(ring, i + 1)];
      rings.push(b, a, c, b, c, d);
    }
  }
  const joints = mainJoints();
  const partOfJoint = new Uint8Array(25);
  for (const digit of DIGITS) {
    // Its first joint lies in the palm.
    const own = DIGIT_JOINTS[digit].slice(1);
    for (const joint of own) partOfJoint[joint] = partOfDigit(digit);
  }
  const partOf = (v: number) => (v < skinPlaces ? partOfJoint[joints[v]!]! : FOREARM_PART);
  const all = Int32Array.of(...triangles, ...rings);
  const parts = Uint8Array.from({ length: all.length / 3 }, (_, t) => {
    const three = [0, 1, 2].map((k) => partOf(all[3 * t + k]!));
    return three[1] === three[2] ? three[1]! : three[0]!;
  });
  const stencils = loopStencils(skinPlaces + RINGS * count, all);
  const fine = {
    stencils,
    parts: Uint8Array.from({ length: 4 * parts.length }, (_, t) => parts[t >> 2]!),
  };
  return (known = { border, coarse: { triangles: all, parts }, fine });
}

/** The cut's places in order, following its border edges. */
function borderOf(triangles: ArrayLike<number>): Int32Array {
  const edges = new Set<string>();
  for (let t = 0; t < triangles.length; t += 3) {
    for (let k = 0; k < 3; k += 1) edges.add(`${triangles[t + k]},${triangles[t + ((k + 1) % 3)]}`);
  }
  const next = new Map<number, number>();
  for (const edge of edges) {
    const [a, b] = edge.split(',').map(Number) as [number, number];
    if (!edges.has(`${b},${a}`)) next.set(a, b);
  }
  const start = next.keys().next().value!;
  const loop = [start];
  for (let v = next.get(start)!; v !== start; v = next.get(v)!) loop.push(v);
  return Int32Array.from(loop);
}

/** How fine a hand is drawn. */
export type Fineness = 'fine' | 'coarse';

/**
 * The surface of a posed hand and its forearm.
 *
 * @param eye from the hand toward who looks
 */
export function handSurface(
  hand: PosedHand,
  size: number,
  wristBend: WristBend,
  eye: readonly [number, number, number],
  fineness: Fineness = 'fine',
): HandSurface {
  const { border, coarse, fine } = topology();
  const skin = skinOf(hand);
  const rings = forearmRings(hand, skin, border, size, wristBend, eye);
  const places = new Float64Array(skin.length + rings.length);
  places.set(skin);
  places.set(rings, skin.length);
  if (fineness === 'coarse') return { places, skin, ...coarse };
  return {
    skin,
    places: refine(fine.stencils, places),
    triangles: fine.stencils.triangles,
    parts: fine.parts,
  };
}

/** A hand's surface mirrored along the stick: the other hand. */
export function mirroredSurface({
  places,
  triangles,
  parts,
  skin,
}: Pick<HandSurface, 'places' | 'triangles' | 'parts' | 'skin'>): HandSurface {
  const mirrored = (from: Float64Array) => from.map((mm, i) => (i % 3 === 0 ? -mm : mm));
  return {
    places: mirrored(places),
    // A mirrored triangle turns the other way round.
    triangles: triangles.map((v, i) => (i % 3 === 0 ? v : triangles[i % 3 === 1 ? i + 1 : i - 1]!)),
    parts,
    skin: mirrored(skin),
  };
}
