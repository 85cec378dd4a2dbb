/**
 * The rendered violin bow, mm: dimensions as in the holds' frame, x = 0 at the frog's front and positive toward the
 * tip, y away from the hair. [memory]
 */
export const VIOLIN_BOW = {
  frogLengthMm: 46,
  stickRadiusMm: 4.3,
  /** From the button's end to the end of the stick in the picture. */
  stickFromMm: -62,
  stickToMm: 620,
  buttonLengthMm: 13,
  frog: { topMm: -4, bottomMm: -23, depthMm: 12 },
  ferruleLengthMm: 11,
  gripFromMm: 2,
  gripToMm: 26,
  windingToMm: 100,
  hairYMm: -21,
};

/** Where the bow's four marks lie in space: on the stick's axis and at the frog's ends, [x, y, z] mm. */
export const BOW_MARKS = {
  stickHandEnd: [-47, 0, 0],
  stickTipEnd: [85, 0, 0],
  frogFront: [0, -9, 0],
  frogBack: [-46, -9, 0],
} as const;
