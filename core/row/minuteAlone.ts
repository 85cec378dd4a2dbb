import { NUMBERS } from '../judge';
import type { FaultsSeen } from './marks';
import { familyOfFault } from './marks';
import { ROW_FAULTS, ROW_NUMBERS } from './rowData';

/** A player as the minute alone is given by. */
export interface PlayerToSee {
  studentId: string;
  hurts: boolean;
  faults: FaultsSeen;
  /** Days since the hold was last looked at, in the row or alone; null where it never was. */
  unseenDays: number | null;
}

/** Who needs a minute, and why. */
export type AloneReason =
  | { kind: 'pain' }
  /** Something that blocks later, and is not what the whole room works on. */
  | { kind: 'fault'; fault: string }
  | { kind: 'unseen'; days: number | null };

export interface Alone {
  studentId: string;
  reason: AloneReason;
}

/**
 * Who needs a minute alone, in which order: pain first, then what blocks later, the thumb before the little finger before the rest, then
 * whom nobody has looked at for longest. At most five: more are no minute each.
 *
 * @param shared faults that the whole room works on: these are nobody's own
 */
export function minuteAlone(
  players: readonly PlayerToSee[],
  shared: readonly string[],
  most: number = ROW_NUMBERS.mostAlone,
): Alone[] {
  const reasons = players.flatMap((player): (Alone & { weight: number })[] => {
    const { studentId, hurts, faults, unseenDays } = player;
    if (hurts) return [{ studentId, reason: { kind: 'pain' }, weight: PAIN }];
    const own = gravest(faults, shared);
    if (own) {
      return [
        { studentId, reason: { kind: 'fault', fault: own.fault }, weight: FAULT * own.weight },
      ];
    }
    if (unseenDays !== null && unseenDays < ROW_NUMBERS.unseenDays) return [];
    const weight = unseenDays === null ? NEVER : unseenDays / DAYS_IN_ALL;
    return [{ studentId, reason: { kind: 'unseen', days: unseenDays }, weight }];
  });
  return reasons
    .sort((a, b) => b.weight - a.weight)
    .slice(0, most)
    .map(({ studentId, reason }) => ({ studentId, reason }));
}

const PAIN = 1e6;
const FAULT = 1000;
/** Never looked at comes before any number of days, and after any fault. */
const NEVER = 1;
const DAYS_IN_ALL = 1e5;

/** The fault of a player that blocks most later on; one alone that only tires does not need a minute. */
function gravest(faults: FaultsSeen, shared: readonly string[]) {
  const own = ROW_FAULTS.filter(({ id }) => faults.get(id) === true && !shared.includes(id));
  const weighed = own.map(({ id }) => ({ fault: id, weight: weightOf(id) }));
  // The first of equals is the one that is looked at first.
  return weighed.reduce<(typeof weighed)[number] | null>(
    (worst, one) => (worst === null || one.weight > worst.weight ? one : worst),
    null,
  );
}

function weightOf(fault: string): number {
  const { severity, severityOtherwise } = NUMBERS;
  const family = familyOfFault(fault);
  return (family === 'thumb' || family === 'little' ? severity[family] : null) ?? severityOtherwise;
}
