import { cpSync, readFileSync, statSync, truncateSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { seededRandom } from '../testing/seededRandom';
import { readManifest, verifyBackup } from './readBackup';
import { restoreBackup } from './restoreBackup';
import { contentOf, freshFolder, fullStudio, handmadeZip, namesIn } from './testing/studioContent';
import { writeBackup } from './writeBackup';

const NOW = new Date('2026-03-02T10:00:00.000Z');

let from: string;
let backup: string;

/** The same once more, to be worked on. */
function copied(): string {
  const folder = freshFolder();
  cpSync(from, folder, { recursive: true });
  return folder;
}

beforeAll(async () => {
  from = await fullStudio();
  backup = join(freshFolder(), 'all.zip');
  await writeBackup({ dataDir: from, to: backup, madeAt: NOW.toISOString(), build: 'b' });
});

describe('a backup that is not as it should be', () => {
  /** Tries to put it in the place of a studio, which has to stay as it was. */
  async function refused(file: string): Promise<string> {
    const folder = copied();
    const before = [contentOf(folder), namesIn(folder)];
    const problem = await restoreBackup({ dataDir: folder, file, now: NOW }).then(
      () => null,
      (error: Error) => error,
    );
    expect(problem).toMatchObject({ name: 'BackupProblem' });
    expect([contentOf(folder), namesIn(folder)]).toEqual(before);
    return problem!.message;
  }

  it('is refused wherever it was cut off', async () => {
    const { size } = statSync(backup);
    for (const share of [0, 0.01, 0.5, 0.9, 0.999]) {
      const cut = join(freshFolder(), 'cut.zip');
      writeFileSync(cut, readFileSync(backup));
      truncateSync(cut, Math.floor(size * share));
      expect(await refused(cut)).toMatch(/not whole/);
    }
  });

  it('is refused, or is still the same, whichever byte was changed', async () => {
    const random = seededRandom(27);
    const whole = readFileSync(backup);
    const same = await readManifest(backup);
    let found = 0;
    for (let i = 0; i < 60; i += 1) {
      const bytes = Buffer.from(whole);
      const at = Math.floor(random() * bytes.length);
      bytes[at] = bytes[at]! ^ (1 << Math.floor(random() * 8));
      const file = join(freshFolder(), 'changed.zip');
      writeFileSync(file, bytes);
      const read = await verifyBackup(file).catch((error: Error) => error);
      if (read instanceof Error) {
        expect(read.name).toBe('BackupProblem');
        found += 1;
      } else expect(read).toEqual(same);
    }
    // What is left are times and the like, which no file is made of.
    expect(found).toBeGreaterThan(50);
  });

  it.each([
    [
      'another program’s archive',
      [{ name: 'a.txt', content: Buffer.from('a'), says: null }],
      { format: 'other' },
      /no backup of Open Palm/,
    ],
    [
      'a newer version',
      [{ name: 'studio.sqlite', content: Buffer.from('a') }],
      { version: 3, files: 'otherwise' },
      /newer Open Palm/,
    ],
    [
      'tables that are not known here',
      [{ name: 'studio.sqlite', content: Buffer.from('a') }],
      { tables: '20991231000000_later' },
      /newer Open Palm/,
    ],
    [
      'a file that it does not speak of',
      [
        { name: 'studio.sqlite', content: Buffer.from('a') },
        { name: 'pictures/x.jpg', content: Buffer.from('b'), says: null },
      ],
      {},
      /does not speak of \(pictures\/x\.jpg\)/,
    ],
    [
      'a file that is another one',
      [{ name: 'studio.sqlite', content: Buffer.from('a'), says: { sha256: '0'.repeat(64) } }],
      {},
      /studio\.sqlite is not what was put into it/,
    ],
    [
      'a file that unfolds into more than it says',
      [{ name: 'studio.sqlite', content: Buffer.alloc(30_000_000), says: { bytes: 1000 } }],
      {},
      /studio\.sqlite is not what was put into it/,
    ],
    [
      'a database that is none',
      [{ name: 'studio.sqlite', content: Buffer.from('not a database') }],
      {},
      /studio\.sqlite is not what was put into it/,
    ],
    [
      'a place outside of the studio',
      [{ name: 'studio.sqlite', content: Buffer.from('a') }],
      { files: [{ name: 'pictures/../../evil', bytes: 1, sha256: '0'.repeat(64) }] },
      /no backup of Open Palm/,
    ],
    [
      'a lost file',
      [],
      { files: [{ name: 'studio.sqlite', bytes: 1, sha256: '0'.repeat(64) }] },
      /has lost studio\.sqlite/,
    ],
  ])('is refused with %s', async (_, entries, manifest, sentence) => {
    expect(await refused(await handmadeZip(entries, manifest))).toMatch(sentence);
  });

  it('is refused with an entry whose name leads out of it', async () => {
    const bytes = readFileSync(
      await handmadeZip([{ name: 'xx/evil.jpg', content: Buffer.from('a'), says: null }]),
    );
    const file = join(freshFolder(), 'outside.zip');
    const text = bytes.toString('latin1').replaceAll('xx/evil.jpg', '../evil.jpg');
    writeFileSync(file, Buffer.from(text, 'latin1'));
    expect(await refused(file)).toMatch(/not whole|does not speak of/);
  });

  it('is refused where its database knows more than it says itself', async () => {
    const folder = copied();
    const db = new Database(join(folder, 'studio.sqlite'));
    db.pragma('journal_mode = DELETE');
    db.prepare(
      "insert into knex_migrations (name, batch) values ('20991231000000_later', 99)",
    ).run();
    db.close();
    const content = readFileSync(join(folder, 'studio.sqlite'));
    expect(await refused(await handmadeZip([{ name: 'studio.sqlite', content }]))).toMatch(
      /newer Open Palm/,
    );
  });

  it('is refused where there is not room enough', async () => {
    const huge = [{ name: 'studio.sqlite', content: Buffer.from('a'), says: { bytes: 2 ** 52 } }];
    expect(await refused(await handmadeZip(huge))).toMatch(/not room enough/);
  });

  it('is refused where it is no file at all', async () => {
    expect(await refused('/nowhere/at-all.zip')).toBe('There is no file /nowhere/at-all.zip.');
  });
});
