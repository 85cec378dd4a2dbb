import hand from './data/handForces.json';
import type { ContactName } from './setup';

/**
 * The share of an adult's strength that a student has. [memory]
 *
 * @param ageYears null where it is not known: taken for an adult's
 * @example strengthShare(8) // 0.4
 */
export const strengthShare = (ageYears: number | null): number =>
  ageYears !== null && ageYears < hand.child.underYears ? hand.child.share : 1;

/**
 * The largest force that stays comfortable for a contact, N. [memory]
 *
 * @example comfortCapN('little', 0.5) // 1.5
 */
export const comfortCapN = (contact: ContactName, share = 1): number => hand.capN[contact] * share;
