import type { Vec3 } from '../units';

/** A rotation as a matrix, row by row: `m[0..2]` is what the first coordinate becomes. */
export type Rotation = Float64Array;

/** The rotation whose columns are these three directions. */
export const fromColumns = (x: Vec3, y: Vec3, z: Vec3): Rotation =>
  Float64Array.of(x.x, y.x, z.x, x.y, y.y, z.y, x.z, y.z, z.z);

/** a after b. */
export function times(a: Rotation, b: Rotation): Rotation {
  const out = new Float64Array(9);
  for (let row = 0; row < 9; row += 3) {
    for (let column = 0; column < 3; column += 1) {
      out[row + column] =
        a[row]! * b[column]! + a[row + 1]! * b[3 + column]! + a[row + 2]! * b[6 + column]!;
    }
  }
  return out;
}

/** A times the inverse of b. */
export function timesInverse(a: Rotation, b: Rotation): Rotation {
  return times(a, Float64Array.of(b[0]!, b[3]!, b[6]!, b[1]!, b[4]!, b[7]!, b[2]!, b[5]!, b[8]!));
}

/** The rotation about a vector by its length in radians (Rodrigues' formula). */
export function fromVector(x: number, y: number, z: number): Rotation {
  const angle = Math.hypot(x, y, z);
  // sin θ / θ and (1 − cos θ) / θ² by their series near 0, where the quotients lose their digits.
  const small = angle < 1e-4;
  const a = small ? 1 - (angle * angle) / 6 : Math.sin(angle) / angle;
  const b = small ? 0.5 - (angle * angle) / 24 : (1 - Math.cos(angle)) / (angle * angle);
  const c = Math.cos(angle);
  return Float64Array.of(
    c + b * x * x,
    b * x * y - a * z,
    b * x * z + a * y,
    b * x * y + a * z,
    c + b * y * y,
    b * y * z - a * x,
    b * x * z - a * y,
    b * y * z + a * x,
    c + b * z * z,
  );
}

/**
 * The vector of a rotation: its axis, as long as its angle in radians (0 … π).
 *
 * @example toVector(fromVector(0.1, 0.2, 0.3)) // { x: 0.1, y: 0.2, z: 0.3 }
 */
export function toVector(r: Rotation): Vec3 {
  const x = r[7]! - r[5]!;
  const y = r[2]! - r[6]!;
  const z = r[3]! - r[1]!;
  const twiceSin = Math.hypot(x, y, z);
  const angle = Math.atan2(twiceSin, r[0]! + r[4]! + r[8]! - 1);
  if (angle > Math.PI - 1e-5) return halfTurn(r, angle);
  const k = twiceSin < 1e-9 ? 0.5 : angle / twiceSin;
  return { x: k * x, y: k * y, z: k * z };
}

/** The vector of a rotation by almost half a turn, whose axis its symmetric part tells. */
function halfTurn(r: Rotation, angle: number): Vec3 {
  const [x, y, z] = [r[0]!, r[4]!, r[8]!].map((d) => Math.sqrt(Math.max(0, (d + 1) / 2))) as [
    number,
    number,
    number,
  ];
  if (x >= y && x >= z)
    return { x: angle * x, y: signed(angle * y, r[1]!), z: signed(angle * z, r[2]!) };
  if (y >= z) return { x: signed(angle * x, r[1]!), y: angle * y, z: signed(angle * z, r[5]!) };
  return { x: signed(angle * x, r[2]!), y: signed(angle * y, r[5]!), z: angle * z };
}

const signed = (length: number, by: number) => (by < 0 ? -length : length);

/**
 * How the vector of a rotation changes when the rotation is turned a little further from the left, row by row:
 * the inverse of the left Jacobian of SO(3).
 */
export function vectorJacobian({ x, y, z }: Vec3): Float64Array {
  const angle = Math.hypot(x, y, z);
  const k =
    angle < 1e-3
      ? 1 / 12 + (angle * angle) / 720
      : 1 / angle ** 2 - (1 + Math.cos(angle)) / (2 * angle * Math.sin(angle));
  return Float64Array.of(
    1 - k * (y * y + z * z),
    z / 2 + k * x * y,
    -y / 2 + k * x * z,
    -z / 2 + k * x * y,
    1 - k * (x * x + z * z),
    x / 2 + k * y * z,
    y / 2 + k * x * z,
    -x / 2 + k * y * z,
    1 - k * (x * x + y * y),
  );
}
