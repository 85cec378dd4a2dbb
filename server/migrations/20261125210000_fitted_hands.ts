import type { Knex } from 'knex';

/** The hands that were fitted to several pictures of a check. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(`alter table checks add column fits_json text not null default '[]'`);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('alter table checks drop column fits_json');
}
