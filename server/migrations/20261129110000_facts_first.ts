import type { Knex } from 'knex';

/**
 * Facts apart from what is worked out of them: which code worked a look out and whether it still waits, what the teacher was told
 * then, which instruments wait; versions and edits of what changes; who made what; whether a picture's file is there; and what
 * the studio knows of itself.
 */
export async function up(knex: Knex): Promise<void> {
  // Which code worked out what stands in the derived columns; null as long as nothing does.
  await knex.raw('alter table checks add column derived_code integer');
  await knex.raw('alter table checks add column derive_error text');
  await knex.raw('alter table checks add column pending integer not null default 0');
  await knex.raw('update checks set derived_code = 1');
  await knex.raw('create index checks_pending on checks (setup_id) where pending = 1');
  await knex.schema.createTable('told', (table) => {
    table.text('check_id').primary().references('checks.id').onDelete('CASCADE');
    table.integer('code').notNullable();
    table.text('measures_json').notNullable();
  });
  // Instruments whose standing over the weeks is to be worked out anew, with how often they were touched since.
  await knex.schema.createTable('stale_setups', (table) => {
    table.text('setup_id').primary().references('setups.id').onDelete('CASCADE');
    table.integer('touched').notNullable();
  });
  await knex.raw(
    `insert into stale_setups select id, 1 from setups where id not in (select setup_id from tracks)`,
  );
  for (const table of ['students', 'letters', 'takes']) {
    await knex.raw(`alter table ${table} add column version integer not null default 1`);
  }
  await knex.schema.createTable('edits', (table) => {
    table.text('id').primary();
    table.text('kind').notNullable();
    table.text('of_id').notNullable();
    table.integer('version').notNullable();
    table.text('body_json').notNullable();
    // As it was sent, where it was brought together with other edits.
    table.text('sent_json');
    table.text('made_by');
    table.text('created_at').notNullable();
    table.index(['kind', 'of_id', 'version']);
  });
  for (const table of MADE_ONCE) await knex.raw(`alter table ${table} add column made_by text`);
  // How long the picture's file is, and whether it was found to be gone.
  await knex.raw('alter table pictures add column bytes integer');
  await knex.raw('alter table pictures add column missing integer not null default 0');
  await knex.schema.createTable('studio_facts', (table) => {
    table.text('name').primary();
    table.text('value').notNullable();
  });
}

const MADE_ONCE = ['checks', 'relaxed_hands', 'log_entries', 'crossings', 'takes', 'pictures'];

export async function down(knex: Knex): Promise<void> {
  for (const table of ['studio_facts', 'edits', 'stale_setups', 'told']) {
    await knex.schema.dropTable(table);
  }
  for (const table of MADE_ONCE) await knex.raw(`alter table ${table} drop column made_by`);
  await knex.raw('alter table pictures drop column missing');
  await knex.raw('alter table pictures drop column bytes');
  for (const table of ['students', 'letters', 'takes']) {
    await knex.raw(`alter table ${table} drop column version`);
  }
  await knex.raw('drop index checks_pending');
  for (const column of ['pending', 'derive_error', 'derived_code']) {
    await knex.raw(`alter table checks drop column ${column}`);
  }
}
