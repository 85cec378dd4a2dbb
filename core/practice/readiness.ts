/** What is looked at before any of it, each with its states, the right one first. */
export const READINESS: Readonly<Record<ReadinessItem, readonly string[]>> = {
  hair: ['right', 'slack', 'tight'],
  nails: ['short', 'long'],
  size: ['fits', 'tooLarge'],
  seat: ['good', 'wrong'],
  fit: ['good', 'wrong'],
};

/** Hair, nails, size of the bow, stand and chair, and how the instrument fits (shoulder rest, endpin, height). */
export const READINESS_ITEMS = ['hair', 'nails', 'size', 'seat', 'fit'] as const;

export type ReadinessItem = (typeof READINESS_ITEMS)[number];

/** Hair clearance in the middle of the bow that a state stands for, mm; about 6 is right to start with. [practice] */
export const HAIR_STATE_MM: Readonly<Record<string, number>> = { right: 6, slack: 2, tight: 12 };

/** The sign that a state says is there or not. */
export const READINESS_SIGNS: Readonly<
  Partial<Record<ReadinessItem, { sign: string; wrong: string }>>
> = {
  nails: { sign: 'nailsLong', wrong: 'long' },
  size: { sign: 'bowTooHeavy', wrong: 'tooLarge' },
};
