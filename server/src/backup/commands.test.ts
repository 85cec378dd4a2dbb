import { spawnSync } from 'node:child_process';
import { mkdirSync, readdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { buildServer, freePort, isGone, isReady, spawnServer } from '../testing/builtServer';
import { studioBefore } from '../testing/studioBefore';
import { contentOf, freshFolder } from './testing/studioContent';

// Programs start beside other tests.
jest.setTimeout(60_000);

let main: string;
beforeAll(() => (main = buildServer('backup-test')));

/** Runs one of the studio's commands, as it was given in a folder. */
function command(
  name: 'backup' | 'restore',
  dataDir: string,
  args: string[],
  from = freshFolder(),
) {
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    [join(dirname(main), `${name}.mjs`), ...args],
    { env: { ...process.env, DATA_DIR: dataDir, INIT_CWD: from }, encoding: 'utf8' },
  );
  return { status, said: stdout + stderr, from };
}

it('backs up a studio that is served, and puts it back only where none is', async () => {
  const folder = studioBefore();
  const served = spawnServer(main, folder, await freePort());
  await isReady(served);
  const { status, said, from } = command('backup', folder, ['mine.zip']);
  expect([status, said]).toEqual([
    0,
    expect.stringMatching(/mine\.zip: .* kB, 1 looks\. It was read back/),
  ]);
  expect(readdirSync(from)).toEqual(['mine.zip']);
  expect(command('backup', folder, ['mine.zip'], from)).toMatchObject({
    status: 1,
    said: expect.stringContaining('nothing is written over it'),
  });
  expect(command('restore', folder, ['mine.zip'], from)).toMatchObject({
    status: 1,
    said: expect.stringContaining('Another Open Palm is already using the studio in'),
  });
  served.kill('SIGTERM');
  await isGone(served);
  // A studio in use makes the day's by itself, in a thread of its own.
  expect(readdirSync(join(folder, 'backups'))).toEqual([
    expect.stringMatching(/^open-palm-daily-\d{4}-\d{2}-\d{2}\.zip$/),
  ]);

  const elsewhere = join(freshFolder(), 'studio');
  expect(command('restore', elsewhere, ['mine.zip'], from)).toMatchObject({
    status: 0,
    said: expect.stringContaining('with 1 looks. There was no studio here before.'),
  });
  // What is worked out of the facts went on being worked out while the backup was made.
  const given = ['students', 'pictures', 'takes', 'crossings', 'log_entries', 'holds', 'people'];
  const [ours, theirs] = [contentOf(folder), contentOf(elsewhere)];
  for (const table of given) expect([table, theirs[table]]).toEqual([table, ours[table]]);
  const filesOf = (content: object) =>
    Object.entries(content).filter(([name]) => name.includes('/'));
  expect(filesOf(theirs)).toEqual(filesOf(ours));
  expect(filesOf(theirs)).toHaveLength(1);
  const there = spawnServer(main, elsewhere, await freePort());
  await isReady(there);
  there.kill('SIGTERM');
  await isGone(there);

  // Where there is one, it is set aside.
  mkdirSync(join(folder, 'outbox'), { recursive: true });
  expect(command('restore', folder, ['mine.zip'], from)).toMatchObject({
    status: 0,
    said: expect.stringMatching(/What was here before lies in .*set-aside.before-restore-/),
  });
});

it('says in words what is wrong, and leaves', () => {
  const empty = freshFolder();
  expect(command('backup', empty, ['x.zip'])).toMatchObject({
    status: 1,
    said: `There is no studio in ${empty}.\n`,
  });
  expect(command('restore', empty, [])).toMatchObject({
    status: 1,
    said: expect.stringContaining('Which backup?'),
  });
  expect(command('restore', empty, ['gone.zip'])).toMatchObject({
    status: 1,
    said: expect.stringMatching(/^There is no file .*gone\.zip\.\n$/),
  });
});
