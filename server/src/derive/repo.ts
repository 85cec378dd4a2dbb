import type { Knex } from 'knex';
import { DERIVED_CODE } from '@open-palm/core/derivedCode';
import { seriesOf } from '@open-palm/core/track';
import type { DerivedLook } from './deriveLook';

/**
 * Notes inside the transaction of whatever changed an instrument that its standing is to be worked out anew: after a crash it is
 * still known.
 */
export async function touchSetups(trx: Knex, setupIds: readonly string[]): Promise<void> {
  for (const setupId of setupIds) {
    await trx.raw(
      `insert into stale_setups (setup_id, touched) select id, 1 from setups where id = ?
       on conflict (setup_id) do update set touched = touched + 1`,
      [setupId],
    );
  }
}

/** Instruments that wait, those of which something has waited longest first. */
export const staleSetups = (db: Knex): Promise<string[]> =>
  db('stale_setups').orderBy('rowid').pluck('setup_id');

/** How often an instrument was touched since it was last worked out; undefined when it was not. */
export const touchesOf = async (db: Knex, setupId: string): Promise<number | undefined> =>
  (await db('stale_setups').where({ setup_id: setupId }).first('touched'))?.touched;

/** Calls an instrument worked out, unless it was touched meanwhile. */
export const settleSetup = (trx: Knex, setupId: string, touched: number): Promise<number> =>
  trx('stale_setups').where({ setup_id: setupId, touched }).delete();

/** Looks of an instrument that wait, so many of them. */
export const pendingLooks = (db: Knex, setupId: string, most: number): Promise<string[]> =>
  db('checks').where({ setup_id: setupId, pending: 1 }).limit(most).pluck('id');

/** Instruments with a look that waits. */
export const setupsWithPending = async (db: Knex): Promise<Set<string>> =>
  new Set(await db('checks').where({ pending: 1 }).distinct('setup_id').pluck('setup_id'));

/** Looks that wait in the whole studio. */
export async function countPending(db: Knex): Promise<number> {
  const row = await db('checks').where({ pending: 1 }).count<{ n: number }>({ n: '*' }).first();
  return row?.n ?? 0;
}

/**
 * Lets everything be worked out anew that other code than this one has worked out, or everything at all.
 *
 * @returns how many looks
 */
export async function markPending(trx: Knex, which: 'otherCode' | 'all'): Promise<number> {
  const looks = await trx('checks')
    .where({ pending: 0 })
    .modify((query) => {
      if (which === 'otherCode') query.whereRaw('derived_code is not ?', [DERIVED_CODE]);
    })
    .update({ pending: 1 });
  if (looks > 0 || which === 'all') {
    await trx.raw(
      `insert into stale_setups (setup_id, touched)
       select id, 1 from setups ${which === 'all' ? 'where true' : 'where id in (select setup_id from checks where pending = 1)'}
       on conflict (setup_id) do update set touched = touched + 1`,
    );
  }
  return looks;
}

/**
 * Keeps what was worked out of a look. What was told when it was kept stays: the first result, unless the device that kept it
 * said itself what it had told.
 */
export async function keepDerived(
  trx: Knex,
  check: { id: string; setupId: string; takenAt: string },
  derived: DerivedLook,
): Promise<void> {
  await freezeTold(trx, check.id);
  const there = await trx('checks')
    .where({ id: check.id })
    .update({
      standings_json: JSON.stringify(derived.standings),
      contacts_json: JSON.stringify(derived.contacts),
      fits_json: JSON.stringify(derived.fits),
      pose_json: JSON.stringify(derived.pose),
      numbers_json: JSON.stringify(derived.numbers),
      derived_code: DERIVED_CODE,
      derive_error: null,
      pending: 0,
    });
  // Taken away while it was worked out.
  if (there === 0) return;
  await trx('measures').where({ check_id: check.id }).delete();
  if (derived.measures.length === 0) return;
  await trx('measures').insert(
    derived.measures.map((merged) => ({
      check_id: check.id,
      measure_id: merged.measure.id,
      place: merged.place ?? '',
      series: seriesOf(merged.measure.id, merged.place),
      setup_id: check.setupId,
      taken_at: check.takenAt,
      verdict: merged.measure.verdict,
      value_json: JSON.stringify(merged),
    })),
  );
}

/** Before other code takes its place, what the code of then told becomes a fact. */
const freezeTold = (trx: Knex, checkId: string): Promise<unknown> =>
  trx.raw(
    `insert into told (check_id, code, measures_json)
     select c.id, c.derived_code,
       (select json_group_array(json(value_json))
        from (select value_json from measures where check_id = c.id order by rowid))
     from checks c where c.id = ? and c.derived_code <> ? and c.derive_error is null
     on conflict (check_id) do nothing`,
    [checkId, DERIVED_CODE],
  );

/** A look that could not be worked out waits no more: the rest goes on, and it is told. */
export async function keepFailure(trx: Knex, checkId: string, error: string): Promise<void> {
  await trx('checks')
    .where({ id: checkId })
    .update({ pending: 0, derived_code: DERIVED_CODE, derive_error: error.slice(0, 500) });
}

/** How many looks could not be worked out. */
export async function countFailures(db: Knex): Promise<number> {
  const row = await db('checks')
    .whereNotNull('derive_error')
    .count<{ n: number }>({ n: '*' })
    .first();
  return row?.n ?? 0;
}
