import { HOLD_IDS, holdById, type Hold, type Instrument } from '@open-palm/core/holds';

/**
 * Whether a hold is one that the program ships; all others are a teacher's own.
 *
 * @example isShipped('cello') // true
 */
export const isShipped = (id: string): boolean => HOLD_IDS.includes(id);

/**
 * The hold with this id: a shipped one, or one of the teacher's own. An own one that is gone gives way to its kind.
 *
 * @example findHold('gone', []).id // 'violin-shallow'
 */
export function findHold(id: string, ownHolds: readonly Hold[]): Hold {
  return ownHolds.find((hold) => hold.id === id) ?? holdById(isShipped(id) ? id : HOLD_IDS[0]!);
}

/** Every hold for an instrument: the shipped ones, then the teacher's own. */
export const holdsOn = (instrument: Instrument, ownHolds: readonly Hold[]): readonly Hold[] =>
  allHolds(ownHolds).filter((hold) => hold.instruments.includes(instrument));

/** Every hold there is. */
export const allHolds = (ownHolds: readonly Hold[]): readonly Hold[] => [
  ...HOLD_IDS.map(holdById),
  ...ownHolds,
];
