import type { Hold } from '../holds';
import { SIGNS } from '../judge';
import { signsOn, type FaultsSeen } from './marks';
import { roomCount, type RoomCount } from './roomShare';
import { ROW_FAULTS, ROW_NUMBERS } from './rowData';

/** A player who is there, with what was seen of the hold. */
export interface PlayerHere {
  studentId: string;
  /** As it is meant for the player. */
  hold: Hold;
  faults: FaultsSeen;
}

/** How many of a room show a fault. */
export interface FaultCount extends RoomCount {
  fault: string;
  /** Those who showed it. */
  players: string[];
  /** How many were looked at for it, and how many there are whose hold can show it. */
  seen: number;
  room: number;
  /** Too few were looked at to say anything of the room. */
  tellsLittle: boolean;
}

/** Every fault that somebody showed, what most of the room surely shares first. */
export function faultCounts(players: readonly PlayerHere[]): FaultCount[] {
  return ROW_FAULTS.flatMap(({ id }): FaultCount[] => {
    const shown = players.filter(({ faults }) => faults.get(id) === true);
    if (shown.length === 0) return [];
    const able = players.filter(({ hold }) => signsOn(id, hold).length > 0);
    const seen = able.filter(({ faults }) => faults.has(id)).length;
    const room = able.length;
    return [
      {
        fault: id,
        players: shown.map(({ studentId }) => studentId),
        seen,
        room,
        ...roomCount({ shown: shown.length, seen, room }),
        tellsLittle: seen < ROW_NUMBERS.tellsFromSeen * room || seen < FEWEST,
      },
    ];
  }).sort(
    (a, b) =>
      Number(a.tellsLittle) - Number(b.tellsLittle) ||
      b.least - a.least ||
      b.players.length - a.players.length ||
      b.likely - a.likely,
  );
}

/** Fewer than these are no group. */
const FEWEST = 3;

/**
 * What a room works on: at most two faults that a part of it surely shares, no two of which are ends of the same thing.
 *
 * @param counts as `faultCounts` gives them
 */
export function sharedFaults(counts: readonly FaultCount[], most = 2): FaultCount[] {
  const shared: FaultCount[] = [];
  for (const count of counts) {
    if (shared.length === most) break;
    const isShared =
      !count.tellsLittle &&
      count.players.length >= 2 &&
      count.least >= Math.max(2, ROW_NUMBERS.sharedFrom * count.room);
    if (isShared && !shared.some((other) => isOfTheSame(other.fault, count.fault))) {
      shared.push(count);
    }
  }
  return shared;
}

/** Whether two faults are told by the same checkpoint: a wrist that is low and one that is high. */
function isOfTheSame(one: string, other: string): boolean {
  const told = measuresOf(one);
  return measuresOf(other).some((measure) => told.includes(measure));
}

const measuresOf = (fault: string): string[] =>
  (ROW_FAULTS.find(({ id }) => id === fault)?.signs ?? []).flatMap((sign) => {
    const from = SIGNS.find(({ id }) => id === sign)?.from;
    return from && 'measure' in from ? [from.measure] : [];
  });
