import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';
import { v7 as uuidv7 } from 'uuid';
import { openDatabase } from '../db/openDatabase';
import { buildServer } from '../testing/builtServer';
import { heapMb, runInThread } from './runBackup';
import { freshFolder } from './testing/studioContent';

jest.setTimeout(180_000);

it('backs up more pictures than its small thread would hold by itself', async () => {
  const dataDir = freshFolder();
  const file = join(dataDir, 'studio.sqlite');
  await (await openDatabase(file)).destroy();
  mkdirSync(join(dataDir, 'pictures'));
  const db = new Database(file);
  const add = db.prepare(
    'insert into pictures (id, width, height, upload_sha256, created_at) values (?, 1, 1, ?, ?)',
  );
  const PICTURES = 3000;
  db.transaction(() => {
    for (let i = 0; i < PICTURES; i += 1) {
      const id = uuidv7();
      add.run(id, id, '2026-03-02T10:00:00.000Z');
      writeFileSync(join(dataDir, 'pictures', `${id}.jpg`), String(i));
    }
  })();
  db.close();
  const main = buildServer('many-test');
  const run = runInThread({
    backup: join(main, '../backupThread.mjs'),
    restore: join(main, '../restoreThread.mjs'),
  });
  const to = join(freshFolder(), 'many.zip');
  const { manifest } = await run.make({
    dataDir,
    to,
    madeAt: '2026-03-02T10:00:00.000Z',
    build: 'b',
  });
  expect(manifest.holds.pictures).toBe(PICTURES);
  expect((await run.verify({ verify: to })).files).toHaveLength(PICTURES + 1);
});

it('is given room that grows with the pictures', () => {
  // A hundred thousand lines of a manifest were measured to need 121 MB.
  expect(heapMb(100_000)).toBeGreaterThan(121 * 1.5);
  expect(heapMb(2500)).toBeLessThan(60);
  expect(heapMb(10_000_000)).toBe(1024);
});
