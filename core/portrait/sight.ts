/** From where a hand is looked at, in the bow's frame of a right hand, mm. */
export interface Station {
  /** From the hand toward the eye. */
  toward: readonly [number, number, number];
  /** What stands in the middle of the picture. */
  at: readonly [number, number, number];
  /** Width and height of what is seen there. */
  widthMm: number;
  heightMm: number;
  /** Whether the stick lies level in the picture; else the bow's height shows upward. */
  level?: boolean;
}

/** Path data of a drawing that is looked at closely are in tenths of a millimetre. */
export const CLOSE_PER_MM = 10;

/** How far the eye is away, mm: an arm's length and a half. */
export const EYE_MM = 700;

/** A station as axes, to project places with. */
export interface Sight {
  right: readonly [number, number, number];
  up: readonly [number, number, number];
  toward: readonly [number, number, number];
  at: readonly [number, number, number];
  widthMm: number;
  heightMm: number;
  eyeMm: number;
}

/** The axes of a station. */
export function sightFrom(
  { toward, at, widthMm, heightMm, level = false }: Station,
  eyeMm = EYE_MM,
): Sight {
  const length = Math.hypot(...toward);
  const [tx, ty, tz] = toward.map((value) => value / length) as [number, number, number];
  // The upward axis crossed with the line of sight, or the stick laid into the picture; from the thumb's side its tip is to the left.
  const sense = tz < 0 ? -1 : 1;
  const across = level ? sense * Math.hypot(1 - tx * tx, tx * ty, tx * tz) : Math.hypot(tz, tx);
  const right = level
    ? ([(1 - tx * tx) / across, (-tx * ty) / across, (-tx * tz) / across] as const)
    : ([tz / across, 0, -tx / across] as const);
  const up = [
    ty * right[2] - tz * right[1],
    tz * right[0] - tx * right[2],
    tx * right[1] - ty * right[0],
  ] as const;
  return { right, up, toward: [tx, ty, tz], at, widthMm, heightMm, eyeMm };
}

/**
 * Places as the eye sees them: x from the left and y from the top of the picture, mm at its middle, and the inverse of the distance from
 * the eye, which is what stays straight between two places.
 */
export function project(sight: Sight, places: Float64Array): Float64Array {
  const { right, up, toward, at, widthMm, heightMm, eyeMm } = sight;
  const out = new Float64Array(places.length);
  for (let i = 0; i < places.length; i += 3) {
    const [x, y, z] = [places[i]! - at[0], places[i + 1]! - at[1], places[i + 2]! - at[2]];
    const near = 1 / (eyeMm - (x * toward[0] + y * toward[1] + z * toward[2]));
    out[i] = widthMm / 2 + eyeMm * near * (x * right[0] + y * right[1] + z * right[2]);
    out[i + 1] = heightMm / 2 - eyeMm * near * (x * up[0] + y * up[1] + z * up[2]);
    out[i + 2] = near;
  }
  return out;
}
