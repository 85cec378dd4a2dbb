import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { openDatabase } from './db/openDatabase';
import { faultOf } from './faultOf';

describe('a fault as it is noted', () => {
  it('names no student that the database was told of, and says what and where', async () => {
    const db = await openDatabase(join(mkdtempSync(join(tmpdir(), 'db-')), 'studio.sqlite'));
    const row = { id: 'a', name: 'Wilma - Harrow\n    at home', no_such_column: 1 };
    const error = await db('students')
      .insert(row)
      .then(
        () => null,
        (failed: unknown) => failed,
      );
    await db.destroy();
    expect(String(error)).toContain('Wilma');
    const noted = faultOf(error);
    expect(noted).not.toMatch(/Wilma|Harrow|at home/);
    expect(noted).toMatch(
      /^SqliteError SQLITE_ERROR: table students has no column named no_such_column\n/,
    );
    expect(noted).toMatch(/\n {4}at .*knex/);
  });

  it('is told whole where it is any other', () => {
    const error = new TypeError('x is no function - at all');
    expect(faultOf(error)).toBe(error.stack);
    expect(faultOf('a word')).toBe('a word');
  });
});
