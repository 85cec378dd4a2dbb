import type { Knex } from 'knex';

/**
 * What tracking needs: weekly lessons, consent and bands of a student; the numbers of a check in one short column; how each
 * setup stands over the weeks; and which log entries are still open.
 */
export async function up(knex: Knex): Promise<void> {
  for (const column of [
    'lesson_json text',
    `photos text not null default 'allowed'`,
    `bands text not null default 'on'`,
    'audits integer not null default 0',
  ]) {
    await knex.raw(`alter table students add column ${column}`);
  }
  await knex.raw(`alter table checks add column numbers_json text not null default '[]'`);
  await knex.raw('alter table checks add column bands_off integer not null default 0');
  await fillNumbers(knex);
  await knex.schema.createTable('tracks', (table) => {
    table.text('setup_id').primary().references('setups.id').onDelete('CASCADE');
    table.text('body_json').notNullable();
    // How the hold was last seen, as lists show it.
    table.text('seen_json').notNullable();
  });
  // Which entry another one is about, and whether an entry still waits for one that ends it.
  await knex.raw('alter table log_entries add column of_id text');
  await knex.raw('alter table log_entries add column is_open integer not null default 0');
  await knex.raw('create index log_entries_of on log_entries (of_id) where of_id is not null');
  await knex.raw(
    'create index log_entries_kind_newest on log_entries (setup_id, kind, made_at, id)',
  );
  await knex.raw('create index log_entries_open on log_entries (student_id) where is_open = 1');
  await knex.raw(
    `update log_entries set of_id = json_extract(body_json, '$.hurt') where kind = 'cleared'`,
  );
  await knex.raw(
    `update log_entries set is_open = 1 where kind = 'hurt'
     and not exists (select 1 from log_entries c where c.of_id = log_entries.id)`,
  );
}

/** The same as a check writes when it is kept, for checks that were kept before. */
async function fillNumbers(knex: Knex): Promise<void> {
  const ids: string[] = await knex('checks').pluck('id');
  for (const id of ids) {
    const rows: string[] = await knex('measures')
      .where({ check_id: id })
      .orderBy('rowid')
      .pluck('value_json');
    const numbers = rows.flatMap((json) => {
      const { measure, place, conflict } = JSON.parse(json);
      if (measure.kind !== 'number' || measure.implausible || conflict) return [];
      const { value, sd, band, verdict } = measure;
      return [
        [measure.id, place, short(value), short(sd), band?.lo ?? null, band?.hi ?? null, verdict],
      ];
    });
    await knex('checks')
      .where({ id })
      .update({ numbers_json: JSON.stringify(numbers) });
  }
}

const short = (value: number) => Math.round(value * 1000) / 1000;

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop index log_entries_open');
  await knex.raw('drop index log_entries_kind_newest');
  await knex.raw('drop index log_entries_of');
  for (const column of ['is_open', 'of_id']) {
    await knex.raw(`alter table log_entries drop column ${column}`);
  }
  await knex.schema.dropTable('tracks');
  for (const column of ['bands_off', 'numbers_json']) {
    await knex.raw(`alter table checks drop column ${column}`);
  }
  for (const column of ['audits', 'bands', 'photos', 'lesson_json']) {
    await knex.raw(`alter table students drop column ${column}`);
  }
}
