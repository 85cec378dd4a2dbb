/** Points marked on the bow, the arm and the string. The first four are asked for in every picture of a hold. */
export const BOW_POINTS = [
  'stickHandEnd',
  'stickTipEnd',
  'frogFront',
  'frogBack',
  'forearm',
  'stringUpper',
  'stringLower',
  'elbow',
  'shoulder',
  'stickMid',
  'hairMid',
] as const;

export type BowPointName = (typeof BOW_POINTS)[number];

export const REQUIRED_BOW_POINTS = [
  'stickHandEnd',
  'stickTipEnd',
  'frogFront',
  'frogBack',
] as const satisfies readonly BowPointName[];
