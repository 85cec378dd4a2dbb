import type { Knex } from 'knex';
import type { KeptTake, Take } from '@open-palm/contract';
import type { Maker } from '../../maker';

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
  version: number;
  made_by: string | null;
  author: string | null;
  body_sha256: string;
  created_at: string;
}

const takeOf = (row: TakeRow): KeptTake => ({
  id: row.id,
  version: row.version,
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
export async function newestTakes(db: Knex, setupId: string, most: number): Promise<KeptTake[]> {
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
  extra: { bodySha256: string; createdAt: string; maker: Maker },
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
    made_by: extra.maker.madeBy,
    author: extra.maker.author,
  });
}

/** What of a take a person may correct or add afterwards. */
export type TakeEdit = Pick<Take, 'cuts' | 'fingersSeen'>;

export async function updateTake(
  db: Knex,
  id: string,
  { version, body: { cuts, fingersSeen } }: { version: number; body: TakeEdit },
): Promise<void> {
  await db<TakeRow>('takes')
    .where({ id })
    .update({ version, cuts_json: cuts && JSON.stringify(cuts), fingers_seen: fingersSeen });
}

export async function findTake(db: Knex, id: string): Promise<KeptTake | undefined> {
  const row = await db<TakeRow>('takes').where({ id }).first();
  return row && takeOf(row);
}
