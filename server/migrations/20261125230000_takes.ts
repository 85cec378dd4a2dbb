import type { Knex } from 'knex';

/** Takes of strokes: what was seen of wrist and fingers in each frame. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('takes', (table) => {
    table.text('id').primary();
    table.text('student_id').notNullable().references('students.id').onDelete('CASCADE');
    table.text('setup_id').notNullable().references('setups.id').onDelete('CASCADE');
    table.text('taken_at').notNullable();
    table.text('context').notNullable();
    table.text('source').notNullable();
    table.text('series_json').notNullable();
    // Corrected by hand; null leaves them to the turns.
    table.text('cuts_json');
    table.text('body_sha256').notNullable();
    table.text('created_at').notNullable();
    table.index(['setup_id', 'taken_at', 'id']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('takes');
}
