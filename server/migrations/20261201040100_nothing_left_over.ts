import type { Knex } from 'knex';

/** Writing a database anew is no part of a transaction. */
export const config = { transaction: false };

/**
 * What was deleted or written over before deletions were overwritten may still lie between the rows: the file is written anew once, and from then
 * on nothing is left over.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.raw('vacuum');
}

export async function down(): Promise<void> {
  // There is nothing to take back.
}
