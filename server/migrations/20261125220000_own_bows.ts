import type { Knex } from 'knex';

/** What a student's own bow weighs and where it balances. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw('alter table setups add column bow_mass_g float');
  await knex.raw('alter table setups add column bow_balance_mm float');
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('alter table setups drop column bow_balance_mm');
  await knex.raw('alter table setups drop column bow_mass_g');
}
