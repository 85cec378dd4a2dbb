import {
  copyFileSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { adoptEarlier } from './adoptEarlier';
import { lockFolder } from './db/lockFolder';
import { openDatabase } from './db/openDatabase';
import { writeFact } from './studio/repo';

/** A studio as the version before left it, straight in the folder of all studios, its last writes still in the log beside the file. */
async function earlier(moments: readonly string[], isDemo: boolean): Promise<string> {
  const [home, open] = ['home-', 'open-'].map((name) => mkdtempSync(join(tmpdir(), name)));
  const db = await openDatabase(join(open!, 'studio.sqlite'));
  if (isDemo) await writeFact(db, 'demo', 'filled');
  for (const [i, created_at] of moments.entries()) {
    await db('students').insert({
      id: `s${i}`,
      name: `Student ${i}`,
      side: 'right',
      birth_year: null,
      skin_tone: 'tone3',
      created_at,
    });
  }
  // As a power cut leaves it.
  for (const end of ['', '-wal']) {
    copyFileSync(join(open!, `studio.sqlite${end}`), join(home!, `studio.sqlite${end}`));
  }
  await db.destroy();
  for (const name of ['pictures', 'outbox']) {
    mkdirSync(join(home!, name));
    writeFileSync(join(home!, name, 'kept'), name);
  }
  return home!;
}

const students = (folder: string): number => {
  const db = new Database(join(folder, 'studio.sqlite'), { readonly: true });
  const { count } = db.prepare('select count(*) as count from students').get() as { count: number };
  db.close();
  return count;
};

describe('a studio from before each kind had its own folder', () => {
  it('is none in a new folder, and none again once it is moved', async () => {
    expect(adoptEarlier(mkdtempSync(join(tmpdir(), 'home-')))).toBeNull();
    const home = await earlier(['2026-01-01'], false);
    expect(adoptEarlier(home)).toEqual({
      kind: 'studio',
      folder: join(home, 'studio'),
      isTaken: false,
    });
    expect(adoptEarlier(home)).toBeNull();
    expect(readdirSync(home)).toEqual(['studio']);
    expect(students(join(home, 'studio'))).toBe(1);
    expect(readFileSync(join(home, 'studio/pictures/kept'), 'utf8')).toBe('pictures');
    expect(readFileSync(join(home, 'studio/outbox/kept'), 'utf8')).toBe('outbox');
  });

  it('is the demo’s as long as nobody has entered a student of their own', async () => {
    const untouched = await earlier(['2026-01-01', '2026-01-01'], true);
    expect(adoptEarlier(untouched)).toMatchObject({ kind: 'demo' });
    expect(students(join(untouched, 'demo'))).toBe(2);
    const used = await earlier(['2026-01-01', '2026-01-01', '2026-02-03'], true);
    expect(adoptEarlier(used)).toMatchObject({ kind: 'studio' });
    expect(students(join(used, 'studio'))).toBe(3);
  });

  it('is moved on where a move broke off', async () => {
    const home = await earlier(['2026-01-01'], false);
    mkdirSync(join(home, 'studio'));
    mkdirSync(join(home, 'studio/pictures'));
    writeFileSync(join(home, 'studio/pictures/kept'), 'moved before');
    // The pictures are over already; the rest and the database are not.
    rmSync(join(home, 'pictures'), { recursive: true });
    expect(adoptEarlier(home)).toMatchObject({ isTaken: false });
    expect(readFileSync(join(home, 'studio/pictures/kept'), 'utf8')).toBe('moved before');
    expect(existsSync(join(home, 'studio/outbox/kept'))).toBe(true);
  });

  it('is never moved over another, and stays whole', async () => {
    const home = await earlier(['2026-01-01'], false);
    mkdirSync(join(home, 'studio'));
    writeFileSync(join(home, 'studio/studio.sqlite'), 'another');
    expect(adoptEarlier(home)).toMatchObject({ isTaken: true });
    expect(readFileSync(join(home, 'studio/studio.sqlite'), 'utf8')).toBe('another');
    expect(students(home)).toBe(1);
    expect(existsSync(join(home, 'pictures/kept'))).toBe(true);
  });

  it('is not touched while a server has it open', async () => {
    const home = await earlier(['2026-01-01'], false);
    const unlock = lockFolder(home);
    expect(() => adoptEarlier(home)).toThrow('Another Open Palm is already using the studio');
    unlock();
    expect(students(home)).toBe(1);
  });
});
