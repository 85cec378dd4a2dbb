import type { Knex } from 'knex';

export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('students', (table) => {
    table.text('id').primary();
    table.text('name').notNullable();
    table.text('instrument').notNullable();
    table.text('hold_id').notNullable();
    table.text('side').notNullable();
    table.integer('birth_year');
    table.float('frog_length_mm');
    table.text('skin_tone').notNullable();
    table.text('created_at').notNullable();
  });
  await knex.schema.createTable('pictures', (table) => {
    table.text('id').primary();
    table.integer('width').notNullable();
    table.integer('height').notNullable();
    table.text('upload_sha256').notNullable();
    table.text('created_at').notNullable();
  });
  await knex.schema.createTable('checks', (table) => {
    table.text('id').primary();
    table.text('student_id').notNullable().references('students.id').onDelete('CASCADE');
    table.text('taken_at').notNullable();
    table.text('context').notNullable();
    table.text('hold_id').notNullable();
    table.integer('hold_version').notNullable();
    table.text('standings_json').notNullable();
    table.text('contacts_json').notNullable();
    table.text('body_sha256').notNullable();
    table.text('created_at').notNullable();
    table.index(['student_id', 'taken_at', 'id']);
  });
  await knex.schema.createTable('captures', (table) => {
    table.text('id').primary();
    table.text('check_id').notNullable().references('checks.id').onDelete('CASCADE');
    table.text('picture_id').notNullable().references('pictures.id');
    table.text('view').notNullable();
    table.text('side').notNullable();
    table.integer('image_width').notNullable();
    table.integer('image_height').notNullable();
    table.text('points_json').notNullable();
    table.float('frog_length_mm').notNullable();
    table.float('frog_length_sd_mm').notNullable();
    table.index(['check_id']);
    table.index(['picture_id']);
  });
  await knex.schema.createTable('measures', (table) => {
    table.text('check_id').notNullable().references('checks.id').onDelete('CASCADE');
    table.text('measure_id').notNullable();
    // A check's student and time stand here too, so that the newest values are found in one index.
    table.text('student_id').notNullable().references('students.id').onDelete('CASCADE');
    table.text('taken_at').notNullable();
    table.text('verdict').notNullable();
    table.text('value_json').notNullable();
    table.primary(['check_id', 'measure_id']);
    table.index(['student_id', 'measure_id', 'taken_at', 'check_id'], 'measures_newest');
  });
}

export async function down(knex: Knex): Promise<void> {
  for (const table of ['measures', 'captures', 'checks', 'pictures', 'students']) {
    await knex.schema.dropTable(table);
  }
}
