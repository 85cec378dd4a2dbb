import type { Knex } from 'knex';
import type { CheckInput, LogEntry } from '@open-palm/contract';

/** Every id of a table: a studio's fit into memory many times over. */
export const knownIds = async (db: Knex, table: 'checks' | 'log_entries'): Promise<Set<string>> =>
  new Set(await db(table).pluck('id'));

/** Which of the looks' pictures are kept here. */
export async function picturesThere(
  db: Knex,
  checks: readonly Pick<CheckInput, 'captures'>[],
): Promise<Set<string>> {
  const wanted = checks.flatMap(({ captures }) => captures.map(({ pictureId }) => pictureId));
  if (wanted.length === 0) return new Set();
  return new Set(await db('pictures').pluck('id'));
}

/** Whose each instrument is, those that are no longer played too. */
export async function setupOwners(db: Knex): Promise<Map<string, string>> {
  const rows: { id: string; student_id: string }[] = await db('setups').select('id', 'student_id');
  return new Map(rows.map(({ id, student_id: owner }) => [id, owner]));
}

/** Entries of every lesson in the order of their ids, so many after one. */
export async function entriesAfter(db: Knex, afterId: string, most: number): Promise<LogEntry[]> {
  const rows: string[] = await db('log_entries')
    .where('id', '>', afterId)
    .orderBy('id')
    .limit(most)
    .pluck('body_json');
  return rows.map((json) => JSON.parse(json) as LogEntry);
}
