import type { Knex } from 'knex';

/** What a person saw thumb and little finger do in a take. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.alterTable('takes', (table) => {
    table.text('fingers_seen');
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.alterTable('takes', (table) => {
    table.dropColumn('fingers_seen');
  });
}
