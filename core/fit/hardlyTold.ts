/** A range of bends this wide holds half of all that a joint can do. [memory] */
export const HARDLY_TOLD_DEG = 60;

/**
 * Whether a range of bends is so wide that its pictures hardly tell it, which is said wherever it is shown.
 *
 * @example isHardlyTold({ lo: -10, hi: 55 }) // true
 */
export const isHardlyTold = ({ lo, hi }: { lo: number; hi: number }): boolean =>
  hi - lo >= HARDLY_TOLD_DEG;
