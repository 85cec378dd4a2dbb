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

/** Hair clearance in the middle of the bow to start with, mm. [practice] */
export const HAIR_CLEARANCE_MM = 6;

/** The signs that an item's states tell of, by the state that each stands for. */
export const READINESS_SIGNS: Readonly<
  Partial<Record<ReadinessItem, Readonly<Record<string, string>>>>
> = {
  hair: { slack: 'hairSlack', tight: 'hairTight' },
  nails: { long: 'nailsLong' },
  size: { tooLarge: 'bowTooHeavy' },
};
