import type { Knex } from 'knex';
import { v7 as uuidv7 } from 'uuid';

/** Several instruments a student, several pictures and taps a check, own holds with versions, relaxed hands. */
export async function up(knex: Knex): Promise<void> {
  await knex.schema.createTable('holds', (table) => {
    table.text('id').notNullable();
    table.integer('version').notNullable();
    table.text('body_json').notNullable();
    table.text('created_at').notNullable();
    table.primary(['id', 'version']);
  });
  await knex.schema.createTable('relaxed_hands', (table) => {
    table.text('id').primary();
    table.text('student_id').notNullable().references('students.id').onDelete('CASCADE');
    table.text('taken_at').notNullable();
    table.text('picture_id').notNullable().references('pictures.id');
    table.text('side').notNullable();
    table.integer('image_width').notNullable();
    table.integer('image_height').notNullable();
    table.text('points_json').notNullable();
    table.text('body_sha256').notNullable();
    table.text('created_at').notNullable();
    table.index(['student_id', 'taken_at', 'id']);
  });
  await addSetups(knex);
  await knex.schema.alterTable('captures', (table) => {
    table.text('place');
    table.integer('position').notNullable().defaultTo(0);
  });
  await rebuildMeasures(knex);
}

/** Instrument, hold and frog move from the student to a setup; each check says which setup it was of. */
async function addSetups(knex: Knex): Promise<void> {
  await knex.schema.createTable('setups', (table) => {
    table.text('id').primary();
    table.text('student_id').notNullable().references('students.id').onDelete('CASCADE');
    // The main instrument is 0; null is no longer played, and kept for its checks.
    table.integer('position');
    table.text('instrument').notNullable();
    table.text('bow_size').notNullable();
    table.float('frog_length_mm');
    table.text('hold_id').notNullable();
    table.text('settings_json').notNullable();
    table.index(['student_id', 'position']);
  });
  await knex.schema.alterTable('students', (table) => void table.float('middle_finger_mm'));
  for (const column of [
    'setup_id text',
    `settings_json text not null default '{}'`,
    `bow_size text not null default '4/4'`,
    'middle_finger_mm float not null default 100',
    'middle_finger_sd_mm float not null default 8',
    'relaxed_hand_id text',
    `taps_json text not null default '[]'`,
  ]) {
    await knex.raw(`alter table checks add column ${column}`);
  }
  const students: { id: string; instrument: string; hold_id: string; frog_length_mm: number }[] =
    await knex('students').select('id', 'instrument', 'hold_id', 'frog_length_mm');
  for (const student of students) {
    const id = uuidv7();
    await knex('setups').insert({
      id,
      student_id: student.id,
      position: 0,
      instrument: student.instrument,
      bow_size: '4/4',
      frog_length_mm: student.frog_length_mm,
      hold_id: student.hold_id,
      settings_json: '{}',
    });
    await knex('checks').where({ student_id: student.id }).update({ setup_id: id });
  }
  for (const column of ['instrument', 'hold_id', 'frog_length_mm']) {
    // SQLite's own command: a rebuilt table would take its students' checks along.
    await knex.raw(`alter table students drop column ${column}`);
  }
  await knex.schema.alterTable('checks', (table) => table.index(['setup_id', 'taken_at', 'id']));
}

async function rebuildMeasures(knex: Knex): Promise<void> {
  await knex.schema.renameTable('measures', 'old_measures');
  await knex.raw('drop index measures_newest');
  await knex.schema.createTable('measures', (table) => {
    table.text('check_id').notNullable().references('checks.id').onDelete('CASCADE');
    table.text('measure_id').notNullable();
    // Where in the bow; empty for a look that names no place.
    table.text('place').notNullable();
    // What it is compared with over time: the measure, and the place too where it moves along the bow.
    table.text('series').notNullable();
    // A check's setup and time stand here too, so that the newest values are found in one index.
    table.text('setup_id').notNullable().references('setups.id').onDelete('CASCADE');
    table.text('taken_at').notNullable();
    table.text('verdict').notNullable();
    table.text('value_json').notNullable();
    table.primary(['check_id', 'measure_id', 'place']);
    table.index(['setup_id', 'series', 'taken_at', 'check_id'], 'measures_newest');
  });
  const rows: {
    check_id: string;
    measure_id: string;
    taken_at: string;
    verdict: string;
    value_json: string;
    context: string;
    setup_id: string;
  }[] = await knex('old_measures')
    .join('checks', 'checks.id', 'old_measures.check_id')
    .orderBy('old_measures.rowid')
    .select('old_measures.*', 'checks.context', 'checks.setup_id');
  for (const { context, check_id, measure_id, setup_id, taken_at, verdict, value_json } of rows) {
    const place = ['heel', 'middle', 'point'].includes(context) ? context : '';
    const moves = place !== '' && ['wristFlexion', 'wristDeviation'].includes(measure_id);
    await knex('measures').insert({
      check_id,
      measure_id,
      place,
      series: moves ? `${measure_id}@${place}` : measure_id,
      setup_id,
      taken_at,
      verdict,
      value_json: JSON.stringify(mergedOf(JSON.parse(value_json), place || null)),
    });
  }
  await knex.schema.dropTable('old_measures');
}

/** A measure of the one picture that a check had, in the form of one that may have several sources. */
function mergedOf(old: Record<string, unknown>, place: string | null) {
  const measure =
    old.kind === 'number'
      ? { ...old, retake: null }
      : { ...old, shares: [{ name: old.value, probability: old.probability }] };
  return { measure, place, sources: [{ capture: 0, measure }], conflict: false };
}

export async function down(knex: Knex): Promise<void> {
  await knex.schema.dropTable('measures');
  await knex.schema.createTable('measures', (table) => {
    table.text('check_id').notNullable().references('checks.id').onDelete('CASCADE');
    table.text('measure_id').notNullable();
    table.text('student_id').notNullable().references('students.id').onDelete('CASCADE');
    table.text('taken_at').notNullable();
    table.text('verdict').notNullable();
    table.text('value_json').notNullable();
    table.primary(['check_id', 'measure_id']);
    table.index(['student_id', 'measure_id', 'taken_at', 'check_id'], 'measures_newest');
  });
  for (const column of ['instrument text', 'hold_id text', 'frog_length_mm float']) {
    await knex.raw(`alter table students add column ${column}`);
  }
  for (const column of ['instrument', 'hold_id', 'frog_length_mm']) {
    await knex.raw(
      `update students set ${column} = (select ${column} from setups
       where student_id = students.id and position = 0)`,
    );
  }
  await knex.raw('alter table students drop column middle_finger_mm');
  await knex.raw('alter table captures drop column place');
  await knex.raw('alter table captures drop column position');
  await knex.raw('drop index checks_setup_id_taken_at_id_index');
  for (const column of [
    'setup_id',
    'settings_json',
    'bow_size',
    'middle_finger_mm',
    'middle_finger_sd_mm',
    'relaxed_hand_id',
    'taps_json',
  ]) {
    await knex.raw(`alter table checks drop column ${column}`);
  }
  for (const table of ['setups', 'relaxed_hands', 'holds']) await knex.schema.dropTable(table);
}
