import type { GroupFile } from '@open-palm/contract';
import {
  cuesForAll,
  faultCounts,
  groupDrill,
  minuteAlone,
  partnerPairs,
  sharedFaults,
  signsOn,
  threesOf,
  type Alone,
  type CueForSome,
  type FaultCount,
  type Three,
} from '@open-palm/core/row';
import { lastSeenIn, playersHere, unseenDaysOf, type LastSeen, type Player } from './room';

/** A fault that a room works on: how many show it, what is said to whom, and what is done together. */
export interface SharedFault {
  count: FaultCount;
  cues: CueForSome[];
  drill: string | null;
}

/** What the walks of the last weeks come to. */
export interface RoomReading {
  seen: ReadonlyMap<string, LastSeen>;
  /** How many were looked at in these weeks. */
  lookedAt: number;
  shared: SharedFault[];
  alone: Alone[];
  threes: Three[];
}

/** So long a walk speaks for the room. */
const WEEKS_MS = 21 * 24 * 3600 * 1000;

/** The earliest moment that counts for what a room shares now. */
export const sinceOf = (now: Date): number => now.getTime() - WEEKS_MS;

/** Reads a room: what it shares, who needs a minute, and who can be helped together. */
export function readRoom(
  players: readonly Player[],
  walks: GroupFile['walks'],
  now: Date,
): RoomReading {
  const seen = lastSeenIn(players, walks, sinceOf(now));
  const holds = players.map(({ hold }) => hold);
  const shared = sharedFaults(faultCounts(playersHere(players, seen))).map((count) => ({
    count,
    cues: cuesForAll(count.fault, holds),
    drill: groupDrill(
      count.fault,
      holds.filter((hold) => signsOn(count.fault, hold).length > 0),
    ),
  }));
  const common = shared.map(({ count }) => count.fault);
  const alone = minuteAlone(
    players.map((player) => ({
      studentId: player.studentId,
      hurts: player.hurts,
      faults: seen.get(player.studentId)!.faults,
      unseenDays: unseenDaysOf(player, walks, now),
    })),
    common,
  );
  const withoutPain = players.filter(({ hurts }) => !hurts);
  return {
    seen,
    lookedAt: [...seen.values()].filter(({ at }) => at !== null).length,
    shared,
    alone,
    threes: threesOf(besides(withoutPain, seen), common),
  };
}

/** Partner pairs of those who play without pain. */
export const pairsOf = (
  players: readonly Player[],
  seen: ReadonlyMap<string, LastSeen>,
): [string, string][] =>
  partnerPairs(
    besides(
      players.filter(({ hurts }) => !hurts),
      seen,
    ),
  );

const besides = (players: readonly Player[], seen: ReadonlyMap<string, LastSeen>) =>
  players.map(({ studentId, seat, setup, hold }) => ({
    studentId,
    seat,
    instrument: setup.instrument,
    bow: hold.bow,
    faults: seen.get(studentId)!.faults,
  }));
