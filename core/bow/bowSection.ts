/** What of a bow's build matters to the hand, mm. */
export interface BowSection {
  /** Half the stick's thickness at the hand. */
  stickRadiusMm: number;
  /** From the stick's axis to the frog's underside. */
  frogUndersideMm: number;
}

/** Sections of full-size bows by kind [memory]; smaller bows scale with their length. */
export const BOW_SECTIONS = {
  violin: { stickRadiusMm: 4.3, frogUndersideMm: 22 },
  cello: { stickRadiusMm: 5, frogUndersideMm: 25 },
  'french-bass': { stickRadiusMm: 5.5, frogUndersideMm: 28 },
  'german-bass': { stickRadiusMm: 5.5, frogUndersideMm: 32 },
} as const satisfies Record<string, BowSection>;

/** Where the middle of the ferrule, the metal band at the frog's front, lies along the stick, mm. [memory] */
export const FERRULE_X_MM = -3;

/** A fingertip this near to the ferrule's middle is at the ferrule, mm. [memory] */
export const FERRULE_REACH_MM = 6;

/** Sizes of bows with their length against a full one. [memory] */
export const BOW_SIZES = { '4/4': 1, '3/4': 0.92, '1/2': 0.84, '1/4': 0.75, '1/8': 0.66 } as const;

export type BowSize = keyof typeof BOW_SIZES;
