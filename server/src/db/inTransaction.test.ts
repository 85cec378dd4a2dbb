import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { inTransaction } from './inTransaction';
import { openDatabase } from './openDatabase';

let db: Knex;
beforeEach(async () => {
  db = await openDatabase(join(mkdtempSync(join(tmpdir(), 'db-')), 'studio.sqlite'));
});
afterEach(() => db.destroy());

const addPicture = (trx: Knex, id: string) =>
  trx('pictures').insert({ id, width: 1, height: 1, upload_sha256: '', created_at: '' });
const pictures = () => db('pictures').pluck('id');

describe('a transaction', () => {
  it('does all of it or nothing, and tells why', async () => {
    const failed = inTransaction(db, async (trx) => {
      await addPicture(trx, 'a');
      throw new Error('the reason');
    });
    await expect(failed).rejects.toThrow('the reason');
    await inTransaction(db, (trx) => addPicture(trx, 'b'));
    expect(await pictures()).toEqual(['b']);
  });

  it('tells what broke it, where the database had taken it back by itself', async () => {
    const failed = inTransaction(db, async (trx) => {
      await addPicture(trx, 'a');
      // As it does when the disk is full.
      await trx.raw('rollback');
      throw Object.assign(new Error('database or disk is full'), { code: 'SQLITE_FULL' });
    });
    await expect(failed).rejects.toMatchObject({ code: 'SQLITE_FULL' });
    await inTransaction(db, (trx) => addPicture(trx, 'b'));
    expect(await pictures()).toEqual(['b']);
  });

  it('that fails at its very end leaves the way free for the next one', async () => {
    const failed = inTransaction(db, async (trx) => {
      await trx.raw('pragma defer_foreign_keys = on');
      await addPicture(trx, 'a');
      await trx('takes').insert({
        id: 't',
        student_id: 'nobody',
        setup_id: 'none',
        taken_at: '',
        context: '',
        source: '',
        series_json: '{}',
        body_sha256: '',
        created_at: '',
      });
    });
    // The database's errors are made in the world of whichever test came first: they are known by their words.
    await expect(failed).rejects.toMatchObject({ message: expect.stringMatching(/FOREIGN KEY/) });
    await inTransaction(db, (trx) => addPicture(trx, 'b'));
    expect(await pictures()).toEqual(['b']);
  });
});
