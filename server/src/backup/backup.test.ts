import {
  cpSync,
  mkdirSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { join } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import { seededRandom } from '../testing/seededRandom';
import { exampleCheck, studentWithPicture } from '../testing/examples';
import { studioBefore } from '../testing/studioBefore';
import { openTestStudio } from '../testing/testStudio';
import { diskProblem } from './backupProblem';
import { readManifest, verifyBackup } from './readBackup';
import { finishRestore, restoreBackup } from './restoreBackup';
import { contentOf, freshFolder, handmadeZip, namesIn } from './testing/studioContent';
import { dropUnfinished, writeBackup } from './writeBackup';

const NOW = new Date('2026-03-02T10:00:00.000Z');

/** A studio with one of every kind of record, a letter that lies ready, and nothing open. */
async function fullStudio(): Promise<string> {
  const folder = studioBefore();
  const studio = await openTestStudio({ folder, removes: false });
  await studio.deriver.allSettled();
  await studio.close();
  mkdirSync(join(folder, 'outbox'));
  writeFileSync(join(folder, 'outbox', 'a-look.eml'), 'To: a parent');
  return folder;
}

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

describe('a backup', () => {
  it('put back into another folder is the same studio: every row, every file', async () => {
    const folder = freshFolder();
    const { manifest, aside } = await restoreBackup({ dataDir: folder, file: backup, now: NOW });
    expect(aside).toBeNull();
    expect(manifest.holds).toEqual({ students: 1, looks: 1, pictures: 1, picturesMissing: 0 });
    const content = contentOf(folder);
    expect(content).toEqual(contentOf(from));
    // One of each kind is really in it.
    for (const table of ['checks', 'takes', 'crossings', 'relaxed_hands', 'log_entries', 'holds']) {
      expect([table, (content[table] as unknown[]).length]).toEqual([table, 1]);
    }
    expect(Object.keys(content).filter((name) => name.includes('/'))).toHaveLength(2);
    expect(namesIn(folder).filter((name) => /restore|backup-work/.test(name))).toEqual([]);
  });

  it('holds what was there at one moment, though looks go on coming in', async () => {
    const studio = await openTestStudio();
    const ids = await studentWithPicture(studio);
    const keep = () => studio.put(`/api/checks/${uuidv7()}`, exampleCheck(ids));
    await keep();
    const coming = Promise.all(Array.from({ length: 12 }, keep));
    const to = join(freshFolder(), 'busy.zip');
    await writeBackup({ dataDir: studio.folder, to, madeAt: NOW.toISOString(), build: 'b' });
    expect((await coming).map(({ status }) => status)).toEqual(Array(12).fill(200));
    const folder = freshFolder();
    const { manifest } = await restoreBackup({ dataDir: folder, file: to, now: NOW });
    const { checks } = contentOf(folder) as { checks: { id: string }[] };
    expect(checks).toHaveLength(manifest.holds.looks);
    expect(manifest.holds.looks).toBeGreaterThanOrEqual(1);
    const kept = await studio.db('checks').pluck('id');
    expect(kept).toEqual(expect.arrayContaining(checks.map(({ id }) => id)));
    await studio.close();
  });

  it('leaves out a picture whose file is gone, and says so', async () => {
    const folder = copied();
    rmSync(join(folder, 'pictures'), { recursive: true });
    const to = join(freshFolder(), 'gone.zip');
    const { manifest } = await writeBackup({
      dataDir: folder,
      to,
      madeAt: NOW.toISOString(),
      build: 'b',
    });
    expect(manifest.holds).toMatchObject({ pictures: 0, picturesMissing: 1 });
    expect(await verifyBackup(to)).toEqual(manifest);
  });

  it('is never written over another file, nor where there is no studio', async () => {
    const order = { madeAt: NOW.toISOString(), build: 'b' };
    const before = readFileSync(backup);
    await expect(writeBackup({ dataDir: from, to: backup, ...order })).rejects.toThrow(
      /written over/,
    );
    expect(readFileSync(backup).equals(before)).toBe(true);
    const empty = freshFolder();
    await expect(
      writeBackup({ dataDir: empty, to: join(empty, 'x.zip'), ...order }),
    ).rejects.toThrow(/no studio/);
    expect(namesIn(empty)).toEqual([]);
  });

  it('leaves nothing of one that was cut off', async () => {
    const folder = copied();
    mkdirSync(join(folder, 'backup-work-x1'));
    writeFileSync(join(folder, 'backup-work-x1', 'studio.sqlite'), 'half a copy');
    await dropUnfinished(folder);
    expect(namesIn(folder).filter((name) => name.startsWith('backup-work'))).toEqual([]);
  });

  it('says in words that a disk is full', () => {
    const full = Object.assign(new Error('write ENOSPC'), { code: 'ENOSPC' });
    expect(diskProblem(full, '/x')).toMatchObject({
      name: 'BackupProblem',
      message: /disk is full/,
    });
    expect(diskProblem(Object.assign(new Error(), { code: 'EROFS' }), '/x')).toMatchObject({
      message: /Nothing can be written into \/x/,
    });
    const other = new Error('something else');
    expect(diskProblem(other, '/x')).toBe(other);
  });
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
      { version: 2, files: 'otherwise' },
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

  it('is refused where there is not room enough', async () => {
    const huge = [{ name: 'studio.sqlite', content: Buffer.from('a'), says: { bytes: 2 ** 52 } }];
    expect(await refused(await handmadeZip(huge))).toMatch(/not room enough/);
  });

  it('is refused where it is no file at all', async () => {
    expect(await refused('/nowhere/at-all.zip')).toBe('There is no file /nowhere/at-all.zip.');
  });
});

it('has nothing to bring to an end where no restore was begun', async () => {
  const folder = copied();
  const before = namesIn(folder);
  expect(await finishRestore(folder)).toBe(false);
  expect(namesIn(folder)).toEqual(before);
});
