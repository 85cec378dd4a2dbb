import type { Knex } from 'knex';

/** What happens in lessons beside measures, signs that only a person sees, readiness, levels, and letters. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('log_entries', (table) => {
    table.text('id').primary();
    table.text('student_id').notNullable().references('students.id').onDelete('CASCADE');
    table.text('setup_id').notNullable().references('setups.id').onDelete('CASCADE');
    table.text('made_at').notNullable();
    table.text('kind').notNullable();
    table.text('body_json').notNullable();
    table.text('body_sha256').notNullable();
    table.text('created_at').notNullable();
    table.index(['setup_id', 'made_at', 'id']);
    table.index(['student_id', 'kind']);
    table.index(['kind']);
  });
  await knex.schema.createTable('letters', (table) => {
    table.text('check_id').primary().references('checks.id').onDelete('CASCADE');
    table.text('body_json').notNullable();
    table.text('mailed_at');
    table.text('updated_at').notNullable();
  });
  await knex.raw(`alter table students add column level text not null default 'intermediate'`);
  await knex.raw(`alter table checks add column signs_json text not null default '{}'`);
  await knex.raw(`alter table checks add column readiness_json text not null default '[]'`);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('alter table checks drop column readiness_json');
  await knex.raw('alter table checks drop column signs_json');
  await knex.raw('alter table students drop column level');
  for (const table of ['letters', 'log_entries']) await knex.schema.dropTable(table);
}
