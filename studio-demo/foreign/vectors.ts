/** A vector of three numbers. */
export type Vector = readonly [number, number, number];

export const add = (a: Vector, b: Vector): Vector => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const scaled = (a: Vector, by: number): Vector => [by * a[0], by * a[1], by * a[2]];
export const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];
export const unit = (a: Vector): Vector => scaled(a, 1 / Math.hypot(...a));

/** The angle between two vectors of length 1, degrees. */
export const angleDeg = (a: Vector, b: Vector): number =>
  (Math.acos(Math.min(1, Math.max(-1, dot(a, b)))) * 180) / Math.PI;

/** A vector turned about an axis of length 1, degrees (Rodrigues' formula). */
export function turnedAbout(v: Vector, axis: Vector, degrees: number): Vector {
  const [sin, cos] = [Math.sin((degrees * Math.PI) / 180), Math.cos((degrees * Math.PI) / 180)];
  return add(
    add(scaled(v, cos), scaled(cross(axis, v), sin)),
    scaled(axis, dot(axis, v) * (1 - cos)),
  );
}
