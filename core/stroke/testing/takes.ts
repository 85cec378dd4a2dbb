import { seededNormal } from '../../stats';
import type { StrokeSeries } from '../strokeSeries';

/** From 0 to 1 as smoothly as can be. */
export const minimumJerk = (t: number): number => 10 * t ** 3 - 15 * t ** 4 + 6 * t ** 5;

/** How a simulated player moves, degrees at heel and point. */
export interface SimulatedPlayer {
  wrist: readonly [heel: number, point: number];
  thumb: readonly [heel: number, point: number];
  little: readonly [heel: number, point: number];
}

export const PLAYERS = {
  supple: { wrist: [16, -8], thumb: [42, 28], little: [58, 30] },
  locked: { wrist: [3, 1], thumb: [40, 30], little: [55, 35] },
  compensating: { wrist: [38, -24], thumb: [6, 4], little: [4, 3] },
} as const satisfies Record<string, SimulatedPlayer>;

/** A take of strokes from heel to point and back, with noise. */
export function simulatedTake(
  { wrist, thumb, little }: SimulatedPlayer,
  { strokes = 4, strokeS = 1, rateHz = 30, noiseDeg = 0.5, seed = 3 } = {},
): StrokeSeries {
  const normal = seededNormal(seed);
  const frames = Math.round(strokes * strokeS * rateHz) + 1;
  const timesS = Array.from({ length: frames }, (_, i) => i / rateHz);
  const place = timesS.map((time) => {
    const stroke = Math.min(strokes - 1, Math.floor(time / strokeS));
    const share = minimumJerk(time / strokeS - stroke);
    return stroke % 2 === 0 ? share : 1 - share;
  });
  const along = ([heel, point]: readonly [number, number]) =>
    place.map((at) => heel + (point - heel) * at + noiseDeg * normal());
  return {
    timesS,
    channels: {
      wristFlexion: along(wrist),
      thumbIp: along(thumb),
      littlePip: along(little),
      bowPlace: place,
    },
  };
}
