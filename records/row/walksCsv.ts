import type { Walked } from '@open-palm/contract';
import type { Instrument } from '@open-palm/core/holds';
import { writeRows } from '../exchange';

/** The columns of a group's walks as a table: one row for every player and walk, and for every fault that was looked at. */
export const WALK_COLUMNS = [
  'day',
  'player',
  'instrument',
  'present',
  'looked_at',
  'fault',
  'shown',
] as const;

/** Who is written of in a table of walks. */
export interface TablePlayer {
  studentId: string;
  instrument: Instrument;
  /** A name where it is wanted, else one that tells nobody who it is. */
  calledBy: string;
}

/**
 * A group's walks as a table, the oldest first. Who is not among the players any more is left out.
 *
 * @param walks in any order
 */
export function walksCsv(walks: readonly Walked[], players: readonly TablePlayer[]): string {
  const byId = new Map(players.map((player) => [player.studentId, player]));
  const inOrder = [...walks].sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0));
  const rows = inOrder.flatMap(({ day, players: seen }) =>
    seen.flatMap(({ studentId, isAbsent, at, faults }) => {
      const player = byId.get(studentId);
      if (!player) return [];
      const who = [day, player.calledBy, player.instrument, isAbsent ? 'no' : 'yes', at ?? ''];
      const looked = Object.entries(faults);
      if (looked.length === 0) return [[...who, '', '']];
      return looked.map(([fault, isShown]) => [...who, fault, isShown ? 'yes' : 'no']);
    }),
  );
  return writeRows([WALK_COLUMNS, ...rows]);
}
