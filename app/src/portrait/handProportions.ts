import type { Finger } from '@open-palm/core/hand';

/** Phalanges from the base to the tip, mm. [published: Buryanov & Kotiuk, Int. J. Morphol. 28(3), 2010; recalled; last ones with 4 mm of flesh] */
export const PHALANGES_MM: Record<Finger, [number, number, number]> = {
  index: [39.8, 22.4, 19.8],
  middle: [44.6, 26.3, 21.4],
  ring: [41.4, 25.7, 21.3],
  little: [32.7, 18.1, 20],
};

/** The thumb's first and last phalanx, mm. [same source] */
export const THUMB_MM: [number, number] = [31.6, 25.7];

/** Half widths at knuckle, middle joint, last joint and tip (thumb: middle joint, last joint, tip), mm. [memory] */
export const RADII_MM: Record<Finger | 'thumb', number[]> = {
  index: [9, 8.4, 7.4, 6.2],
  middle: [9.4, 8.6, 7.6, 6.4],
  ring: [9, 8.2, 7.2, 6],
  little: [7.8, 7, 6.2, 5.2],
  thumb: [11, 9.6, 7.4],
};
