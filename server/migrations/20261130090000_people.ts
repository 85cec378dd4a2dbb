import type { Knex } from 'knex';

/** Tables of what is made by somebody. */
const MADE = ['checks', 'relaxed_hands', 'log_entries', 'crossings', 'takes', 'pictures', 'edits'];

/** Who teaches here, and who made what. Null is for what was made before anybody had a name here. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('people', (table) => {
    table.text('id').primary();
    table.text('name').notNullable();
    table.text('role').notNullable();
    table.text('out_at');
    table.text('created_at').notNullable();
  });
  for (const table of MADE) await knex.raw(`alter table ${table} add column author text`);
}

export async function down(knex: Knex): Promise<void> {
  for (const table of MADE) await knex.raw(`alter table ${table} drop column author`);
  await knex.schema.dropTable('people');
}
