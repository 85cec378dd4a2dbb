import type { Knex } from 'knex';

/** What was taken away and can be brought back for a week, with its rows as they were; and pictures that were taken out of looks that stay. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('bin', (table) => {
    table.text('id').primary();
    table.text('kind').notNullable();
    table.text('of_id').notNullable();
    table.text('student_id').notNullable();
    // What a person is shown of it.
    table.text('about_json').notNullable();
    table.text('rows_json').notNullable();
    table.text('removed_at').notNullable();
    table.text('gone_at').notNullable();
    table.text('made_by');
    table.text('author');
    table.index(['of_id']);
    table.index(['student_id']);
    table.index(['gone_at']);
  });
  await knex.schema.createTable('bin_pictures', (table) => {
    table.text('picture_id').primary();
    table.text('bin_id').notNullable().references('bin.id').onDelete('CASCADE');
    table.index(['bin_id']);
  });
  // A look that stays names a picture that does not.
  await knex.raw('alter table pictures add column erased integer not null default 0');
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('alter table pictures drop column erased');
  await knex.schema.dropTable('bin_pictures');
  await knex.schema.dropTable('bin');
}
