import type { Knex } from 'knex';

/** What the studio knows of itself. */
export const readFact = async (db: Knex, name: string): Promise<string | undefined> =>
  (await db('studio_facts').where({ name }).first<{ value: string }>('value'))?.value;

export async function writeFact(db: Knex, name: string, value: string): Promise<void> {
  await db('studio_facts').insert({ name, value }).onConflict('name').merge();
}

/** Whether anybody has written anything here, but for pictures of a filling that broke off. */
export async function hasAnything(db: Knex): Promise<boolean> {
  for (const table of ['students', 'holds', 'log_entries']) {
    if ((await db(table).first('id')) !== undefined) return true;
  }
  return false;
}
