import { HOLD_IDS, holdById, type Hold, type Instrument } from '@open-palm/core/holds';
import { strings } from '../strings';

/** The hold with this id: a shipped one, or one of the teacher's own. An own one that is gone gives way to its kind. */
export function findHold(id: string, ownHolds: readonly Hold[]): Hold {
  return (
    ownHolds.find((hold) => hold.id === id) ?? holdById(HOLD_IDS.includes(id) ? id : HOLD_IDS[0]!)
  );
}

/** What a hold is called. */
export const holdName = ({ id, own }: Hold): string => own?.name ?? strings.holds[id] ?? id;

/** What a hold is called where several instruments' holds stand together. */
export const fullHoldName = (hold: Hold): string =>
  `${strings.instruments[hold.instruments[0]!]}: ${holdName(hold)}`;

/** Every hold for an instrument: the shipped ones, then the teacher's own. */
export const holdsOn = (instrument: Instrument, ownHolds: readonly Hold[]): readonly Hold[] =>
  allHolds(ownHolds).filter((hold) => hold.instruments.includes(instrument));

/** Every hold there is. */
export const allHolds = (ownHolds: readonly Hold[]): readonly Hold[] => [
  ...HOLD_IDS.map(holdById),
  ...ownHolds,
];
