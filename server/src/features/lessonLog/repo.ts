import type { Knex } from 'knex';
import type { LogEntry } from '@open-palm/contract';

interface LogRow {
  id: string;
  student_id: string;
  setup_id: string;
  made_at: string;
  kind: string;
  body_json: string;
  body_sha256: string;
  created_at: string;
}

/** What the entry with this id was first sent as, if there is one. */
export const bodyHashOf = async (db: Knex, id: string): Promise<string | undefined> =>
  (await db<LogRow>('log_entries').where({ id }).first('body_sha256'))?.body_sha256;

export async function addEntry(
  db: Knex,
  entry: LogEntry,
  extra: { bodySha256: string; createdAt: string },
): Promise<void> {
  await db<LogRow>('log_entries').insert({
    id: entry.id,
    student_id: entry.studentId,
    setup_id: entry.setupId,
    made_at: entry.madeAt,
    kind: entry.kind,
    body_json: JSON.stringify(entry),
    body_sha256: extra.bodySha256,
    created_at: extra.createdAt,
  });
}
