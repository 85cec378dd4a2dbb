import {
  expectedPhalanges,
  FINGER_CHAIN,
  FINGERS,
  PUBLISHED_MIDDLE_FINGER_MM,
  type Finger,
  type HandFacts,
  type HandPointName,
} from '../../hand';
import type { Vec3 } from '../../units';
import priors from '../data/handPriors.json' with { type: 'json' };
import { fromColumns, type Rotation } from '../rotation';
import { RAYS, type Ray } from './layout';

/** A ray of the usual hand, in the hand's frame (radial, distal, palmar), at unit size. */
export interface SkeletonRay {
  base: Vec3;
  /** Columns: its hinge, its direction, and where it bends to. */
  frame: Rotation;
  /** Lengths of its three bones beyond the base, mm. */
  bones: readonly [number, number, number];
}

export type Skeleton = Record<Ray, SkeletonRay>;

/** The four points of a ray from its base to its tip. */
export const RAY_POINTS: Record<Ray, readonly HandPointName[]> = {
  thumb: ['thumbCmc', 'thumbMcp', 'thumbIp', 'thumbTip'],
  ...FINGER_CHAIN,
};

/** A vector out of three numbers, as the data have it. */
export const vec = ([x, y, z]: readonly number[]): Vec3 => ({ x: x!, y: y!, z: z! });

/** How much larger this hand is than the one whose phalanges were published. */
export const sizeOf = ({ middleFinger }: HandFacts): number =>
  middleFinger.mm / PUBLISHED_MIDDLE_FINGER_MM;

/**
 * The hand that is expected before a picture was looked at: palm from memory, phalanges as published or, where the
 * student's relaxed hand shows longer ones, the student's own.
 */
export function skeletonOf(facts: HandFacts): Skeleton {
  const expected = expectedPhalanges(facts);
  const bone = (name: HandPointName) => expected.get(name)!.mm / sizeOf(facts);
  const straight = fromColumns({ x: 1, y: 0, z: 0 }, { x: 0, y: 1, z: 0 }, { x: 0, y: 0, z: 1 });
  const finger = (name: Finger): SkeletonRay => {
    const [, pip, dip, tip] = FINGER_CHAIN[name];
    return {
      base: vec(priors.palmMm[name]),
      frame: straight,
      bones: [bone(pip), bone(dip), bone(tip)],
    };
  };
  const rays = Object.fromEntries(FINGERS.map((name) => [name, finger(name)]));
  return {
    ...(rays as Record<Finger, SkeletonRay>),
    thumb: {
      base: vec(priors.palmMm.thumb),
      frame: thumbFrame(),
      bones: [priors.thumbMetacarpalMm, bone('thumbIp'), bone('thumbTip')],
    },
  };
}

/** The thumb's own frame: it does not bend toward the palm as fingers do, but across it. */
function thumbFrame(): Rotation {
  const distal = unit(vec(priors.thumbFrame.distal));
  const toward = vec(priors.thumbFrame.flexesToward);
  const along = toward.x * distal.x + toward.y * distal.y + toward.z * distal.z;
  const palmar = unit({
    x: toward.x - along * distal.x,
    y: toward.y - along * distal.y,
    z: toward.z - along * distal.z,
  });
  return fromColumns(cross(distal, palmar), distal, palmar);
}

/**
 * The cross product.
 *
 * @example cross({ x: 1, y: 0, z: 0 }, { x: 0, y: 1, z: 0 }) // { x: 0, y: 0, z: 1 }
 */
export const cross = (a: Vec3, b: Vec3): Vec3 => ({
  x: a.y * b.z - a.z * b.y,
  y: a.z * b.x - a.x * b.z,
  z: a.x * b.y - a.y * b.x,
});

/**
 * The vector of length 1 in the same direction.
 *
 * @example unit({ x: 3, y: 0, z: 4 }) // { x: 0.6, y: 0, z: 0.8 }
 */
export function unit(v: Vec3): Vec3 {
  const length = Math.hypot(v.x, v.y, v.z);
  return { x: v.x / length, y: v.y / length, z: v.z / length };
}

/** All rays with their points, in the order in which a hand is posed. */
export const RAY_LIST = RAYS.map((ray) => ({ ray, points: RAY_POINTS[ray] }));
