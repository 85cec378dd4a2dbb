import type { Knex } from 'knex';

/** String crossings: where the elbow was on each string. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('crossings', (table) => {
    table.text('id').primary();
    table.text('student_id').notNullable().references('students.id').onDelete('CASCADE');
    table.text('setup_id').notNullable().references('setups.id').onDelete('CASCADE');
    table.text('seen_at').notNullable();
    table.text('strings_json').notNullable();
    table.text('body_sha256').notNullable();
    table.text('created_at').notNullable();
    table.index(['setup_id', 'seen_at', 'id']);
  });
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('crossings');
}
