import type { Knex } from 'knex';
import type { Take } from '@open-palm/contract';

interface TakeRow {
  id: string;
  student_id: string;
  setup_id: string;
  taken_at: string;
  context: string;
  source: string;
  series_json: string;
  cuts_json: string | null;
  fingers_seen: string | null;
  body_sha256: string;
  created_at: string;
}

const takeOf = (row: TakeRow): Take => ({
  id: row.id,
  studentId: row.student_id,
  setupId: row.setup_id,
  takenAt: row.taken_at,
  context: row.context as Take['context'],
  source: row.source as Take['source'],
  series: JSON.parse(row.series_json),
  cuts: row.cuts_json === null ? null : JSON.parse(row.cuts_json),
  fingersSeen: row.fingers_seen as Take['fingersSeen'],
});

/** The newest takes of an instrument, newest first. */
export async function newestTakes(db: Knex, setupId: string, most: number): Promise<Take[]> {
  const rows = await db<TakeRow>('takes')
    .where({ setup_id: setupId })
    .orderBy([
      { column: 'taken_at', order: 'desc' },
      { column: 'id', order: 'desc' },
    ])
    .limit(most);
  return rows.map(takeOf);
}

/** What the take with this id was first sent as, if there is one. */
export const bodyHashOf = async (db: Knex, id: string): Promise<string | undefined> =>
  (await db<TakeRow>('takes').where({ id }).first('body_sha256'))?.body_sha256;

export async function addTake(
  db: Knex,
  take: Take,
  extra: { bodySha256: string; createdAt: string },
): Promise<void> {
  await db<TakeRow>('takes').insert({
    id: take.id,
    student_id: take.studentId,
    setup_id: take.setupId,
    taken_at: take.takenAt,
    context: take.context,
    source: take.source,
    series_json: JSON.stringify(take.series),
    cuts_json: take.cuts && JSON.stringify(take.cuts),
    fingers_seen: take.fingersSeen,
    body_sha256: extra.bodySha256,
    created_at: extra.createdAt,
  });
}

/** What a person corrects or adds afterwards. */
export async function updateTake(
  db: Knex,
  id: string,
  { cuts, fingersSeen }: Pick<Take, 'cuts' | 'fingersSeen'>,
): Promise<void> {
  await db<TakeRow>('takes')
    .where({ id })
    .update({ cuts_json: cuts && JSON.stringify(cuts), fingers_seen: fingersSeen });
}
