import type { Knex } from 'knex';

/**
 * Who may come in at this machine: passphrases, sessions, devices and one-time codes. They lie in a file of their own, so that no copy
 * of the studio carries them. Tokens and codes are kept as hashes only.
 */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('passphrases', (table) => {
    table.text('person_id').primary();
    table.text('hash').notNullable();
    table.text('set_at').notNullable();
  });
  await knex.schema.createTable('devices', (table) => {
    table.text('id').primary();
    table.text('token_sha256').notNullable().unique();
    table.text('name').notNullable();
    table.text('person_id').notNullable();
    table.text('state').notNullable();
    // Whether its first session still has to be given to it, since the owner let it in.
    table.integer('due').notNullable().defaultTo(0);
    table.text('sign').notNullable();
    table.text('added_at').notNullable();
    table.text('seen_at').notNullable();
  });
  await knex.schema.createTable('sessions', (table) => {
    table.text('token_sha256').primary();
    table.text('person_id').notNullable();
    // As they are called in the studio: so a session is known by one question.
    table.text('person_name').notNullable();
    table.text('person_role').notNullable();
    table.text('device_id').references('devices.id').onDelete('CASCADE');
    table.integer('locked').notNullable().defaultTo(0);
    table.text('created_at').notNullable();
    table.text('seen_at').notNullable();
    table.index('person_id');
  });
  await knex.schema.createTable('facts', (table) => {
    table.text('name').primary();
    table.text('value').notNullable();
  });
  await knex.schema.createTable('codes', (table) => {
    table.text('code_sha256').primary();
    table.text('kind').notNullable();
    table.text('person_id');
    table.text('until').notNullable();
  });
}

export async function down(knex: Knex): Promise<void> {
  for (const table of ['codes', 'facts', 'sessions', 'devices', 'passphrases']) {
    await knex.schema.dropTable(table);
  }
}
