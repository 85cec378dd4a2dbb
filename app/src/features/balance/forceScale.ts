/** The longest arrow that is drawn whole in the close drawing, mm of the hand. */
export const LONGEST_ARROW_MM = 42;

/** How large a force an arrow of full length is, N, for an adult: what a thumb's comfort cap is, or a bow in the air. */
const FULL_N = { onString: 20, inTheAir: 10 };

/** What the scale beside the drawing shows, N. */
const SCALE_BAR_N = { onString: 5, inTheAir: 2 };

/**
 * How long a force's arrow is, mm of the hand for 1 N. It depends on who holds the bow and whether it plays, never on where
 * the fingers are: so an arrow that grows is a force that grows.
 */
export const handForceScale = (onString: boolean, strength: number) => {
  const full = onString ? FULL_N.onString : FULL_N.inTheAir;
  return {
    mmPerN: LONGEST_ARROW_MM / (full * strength),
    barN: (onString ? SCALE_BAR_N.onString : SCALE_BAR_N.inTheAir) * (strength < 0.6 ? 0.5 : 1),
  };
};
