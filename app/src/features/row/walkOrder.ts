import type { GroupFile } from '@open-palm/contract';
import { INSTRUMENTS, type Instrument } from '@open-palm/core/holds';
import { resumedOrder } from '@open-palm/core/row';
import type { Player, Standing } from './room';

/** The players in the order in which they are passed: whom the walk before did not come to first. */
export function walkOrder(
  players: readonly Player[],
  walks: GroupFile['walks'],
  today: string,
): Player[] {
  const before = walks.find(({ day }) => day < today);
  const lookedAt = before?.players.flatMap(({ studentId, at }) => (at === null ? [] : [studentId]));
  return resumedOrder(players, new Set(lookedAt));
}

/** A part of a room that can be walked by itself: an instrument, or a row of seats by its number from the front, from 0. */
export type Part = Instrument | number;

/** The parts that a room has; none where it is all of one. */
export function partsOfRoom(players: readonly Player[]): Part[] {
  const instruments = INSTRUMENTS.filter((one) =>
    players.some(({ setup }) => setup.instrument === one),
  );
  const rows = [...new Set(players.flatMap(({ seat }) => seat?.row ?? []))].sort((a, b) => a - b);
  return [...(instruments.length > 1 ? instruments : []), ...(rows.length > 1 ? rows : [])];
}

/** Whether a player sits in a part of the room; everybody does in all of it. */
export const isIn = (part: Part | null, { setup, seat }: Player): boolean =>
  part === null || (typeof part === 'number' ? seat?.row === part : setup.instrument === part);

/** Whether anything was said of a player. */
const isPassed = (standing: Standing | undefined): boolean =>
  standing !== undefined && (standing.isLookedAt || standing.isAbsent);

/** The first whom nothing was said of; the number of players where all were passed. */
export function firstOpen(
  order: readonly Player[],
  standings: ReadonlyMap<string, Standing>,
): number {
  const at = order.findIndex(({ studentId }) => !isPassed(standings.get(studentId)));
  return at < 0 ? order.length : at;
}

/** How many were looked at, are absent, and were not looked at. */
export function walkCounts(
  players: readonly Player[],
  standings: ReadonlyMap<string, Standing>,
): { looked: number; absent: number; rest: number } {
  const all = players.flatMap(({ studentId }) => standings.get(studentId) ?? []);
  const looked = all.filter(({ isLookedAt, isAbsent }) => isLookedAt && !isAbsent).length;
  const absent = all.filter(({ isAbsent }) => isAbsent).length;
  return { looked, absent, rest: players.length - looked - absent };
}

/** What a mark on the map says of a player in one walk. */
export function markOfStanding({ isLookedAt, faults }: Standing): 'in' | 'out' | 'notSeen' {
  if (!isLookedAt) return 'notSeen';
  return [...faults.values()].includes(true) ? 'out' : 'in';
}
