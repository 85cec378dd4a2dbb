import type { Knex } from 'knex';

/** The hand that a look's measures tell is kept with the look: every look is worked out once more. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw('alter table checks add column pose_json text');
  await knex.raw('update checks set pending = 1');
  await knex.raw(
    `insert into stale_setups (setup_id, touched) select id, 1 from setups where true
     on conflict (setup_id) do update set touched = touched + 1`,
  );
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('alter table checks drop column pose_json');
}
