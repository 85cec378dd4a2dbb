import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import { exampleCheck, studentWithPicture } from '../testing/examples';
import { beforeId, studioBefore } from '../testing/studioBefore';
import { openTestStudio } from '../testing/testStudio';
import { diskProblem } from './backupProblem';
import { verifyBackup } from './readBackup';
import { finishRestore, restoreBackup } from './restoreBackup';
import { contentOf, freshFolder, fullStudio, handmadeZip, namesIn } from './testing/studioContent';
import { dropUnfinished } from './unfinished';
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

  it('is made of a studio that a newer Open Palm has not opened yet, and opens when it is put back', async () => {
    const folder = studioBefore();
    const to = join(freshFolder(), 'before.zip');
    const { manifest } = await writeBackup({
      dataDir: folder,
      to,
      madeAt: NOW.toISOString(),
      build: 'b',
    });
    expect(manifest.holds).toEqual({ students: 1, looks: 1, pictures: 1, picturesMissing: 0 });
    const elsewhere = freshFolder();
    await restoreBackup({ dataDir: elsewhere, file: to, now: NOW });
    expect(contentOf(elsewhere)).toEqual(contentOf(folder));
    const studio = await openTestStudio({ folder: elsewhere });
    expect((await studio.get(`/api/checks/${beforeId(4)}`)).status).toBe(200);
    await studio.close();
  });

  it('of before there was a list of what was erased is put back as ever', async () => {
    const content = readFileSync(join(from, 'studio.sqlite'));
    const old = await handmadeZip([{ name: 'studio.sqlite', content }], {
      version: 1,
      tables: '20261130150000_poses',
    });
    const folder = freshFolder();
    const { manifest } = await restoreBackup({ dataDir: folder, file: old, now: NOW });
    expect(manifest.erasedUpTo).toBeNull();
    expect(contentOf(folder).checks).toEqual(contentOf(from).checks);
  });

  it('leaves nothing of one that was cut off, and leaves alone one that is being made beside it', async () => {
    const folder = copied();
    const { pid: gone } = spawnSync('true');
    const beside = process.ppid;
    for (const whose of [`${gone}-a`, `${process.pid}-b`, `${beside}-c`]) {
      mkdirSync(join(folder, `backup-work-${whose}`));
    }
    for (const name of [`mine.zip.${gone}.part`, `mine.zip.${beside}.part`, 'mine.zip', 'a.part']) {
      writeFileSync(join(folder, name), 'half');
    }
    await dropUnfinished(folder);
    const left = namesIn(folder).filter((name) => /backup-work|mine|part/.test(name));
    expect(left).toEqual(
      ['a.part', `backup-work-${beside}-c`, 'mine.zip', `mine.zip.${beside}.part`].sort(),
    );
  });

  it('says in words that the database is none any more, and that a file stands where a folder should be', async () => {
    const folder = copied();
    writeFileSync(join(folder, 'studio.sqlite'), 'not a database '.repeat(100));
    const order = { madeAt: NOW.toISOString(), build: 'b' };
    const to = join(freshFolder(), 'x.zip');
    await expect(writeBackup({ dataDir: folder, to, ...order })).rejects.toMatchObject({
      name: 'BackupProblem',
      message: expect.stringMatching(/database cannot be read/),
    });
    await expect(
      writeBackup({ dataDir: from, to: join(from, 'studio.sqlite', 'x.zip'), ...order }),
    ).rejects.toMatchObject({ name: 'BackupProblem' });
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

it('has nothing to bring to an end where no restore was begun', async () => {
  const folder = copied();
  const before = namesIn(folder);
  expect(await finishRestore(folder)).toBe(false);
  expect(namesIn(folder)).toEqual(before);
});
