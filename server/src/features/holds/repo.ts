import type { Knex } from 'knex';
import type { Hold } from '@open-palm/core/holds';

/** The newest version of an own hold; 0 for one that is not there yet. */
export async function latestVersion(db: Knex, id: string): Promise<number> {
  const row = await db('holds')
    .where({ id })
    .max<{ latest: number | null }>('version as latest')
    .first();
  return row?.latest ?? 0;
}

export async function addHold(db: Knex, hold: Hold, createdAt: string): Promise<void> {
  await db('holds').insert({
    id: hold.id,
    version: hold.version,
    body_json: JSON.stringify(hold),
    created_at: createdAt,
  });
}
