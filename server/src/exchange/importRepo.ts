import type { Knex } from 'knex';
import type { CheckInput } from '@open-palm/contract';

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
