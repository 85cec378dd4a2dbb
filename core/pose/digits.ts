/** The five digits in the rig's order. */
export const DIGITS = ['thumb', 'index', 'middle', 'ring', 'little'] as const;
export type Digit = (typeof DIGITS)[number];
