import type { Knex } from 'knex';

/** Groups with their seats, walks through them with every mark, and what each walk saw of each player, as it was judged then. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('groups', (table) => {
    table.text('id').primary();
    table.text('name').notNullable();
    table.text('meets_json');
    table.text('layout').notNullable();
    table.integer('version').notNullable();
    table.text('created_at').notNullable();
    // Taken away, and until when it can be brought back.
    table.text('gone_at');
  });
  await knex.schema.createTable('group_members', (table) => {
    table.text('group_id').notNullable().references('groups.id').onDelete('CASCADE');
    table.text('student_id').notNullable().references('students.id').onDelete('CASCADE');
    table.text('setup_id').notNullable();
    table.integer('seat_row');
    table.integer('seat_place');
    table.primary(['group_id', 'student_id']);
    table.index(['student_id']);
  });
  await knex.schema.createTable('walks', (table) => {
    table.text('id').primary();
    table.text('group_id').notNullable().references('groups.id').onDelete('CASCADE');
    table.text('day').notNullable();
    table.integer('from_memory').notNullable();
    table.text('created_at').notNullable();
    table.text('made_by');
    table.text('author');
    table.index(['group_id', 'day']);
  });
  await knex.schema.createTable('walk_marks', (table) => {
    table.text('id').primary();
    table.text('walk_id').notNullable().references('walks.id').onDelete('CASCADE');
    table.text('student_id').notNullable().references('students.id').onDelete('CASCADE');
    table.text('setup_id').notNullable();
    table.text('at').notNullable();
    table.text('said_json').notNullable();
    table.index(['walk_id']);
    table.index(['student_id']);
  });
  await knex.schema.createTable('walk_players', (table) => {
    table.text('walk_id').notNullable().references('walks.id').onDelete('CASCADE');
    table.text('student_id').notNullable().references('students.id').onDelete('CASCADE');
    table.integer('absent').notNullable();
    table.text('faults_json').notNullable();
    table.text('looked_at');
    table.text('check_id');
    table.primary(['walk_id', 'student_id']);
    table.index(['student_id']);
  });
}

export async function down(knex: Knex): Promise<void> {
  for (const table of ['walk_players', 'walk_marks', 'walks', 'group_members', 'groups']) {
    await knex.schema.dropTable(table);
  }
}
