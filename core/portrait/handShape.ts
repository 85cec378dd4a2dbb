import type { PosedHand } from '../pose/posedHand';
import { covered } from './fields';
import { FOREARM_PART, handSurface } from './handSurface';
import { emptyBuffer, raster } from './raster';
import { CLOSE_PER_MM, project, sightFrom, type Station } from './sight';
import { traced } from './trace';

/** A plane beyond which nothing is drawn: a place on it, and the way that is cut away. */
export interface Cut {
  at: readonly number[];
  toward: readonly number[];
}

const NO_BEND = { flexionDeg: 0, deviationDeg: 0 };
const DOT_MM = 0.3;

/** The outline of a hand without what it holds and without its forearm, to be held against pictures: path data, tenths of a millimetre. */
export function handShape(
  hand: PosedHand,
  size: number,
  station: Station,
  eyeMm: number,
  { at, toward }: Cut,
): string {
  const sight = sightFrom(station, eyeMm);
  const { places, triangles, parts } = handSurface(hand, size, NO_BEND, sight.toward);
  const beyond = (v: number) =>
    [0, 1, 2].reduce((sum, k) => sum + (places[3 * v + k]! - at[k]!) * toward[k]!, 0) > 0;
  const kept: number[] = [];
  for (let t = 0; t < triangles.length; t += 3) {
    const corners = [triangles[t]!, triangles[t + 1]!, triangles[t + 2]!];
    if (parts[t / 3] === FOREARM_PART || corners.filter(beyond).length > 1) continue;
    // Both ways round: where the wrist is cut open its inside is seen.
    kept.push(...corners, corners[0]!, corners[2]!, corners[1]!);
  }
  const buffer = emptyBuffer(station.widthMm, station.heightMm, DOT_MM);
  raster(buffer, {
    places: project(sight, places),
    triangles: kept,
    parts: new Uint8Array(kept.length / 3),
  });
  const tracing = { leastMm2: 2, toleranceMm: 0.2, perMm: CLOSE_PER_MM };
  return traced(covered(buffer, buffer.part), tracing);
}
