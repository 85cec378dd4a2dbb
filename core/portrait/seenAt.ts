import { CLOSE_PER_MM, project, sightFrom, type Station } from './sight';

/**
 * Where a place about the bow shows in a picture, tenths of a millimetre.
 *
 * @param place in the holds' frame, mm
 *
 * @example seenAt({ toward: [0, 0, 1], at: [5, 0, 0], widthMm: 100, heightMm: 80 }, [5, 0, 0]) // { x: 500, y: 400 }
 */
export function seenAt(
  station: Station,
  place: readonly [number, number, number],
): { x: number; y: number } {
  const [x, y] = project(sightFrom(station), Float64Array.from(place));
  return { x: Math.round(x! * CLOSE_PER_MM), y: Math.round(y! * CLOSE_PER_MM) };
}

/**
 * The place along the stick's axis that shows so far across a picture, mm; the other way round of `seenAt`.
 *
 * @param share of the picture's width, from its left
 */
export function stickAt(station: Station, share: number): number {
  const { right, toward, at, widthMm, eyeMm } = sightFrom(station);
  const across = (share - 0.5) * widthMm;
  // Of the axis' own distance from what stands in the middle: sideways, and toward the eye.
  const sideways = -at[1] * right[1] - at[2] * right[2];
  const nearer = -at[1] * toward[1] - at[2] * toward[2];
  const along =
    (across * (eyeMm - nearer) - eyeMm * sideways) / (eyeMm * right[0] + across * toward[0]);
  return at[0] + along;
}
