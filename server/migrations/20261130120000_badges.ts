import type { Knex } from 'knex';

/** Small portraits are drawn by the studio and kept with how a hold stands: every instrument is worked out once more. */
export async function up(knex: Knex): Promise<void> {
  await knex.raw(
    `insert into stale_setups (setup_id, touched) select id, 1 from setups where true
     on conflict (setup_id) do update set touched = touched + 1`,
  );
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`update tracks set seen_json = json_remove(seen_json, '$.badge')`);
}
