/** What of the bow is known, mm. */
export interface BowSizes {
  frogLengthMm: number;
  stickMm: number;
  /** From the stick's axis to the frog's underside. */
  undersideMm: number;
}

/** How the camera sees the frog: beside the fingers, from below, or not, for it is behind the hand. */
export type FrogSight = 'beside' | 'below' | 'behind';

/** What is known of the bow and the hand before the picture is looked at. */
export interface BowFacts {
  sight: FrogSight;
  /** +1 when the hair lies a clockwise quarter turn (on screen) from the direction hand → tip. */
  hairIsClockwise: 1 | -1;
  sizes: BowSizes;
  middleFingerMm: number;
}
