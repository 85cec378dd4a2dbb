import { FINGERS, type Finger } from '../hand';
import type { Hold } from '../holds';
import { scatter } from '../stats';

/** Where thumb and fingers came to lie when the hold was formed afresh, mm from the frog's front, and how long it took. */
export interface Placement {
  seconds: number;
  xMm: Record<Finger | 'thumb', number>;
}

/** How much a freshly formed hold differs from one time to the next. */
export interface ReFormScatter {
  times: number;
  meanSeconds: number;
  /** SD of the thumb's place and of the gaps between neighbouring fingers, mm. */
  thumbSdMm: number;
  gapSdMm: { gap12: number; gap23: number; gap34: number };
}

/** How often the hold is formed in the test. [practice] */
export const RE_FORM_TIMES = 5;

/**
 * The scatter over placements: sample standard deviations (n − 1).
 *
 * @returns null for fewer than two placements
 */
export function reFormScatter(placements: readonly Placement[]): ReFormScatter | null {
  if (placements.length < 2) return null;
  const gap = (from: Finger, to: Finger) =>
    scatter(placements.map(({ xMm }) => xMm[from] - xMm[to])).sd;
  return {
    times: placements.length,
    meanSeconds: scatter(placements.map(({ seconds }) => seconds)).mean,
    thumbSdMm: scatter(placements.map(({ xMm }) => xMm.thumb)).sd,
    gapSdMm: {
      gap12: gap('index', 'middle'),
      gap23: gap('middle', 'ring'),
      gap34: gap('ring', 'little'),
    },
  };
}

/** Where the marks of the first placement begin: where the hold wants them. */
export const wantedPlaces = ({
  startingPlacesMm,
}: Pick<Hold, 'startingPlacesMm'>): Placement['xMm'] => {
  const { thumb } = startingPlacesMm;
  const xMm = { thumb } as Placement['xMm'];
  for (const finger of FINGERS) xMm[finger] = startingPlacesMm[finger];
  return xMm;
};
