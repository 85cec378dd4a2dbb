import { HAND_POINTS } from '../../hand';
import type { Vec3 } from '../../units';
import { times, type Rotation } from '../rotation';
import type { Skeleton } from './handSkeleton';
import { firstOf, PALM, RAY, RAYS, SIZE, TIPS, TURN, WRIST, type Ray } from './layout';

/** The unknowns that move each of the 21 points, in the order in which `entries` tells how. */
export const POINT_COLUMNS: readonly Int32Array[] = [
  Int32Array.of(0, 1, 2),
  ...RAYS.flatMap((ray) => [0, 1, 2, 3].map((at) => columnsOf(ray, at))),
];

function columnsOf(ray: Ray, at: number): Int32Array {
  const first = firstOf(ray);
  const own = [RAY.base, RAY.base + 1, RAY.base + 2];
  if (at >= 1) own.push(RAY.spread, RAY.roll, RAY.flexion, RAY.bones);
  if (at >= 2) {
    const isThumb = ray === 'thumb';
    own.push(
      ...(isThumb ? [RAY.secondSpread, RAY.second, RAY.twist] : [RAY.second]),
      RAY.bones + 1,
    );
  }
  if (at >= 3) own.push(RAY.third, RAY.bones + 2);
  const shared = [WRIST, WRIST + 1, WRIST + 2, TURN, TURN + 1, TURN + 2, SIZE, PALM];
  const tips = at >= 3 ? [TIPS] : [];
  return Int32Array.from([...shared, ...own.map((offset) => first + offset), ...tips]);
}

/** A posed hand in the bow's frame. */
export interface PosedSkeleton {
  /** x, y, z of the 21 points in the common order, mm. */
  at: Float64Array;
  /** Of each point, x, y, z of its change with each of its `POINT_COLUMNS`; only where derivatives were asked for. */
  entries: readonly Float64Array[];
  /** Of each ray the hinge about which its last two joints bend, x, y, z. */
  hinges: Record<Ray, readonly [number, number, number]>;
}

/**
 * Forward kinematics: where the 21 points are, and how they move with the unknowns.
 *
 * @param values the hand's unknowns, of which the turn is not read: `turn` holds it
 */
export function poseSkeleton(
  skeleton: Skeleton,
  values: Float64Array,
  turn: Rotation,
  withEntries: boolean,
): PosedSkeleton {
  const at = new Float64Array(3 * HAND_POINTS.length);
  const size = Math.exp(values[SIZE]!);
  at.set([values[WRIST]!, values[WRIST + 1]!, values[WRIST + 2]!]);
  const entries: Float64Array[] = withEntries ? [Float64Array.of(1, 0, 0, 0, 1, 0, 0, 0, 1)] : [];
  const hinges = {} as PosedSkeleton['hinges'];
  RAYS.forEach((ray, i) => {
    hinges[ray] = poseRay(ray, 1 + 4 * i, {
      skeleton,
      values,
      turn,
      size,
      at,
      entries,
      withEntries,
    });
  });
  return { at, entries, hinges };
}

interface Posing {
  skeleton: Skeleton;
  values: Float64Array;
  turn: Rotation;
  size: number;
  at: Float64Array;
  entries: Float64Array[];
  withEntries: boolean;
}

/** A joint's turn about one axis, remembered for the derivatives. */
interface Hinge {
  /** Direction of the axis and a point on it. */
  axis: readonly [number, number, number];
  about: number;
}

function poseRay(ray: Ray, point: number, posing: Posing): readonly [number, number, number] {
  const { skeleton, values, turn, size, at } = posing;
  const { base, frame, bones } = skeleton[ray];
  const first = firstOf(ray);
  const value = (offset: number) => values[first + offset]!;
  const place = (i: number, x: number, y: number, z: number) => at.set([x, y, z], 3 * i);
  const usual = usualBase(base, posing);
  const [bx, by, bz] = usual.map((b, k) => b + size * value(RAY.base + k)) as [
    number,
    number,
    number,
  ];
  place(
    point,
    at[0]! + turn[0]! * bx + turn[1]! * by + turn[2]! * bz,
    at[1]! + turn[3]! * bx + turn[4]! * by + turn[5]! * bz,
    at[2]! + turn[6]! * bx + turn[7]! * by + turn[8]! * bz,
  );
  const hinges: Hinge[] = [];
  let local = times(turn, frame);
  const bend = (column: 0 | 1 | 2, angle: number, about: number) => {
    const sign = column === 2 ? -1 : 1;
    hinges.push({
      axis: [sign * local[column]!, sign * local[3 + column]!, sign * local[6 + column]!],
      about,
    });
    local = times(local, TURNS[column](sign * angle));
  };
  const tips = values[TIPS]!;
  const lengths = bones.map(
    (bone, i) => size * bone * Math.exp(value(RAY.bones + i) + (i === 2 ? tips : 0)),
  );
  const grow = (i: number) => {
    const from = 3 * (point + i);
    place(
      point + i + 1,
      at[from]! + local[1]! * lengths[i]!,
      at[from + 1]! + local[4]! * lengths[i]!,
      at[from + 2]! + local[7]! * lengths[i]!,
    );
  };
  bend(2, value(RAY.spread), point);
  bend(1, value(RAY.roll), point);
  bend(0, value(RAY.flexion), point);
  grow(0);
  if (ray === 'thumb') bend(2, value(RAY.secondSpread), point + 1);
  bend(0, value(RAY.second), point + 1);
  if (ray === 'thumb') bend(1, value(RAY.twist), point + 1);
  grow(1);
  bend(0, value(RAY.third), point + 2);
  grow(2);
  if (posing.withEntries) {
    for (let k = 0; k < 4; k += 1) {
      posing.entries[point + k] = entriesOf(point, k, hinges, usual, posing);
    }
  }
  return hinges.at(-1)!.axis;
}

/** Where a ray's base would lie in this palm without an offset of its own, in the hand's frame, mm. */
function usualBase({ x, y, z }: Vec3, { size, values }: Posing): readonly [number, number, number] {
  const by = size * Math.exp(values[PALM]!);
  return [by * x, by * y, by * z];
}

/** Rotations about the three columns of a frame. */
const TURNS = [
  (a: number) => aboutFirst(Math.cos(a), Math.sin(a)),
  (a: number) => aboutSecond(Math.cos(a), Math.sin(a)),
  (a: number) => aboutThird(Math.cos(a), Math.sin(a)),
] as const;
const aboutFirst = (c: number, s: number) => Float64Array.of(1, 0, 0, 0, c, -s, 0, s, c);
const aboutSecond = (c: number, s: number) => Float64Array.of(c, 0, s, 0, 1, 0, -s, 0, c);
const aboutThird = (c: number, s: number) => Float64Array.of(c, -s, 0, s, c, 0, 0, 0, 1);

/** How one point of a ray moves with its columns. */
function entriesOf(
  base: number,
  k: number,
  hinges: readonly Hinge[],
  usual: readonly [number, number, number],
  { at, turn, size }: Posing,
): Float64Array {
  const point = base + k;
  const out = new Float64Array(3 * POINT_COLUMNS[point]!.length);
  let next = 0;
  const put = (x: number, y: number, z: number) => {
    out[next] = x;
    out[next + 1] = y;
    out[next + 2] = z;
    next += 3;
  };
  const from = (other: number) =>
    [0, 1, 2].map((i) => at[3 * point + i]! - at[3 * other + i]!) as [number, number, number];
  const about = ([x, y, z]: readonly [number, number, number], other: number) => {
    const [px, py, pz] = from(other);
    put(y * pz - z * py, z * px - x * pz, x * py - y * px);
  };
  const bone = (i: number) => {
    const [a, b] = [3 * (base + i), 3 * (base + i + 1)];
    put(at[b]! - at[a]!, at[b + 1]! - at[a + 1]!, at[b + 2]! - at[a + 2]!);
  };
  put(1, 0, 0);
  put(0, 1, 0);
  put(0, 0, 1);
  about([1, 0, 0], 0);
  about([0, 1, 0], 0);
  about([0, 0, 1], 0);
  put(...from(0));
  const [bx, by, bz] = usual;
  put(
    turn[0]! * bx + turn[1]! * by + turn[2]! * bz,
    turn[3]! * bx + turn[4]! * by + turn[5]! * bz,
    turn[6]! * bx + turn[7]! * by + turn[8]! * bz,
  );
  for (let i = 0; i < 3; i += 1) put(size * turn[i]!, size * turn[3 + i]!, size * turn[6 + i]!);
  if (k >= 1) {
    for (let i = 0; i < 3; i += 1) about(hinges[i]!.axis, base);
    bone(0);
  }
  if (k >= 2) {
    const own = hinges.filter((hinge) => hinge.about === base + 1);
    for (const hinge of own) about(hinge.axis, base + 1);
    bone(1);
  }
  if (k >= 3) {
    about(hinges.at(-1)!.axis, base + 2);
    bone(2);
    bone(2);
  }
  return out;
}
