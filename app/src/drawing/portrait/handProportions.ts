import type { Finger } from '@open-palm/core/hand';

/** Half widths at knuckle, middle joint, last joint and tip (thumb: middle joint, last joint, tip), mm. [memory] */
export const RADII_MM: Record<Finger | 'thumb', number[]> = {
  index: [9, 8.4, 7.4, 6.2],
  middle: [9.4, 8.6, 7.6, 6.4],
  ring: [9, 8.2, 7.2, 6],
  little: [7.8, 7, 6.2, 5.2],
  thumb: [11, 9.6, 7.4],
};
