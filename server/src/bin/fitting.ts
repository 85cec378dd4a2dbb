import type { Knex } from 'knex';
import { isThere, type Row, type TakenRows } from './repo';

/**
 * Of rows that are brought back, those for which there is still room. A group goes on while one of its players is away: it may be erased,
 * somebody may have their seat, and its versions may be remembered anew.
 */
export async function fitting(trx: Knex, taken: TakenRows): Promise<TakenRows> {
  const rows: [string, Row[]][] = [];
  for (const [table, all] of taken) {
    const fits = FITS[table];
    const left: Row[] = [];
    for (const row of all) {
      const fitted = fits ? await fits(trx, row) : row;
      if (fitted) left.push(fitted);
    }
    rows.push([table, left]);
  }
  return rows;
}

type Fit = (trx: Knex, row: Row) => Promise<Row | null>;

const ofWalk: Fit = async (trx, row) =>
  (await isThere(trx, 'walks', { id: row.walk_id! })) ? row : null;

const FITS: Readonly<Record<string, Fit>> = {
  group_members: async (trx, row) => {
    const { group_id, seat_row, seat_place } = row;
    if (!(await isThere(trx, 'groups', { id: group_id! }))) return null;
    const isTaken =
      seat_row !== null &&
      (await isThere(trx, 'group_members', {
        group_id: group_id!,
        seat_row: seat_row!,
        seat_place: seat_place!,
      }));
    return isTaken ? { ...row, seat_row: null, seat_place: null } : row;
  },
  walk_marks: ofWalk,
  walk_players: ofWalk,
  edits: async (trx, row) => {
    const { kind, of_id, version } = row;
    if (kind !== 'group') return row;
    const isOfGroup = await isThere(trx, 'groups', { id: of_id! });
    const isKnown = await isThere(trx, 'edits', { kind, of_id: of_id!, version: version! });
    return isOfGroup && !isKnown ? row : null;
  },
};
