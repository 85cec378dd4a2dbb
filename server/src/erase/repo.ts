import type { Knex } from 'knex';

/** Takes pictures out for good: their row too, unless a look names it that stays or can be brought back. */
export async function erasePictures(trx: Knex, ids: readonly string[]): Promise<void> {
  await trx('pictures')
    .whereIn('id', [...ids])
    .update({ erased: 1, missing: 0, upload_sha256: '' });
  const binned = await trx('bin').whereIn('kind', ['student', 'check']).first('id');
  if (binned) return;
  await trx('pictures')
    .where({ erased: 1 })
    .whereNotIn('id', trx('captures').select('picture_id'))
    .whereNotIn('id', trx('relaxed_hands').select('picture_id'))
    .delete();
}

/** Every id of the studio that can be erased, by what it is. */
export async function everyErasable(
  db: Knex,
): Promise<{ students: string[]; checks: string[]; takes: string[]; pictures: string[] }> {
  return {
    students: await db('students').pluck('id'),
    checks: await db('checks').pluck('id'),
    takes: await db('takes').pluck('id'),
    pictures: await db('pictures').where({ erased: 0 }).pluck('id'),
  };
}

/** A letter in one of its versions: another one may be written to the same look. */
export interface LetterVersion {
  check_id: string;
  at: string;
}

/** Every letter of the studio, in the version that it has. */
export const everyLetter = (db: Knex): Promise<LetterVersion[]> =>
  db('letters').select('check_id', 'updated_at as at');

/** Every version of letters that is remembered. */
export const everyLetterEdit = (db: Knex): Promise<(LetterVersion & { id: string })[]> =>
  db('edits').where({ kind: 'letter' }).select('id', 'of_id as check_id', 'created_at as at');

export const deleteEdits = (trx: Knex, ids: readonly string[]): Promise<number> =>
  trx('edits')
    .whereIn('id', [...ids])
    .delete();

/** Writes what is in the log into the database, and leaves the log empty: what was erased is in neither. */
export async function emptyLog(db: Knex): Promise<boolean> {
  const [answer] = (await db.raw('pragma wal_checkpoint(truncate)')) as { busy: number }[];
  return answer?.busy === 0;
}

/** Writes the database anew, without gaps. */
export const writeAnew = (db: Knex): Promise<unknown> => db.raw('vacuum');
