import type { Knex } from 'knex';
import type { Crossing } from '@open-palm/contract';
import type { Maker } from '../../maker';

interface CrossingRow {
  id: string;
  student_id: string;
  setup_id: string;
  seen_at: string;
  strings_json: string;
  body_sha256: string;
  created_at: string;
  made_by: string | null;
  author: string | null;
}

/** The newest of an instrument, newest first. */
export async function newestCrossings(
  db: Knex,
  setupId: string,
  most: number,
): Promise<Crossing[]> {
  const rows = await db<CrossingRow>('crossings')
    .where({ setup_id: setupId })
    .orderBy([
      { column: 'seen_at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .limit(most);
  return rows.map(crossingOf);
}

const crossingOf = (row: CrossingRow): Crossing => ({
  id: row.id,
  studentId: row.student_id,
  setupId: row.setup_id,
  seenAt: row.seen_at,
  strings: JSON.parse(row.strings_json),
});

export async function findCrossing(db: Knex, id: string): Promise<Crossing | undefined> {
  const row = await db<CrossingRow>('crossings').where({ id }).first();
  return row && crossingOf(row);
}

/** What the crossings with this id were sent as, if there are any. */
export const crossingHashOf = async (db: Knex, id: string): Promise<string | undefined> =>
  (await db<CrossingRow>('crossings').where({ id }).first('body_sha256'))?.body_sha256;

export async function addCrossing(
  db: Knex,
  crossing: Crossing,
  extra: { bodySha256: string; createdAt: string; maker: Maker },
): Promise<void> {
  await db<CrossingRow>('crossings').insert({
    id: crossing.id,
    student_id: crossing.studentId,
    setup_id: crossing.setupId,
    seen_at: crossing.seenAt,
    strings_json: JSON.stringify(crossing.strings),
    body_sha256: extra.bodySha256,
    created_at: extra.createdAt,
    made_by: extra.maker.madeBy,
    author: extra.maker.author,
  });
}
