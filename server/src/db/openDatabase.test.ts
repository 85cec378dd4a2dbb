import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from './openDatabase';

const freshFile = () => join(mkdtempSync(join(tmpdir(), 'db-')), 'studio.sqlite');

describe('openDatabase', () => {
  it('keeps what is committed through a crash: write-ahead log, full sync, foreign keys', async () => {
    const db = await openDatabase(freshFile());
    const pragma = async (name: string) => Object.values((await db.raw(`pragma ${name}`))[0])[0];
    expect(await pragma('journal_mode')).toBe('wal');
    expect(await pragma('synchronous')).toBe(2);
    expect(await pragma('foreign_keys')).toBe(1);
    await db.destroy();
  });

  it('can go back to before every migration and up again', async () => {
    const db = await openDatabase(freshFile());
    const tables = async () =>
      (await db('sqlite_master').where({ type: 'table' }).pluck('name')).filter(
        (name: string) => !/^(sqlite|knex)/.test(name),
      );
    const before = (await tables()).sort();
    expect(before).toEqual(['captures', 'checks', 'measures', 'pictures', 'students']);
    await db.migrate.rollback(undefined, true);
    expect(await tables()).toEqual([]);
    await db.migrate.latest();
    expect((await tables()).sort()).toEqual(before);
    await db.destroy();
  });

  it('opens a studio a second time with what was in it', async () => {
    const file = freshFile();
    const first = await openDatabase(file);
    await first('pictures').insert({
      id: 'a',
      width: 1,
      height: 1,
      upload_sha256: '',
      created_at: '',
    });
    await first.destroy();
    const second = await openDatabase(file);
    expect(await second('pictures').pluck('id')).toEqual(['a']);
    await second.destroy();
  });
});
