import type { Knex } from 'knex';
import { type LogEntry } from '@open-palm/contract';
import { aboutEntry, isOpening, isStillOpen } from '@open-palm/records/log';
import type { Maker } from '../../maker';

interface LogRow {
  id: string;
  student_id: string;
  setup_id: string;
  made_at: string;
  kind: string;
  body_json: string;
  body_sha256: string;
  created_at: string;
  made_by: string | null;
  author: string | null;
  of_id: string | null;
  is_open: number;
}

/** What the entry with this id was first sent as, if there is one. */
export const bodyHashOf = async (db: Knex, id: string): Promise<string | undefined> =>
  (await db<LogRow>('log_entries').where({ id }).first('body_sha256'))?.body_sha256;

/** An entry as it is kept. */
export async function findEntry(db: Knex, id: string): Promise<LogEntry | undefined> {
  const json = (await db<LogRow>('log_entries').where({ id }).first('body_json'))?.body_json;
  return json === undefined ? undefined : (JSON.parse(json) as LogEntry);
}

/** Adds an entry, inside a transaction of the caller's, and opens or ends what it is about. */
export async function addEntry(
  trx: Knex,
  entry: LogEntry,
  extra: { bodySha256: string; createdAt: string; maker: Maker },
): Promise<void> {
  const about = aboutEntry(entry);
  await trx<LogRow>('log_entries').insert({
    id: entry.id,
    student_id: entry.studentId,
    setup_id: entry.setupId,
    made_at: entry.madeAt,
    kind: entry.kind,
    body_json: JSON.stringify(entry),
    body_sha256: extra.bodySha256,
    created_at: extra.createdAt,
    made_by: extra.maker.madeBy,
    author: extra.maker.author,
    of_id: about,
    is_open: 0,
  });
  await refreshOpen(trx, about ?? entry.id);
}

/** Whether an entry still waits, from all that was said about it: what ends it may have come before it. */
async function refreshOpen(trx: Knex, id: string): Promise<void> {
  const row = await trx<LogRow>('log_entries').where({ id }).first('body_json');
  const entry = row && (JSON.parse(row.body_json) as LogEntry);
  if (!entry || !isOpening(entry)) return;
  const about: string[] = await trx<LogRow>('log_entries').where({ of_id: id }).pluck('body_json');
  const isOpen = isStillOpen(
    entry,
    about.map((json) => JSON.parse(json) as LogEntry),
  );
  await trx<LogRow>('log_entries')
    .where({ id })
    .update({ is_open: isOpen ? 1 : 0 });
}
