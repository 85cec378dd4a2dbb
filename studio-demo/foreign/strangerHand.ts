import { normalCdf, seededNormal } from '@open-palm/core/stats';
import { RAYS, type ForeignHand, type ForeignRay } from './foreignHand';
import { add, angleDeg, cross, dot, scaled, turnedAbout, unit, type Vector as V } from './vectors';

/**
 * Hands of a second make, on which nothing was set: other tables than those of `foreignHand`, joints of another build, bends spread evenly.
 * Bones as shares of the hand's length from the wrist to the middle fingertip.
 * [published: Buchholz, Armstrong & Goldstein, Ergonomics 35(3), 1992; recalled]
 */
const BONES: Record<ForeignRay, V> = {
  thumb: [0.251, 0.196, 0.158],
  index: [0.245, 0.143, 0.097],
  middle: [0.266, 0.17, 0.108],
  ring: [0.244, 0.165, 0.107],
  little: [0.204, 0.117, 0.093],
};
/** Each knuckle from the wrist: how far, fanned by how much toward the thumb, and how far toward the palm. [memory] */
const KNUCKLES: Record<Exclude<ForeignRay, 'thumb'>, readonly [number, number, number]> = {
  index: [0.463, 14, 0.015],
  middle: [0.446, 2, 0],
  ring: [0.421, -10, 0.015],
  little: [0.4, -22, 0.05],
};
const THUMB_ROOT: V = [0.115, 0.125, 0.065];
const HAND_MM = { mean: 186, sdShare: 0.09 };
const BONE_SD_SHARE = 0.06;
const PALM_SD_SHARE = 0.018;
/** How much the hand is cupped: the little finger's knuckle comes forward by so much of its length more, at most. */
const MOST_CUPPED_SHARE = 0.06;
const MOST_TIP_MM = 14;
const TIP_SD_MM = 1;

/** Bends, degrees, spread evenly between: at a finger's knuckle and middle joint. The last one follows, loosely. */
const BENDS: Record<Exclude<ForeignRay, 'thumb'>, readonly [V2, V2]> = {
  index: [
    [5, 60],
    [15, 80],
  ],
  middle: [
    [10, 65],
    [15, 80],
  ],
  ring: [
    [10, 70],
    [10, 75],
  ],
  little: [
    [-5, 45],
    [5, 95],
  ],
};
const THUMB = {
  mcp: [-5, 40],
  ip: [12, 70],
  straight: [-5, 5],
  straightShare: 0.35,
} as const;
type V2 = readonly [number, number];

/** How far each finger's knuckle takes part in the cup, the little finger's wholly. */
const CUPS = { index: 0, middle: 0, ring: 0.4, little: 1 } as const;
/** Where a thumb's first bone points before it bends, and where it bends to. [memory] */
const THUMB_ALONG: V = [0.56, 0.7, 0.44];
const THUMB_ALONG_SD = 0.12;
const THUMB_TOWARD: V = [-0.5, 0.1, 0.86];

/** How far axes are turned about their bones, and off square to them, at most, degrees. */
const AXES = { thumb: 30, thumbLast: 20, finger: 15, fingerLast: 6, oblique: 6 } as const;
/** The thumb's root turns about two axes that do not meet. [memory] */
const SADDLE_APART_MM = 4;

/** Numbers of one hand: the same for the same seed. */
interface Draw {
  normal: () => number;
  between: (lo: number, hi: number) => number;
  /** To either side of 0. */
  within: (most: number) => number;
}

function drawsOf(seed: number): Draw {
  const normal = seededNormal(seed);
  const between = (lo: number, hi: number) => lo + (hi - lo) * normalCdf(normal(), 0, 1);
  return { normal, between, within: (most) => between(-most, most) };
}

/** Joints of a ray, and what its second and third joint bend by. */
interface Chain {
  points: readonly [V, V, V, V];
  bendDeg: readonly [number, number];
}

/**
 * An invented hand in a hold whose make has nothing to do with the one by which doubts were set. Bends are the angles between its bones.
 *
 * @param seed the same hand for the same seed
 */
export function strangerHand(seed: number): ForeignHand {
  const draw = drawsOf(seed + 77_777);
  const { normal, between } = draw;
  const handMm = HAND_MM.mean * Math.exp(HAND_MM.sdShare * normal());
  const tipMm = between(0, MOST_TIP_MM);
  const cupped = between(0, MOST_CUPPED_SHARE);
  const isThumbStraight = between(0, 1) < THUMB.straightShare;
  const chains = RAYS.map((ray): Chain => {
    const [a, b, c] = BONES[ray].map(
      (share) => share * handMm * Math.exp(BONE_SD_SHARE * normal()),
    );
    const lengths: V = [a!, b!, c! + Math.max(0, tipMm + TIP_SD_MM * normal())];
    const off = scaled([normal(), normal(), normal()], PALM_SD_SHARE * handMm);
    if (ray === 'thumb') {
      return thumbChain(draw, add(scaled(THUMB_ROOT, handMm), off), lengths, isThumbStraight);
    }
    const [away, fan, forward] = KNUCKLES[ray];
    const flat = turnedAbout([0, away * handMm, 0], [0, 0, 1], -fan);
    const base = add(add(flat, [0, 0, (forward + CUPS[ray] * cupped) * handMm]), off);
    return fingerChain(draw, ray, base, lengths);
  });
  const of = <T>(pick: (chain: Chain) => T) =>
    Object.fromEntries(RAYS.map((ray, i) => [ray, pick(chains[i]!)])) as Record<ForeignRay, T>;
  const points = of((chain) => chain.points);
  const middleFingerMm = [1, 2, 3].reduce(
    (sum, i) => sum + Math.hypot(...add(points.middle[i]!, scaled(points.middle[i - 1]!, -1))),
    0,
  );
  return { points, bendDeg: of((chain) => chain.bendDeg), isThumbStraight, middleFingerMm };
}

/** Spread about the palm's own normal, then bent about axes of its own. */
function fingerChain(draw: Draw, ray: Exclude<ForeignRay, 'thumb'>, base: V, lengths: V): Chain {
  const { between, normal, within } = draw;
  const [mcp, pip] = BENDS[ray].map(([lo, hi]) => between(lo, hi)) as [number, number];
  const dip = between(0, 1) < 0.1 ? between(-15, 0) : Math.min(70, pip * between(0.15, 0.8));
  let along = turnedAbout([0, 1, 0], [0, 0, 1], -0.35 * KNUCKLES[ray][1] + 7 * normal());
  const hinge = turnedAbout(unit(cross(along, [0, 0, 1])), along, within(AXES.finger));
  along = turnedAbout(along, oblique(draw, hinge, along), mcp);
  const ofMiddle = turnedAbout(squareTo(hinge, along), along, within(AXES.fingerLast));
  return chainOf(draw, base, along, ofMiddle, lengths, [pip, dip], AXES.fingerLast);
}

/** Bent in its root about one axis and spread about another that lies farther out. */
function thumbChain(draw: Draw, root: V, lengths: V, isStraight: boolean): Chain {
  const { between, normal, within } = draw;
  const mcp = between(...THUMB.mcp);
  const ip = isStraight ? between(...THUMB.straight) : between(...THUMB.ip);
  let along = unit(add(THUMB_ALONG, scaled([normal(), normal(), normal()], THUMB_ALONG_SD)));
  const flexing = unit(cross(along, THUMB_TOWARD));
  along = turnedAbout(along, flexing, 14 * normal() + 6);
  const base = add(root, scaled(along, SADDLE_APART_MM));
  along = turnedAbout(along, unit(cross(flexing, along)), 12 * normal());
  const hinge = turnedAbout(squareTo(flexing, along), along, within(AXES.thumb));
  return chainOf(draw, base, along, hinge, lengths, [mcp, ip], AXES.thumbLast);
}

/** Three bones of which the second and the third are bent about axes that are nearly, not quite, one. */
function chainOf(
  draw: Draw,
  base: V,
  first: V,
  hinge: V,
  [a, b, c]: V,
  [second, third]: V2,
  mostTurned: number,
): Chain {
  const joint = add(base, scaled(first, a));
  const ofSecond = oblique(draw, hinge, first);
  const along = turnedAbout(first, ofSecond, second);
  const middle = add(joint, scaled(along, b));
  const carried = squareTo(turnedAbout(hinge, ofSecond, second), along);
  const ofThird = oblique(draw, turnedAbout(carried, along, draw.within(mostTurned)), along);
  const last = turnedAbout(along, ofThird, third);
  return {
    points: [base, joint, middle, add(middle, scaled(last, c))],
    bendDeg: [Math.sign(second) * angleDeg(first, along), Math.sign(third) * angleDeg(along, last)],
  };
}

/** A hinge that is not quite square to its bone. */
const oblique = ({ within }: Draw, hinge: V, along: V): V =>
  turnedAbout(hinge, unit(cross(along, hinge)), within(AXES.oblique));

const squareTo = (axis: V, along: V): V => unit(add(axis, scaled(along, -dot(axis, along))));
