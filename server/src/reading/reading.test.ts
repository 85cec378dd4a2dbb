import { spawn, type ChildProcess } from 'node:child_process';
import {
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import { HEADERS } from '@open-palm/contract';
import { contentOf } from '../backup/testing/studioContent';
import { lockFolder } from '../db/lockFolder';
import { openAccessLog } from '../middleware/accessLogFile';
import { openStudio } from '../openStudio';
import { buildServer, freePort, isGone, isReady } from '../testing/builtServer';
import { exampleCheck, freshStudent, studentWithPicture } from '../testing/examples';
import { BUILD, openTestStudio, type TestStudio } from '../testing/testStudio';
import { openOrRead } from './openForReading';
import { writeTrouble } from './writeTrouble';

// Programs start beside other tests.
jest.setTimeout(30_000);

let folder: string;
let before: TestStudio;
let pictureId: string;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), 'reading-'));
  before = await openTestStudio({ folder, removes: false });
  const ids = await studentWithPicture(before);
  pictureId = ids.pictureId;
  await before.put(`/api/checks/${uuidv7()}`, exampleCheck(ids));
  await before.deriver.allSettled();
  await before.close();
});

/** A program that may write no file of more than so many KiB: to it the disk is full, and small files find room. */
function withRoomFor(kib: number, file: string, port: number): ChildProcess {
  return spawn('bash', ['-c', `ulimit -f ${kib}; exec "${process.execPath}" "${file}"`], {
    env: { ...process.env, DATA_DIR: folder, PORT: String(port), DEMO_STUDIO: 'none' },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
}

const copies = () => readdirSync(tmpdir()).filter((name) => name.startsWith('open-palm-read-'));

describe('a studio whose disk is full', () => {
  it('opens for reading all the same, takes nothing, and is as it was afterwards', async () => {
    const content = contentOf(folder);
    const port = await freePort();
    const main = buildServer('reading-test');
    const child = withRoomFor(2048, main, port);
    let wrong = '';
    child.stderr!.on('data', (text) => (wrong += text));
    const said = await isReady(child);
    expect(said).toContain('the studio can be read, and nothing is taken');
    const url = `http://127.0.0.1:${port}`;
    const list = await fetch(`${url}/api/students`);
    expect([list.status, list.headers.get(HEADERS.reading)]).toEqual([200, 'full']);
    const { students } = await list.json();
    expect(students).toHaveLength(1);
    expect((await fetch(`${url}/api/students/${students[0].student.id}`)).status).toBe(200);
    expect((await fetch(`${url}/api/pictures/${pictureId}`)).status).toBe(200);
    const answer = await fetch(`${url}/api/students/${uuidv7()}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json', Origin: url, [HEADERS.build]: 'unbuilt' },
      body: JSON.stringify(freshStudent()),
    });
    expect([answer.status, await answer.json()]).toMatchObject([
      507,
      { error: { code: 'noRoom' } },
    ]);
    child.kill('SIGTERM');
    await isGone(child);
    expect(wrong).toBe('');
    expect(contentOf(folder)).toEqual(content);
    expect(copies()).toEqual([]);
    expect(readdirSync(folder).filter((name) => /room-|lock/.test(name))).toEqual([]);
  });

  it('that can nowhere be copied to is told in a sentence', async () => {
    const child = withRoomFor(16, buildServer('reading-test'), await freePort());
    let wrong = '';
    child.stderr!.on('data', (text) => (wrong += text));
    await isGone(child);
    expect(child.exitCode).toBe(1);
    expect(wrong).toMatch(/could not be opened: its disk is full/);
    expect(wrong).not.toMatch(/^ +at /m);
  });
});

it('takes no write and says so on every answer, but lets whoever is there come in and print', async () => {
  const studio = await openTestStudio({ folder, reading: 'readOnly', removes: false });
  const headers = {
    Origin: studio.url,
    [HEADERS.build]: BUILD,
    'Content-Type': 'application/json',
  };
  const send = (path: string) => studio.ask(path, { method: 'POST', headers, body: '{"ids":[]}' });
  for (const path of ['/api/bin/x/erase', '/api/backups', '/api/access/people/x/out']) {
    const { status, body } = await send(path);
    expect([path, status, body]).toMatchObject([path, 507, { error: { code: 'noRoom' } }]);
  }
  expect((await send('/api/gone')).status).toBe(200);
  const { status, headers: told } = await studio.get('/api/students');
  expect([status, told.get(HEADERS.reading)]).toEqual([200, 'readOnly']);
  await studio.close();
});

it('finds room where there is some, and leaves nothing of what it tried', async () => {
  expect(await writeTrouble(folder)).toBeNull();
  expect(await writeTrouble(join(folder, 'not there'))).toBeNull();
  expect(readdirSync(folder).filter((name) => name.startsWith('room-'))).toEqual([]);
});

describe('a studio that cannot be opened for want of room', () => {
  const full = () => Promise.reject(Object.assign(new Error('full'), { code: 'SQLITE_FULL' }));

  it('is read from a copy, until there is room for what bringing it up to date takes', async () => {
    const asked: (string | null)[] = [];
    const { opened, reading } = await openOrRead(folder, (copy) => {
      asked.push(copy);
      return copy === null ? full() : Promise.resolve(existsSync(join(copy, 'studio.sqlite')));
    });
    expect([opened, reading!.trouble, asked[0]]).toEqual([true, 'full', null]);
    expect(reading!.needsBytes).toBeGreaterThan(2 * statSync(join(folder, 'studio.sqlite')).size);
    await reading!.close();
    expect(copies()).toEqual([]);
  });

  it('and is told as it is where room is not what it wants', async () => {
    const wrong = new Error('something else');
    await expect(openOrRead(folder, () => Promise.reject(wrong))).rejects.toBe(wrong);
    expect(copies()).toEqual([]);
  });

  it('gives its folder free again', async () => {
    writeFileSync(join(folder, 'studio.sqlite'), 'no database '.repeat(200));
    const opening = openStudio({
      dataDir: folder,
      workerFile: 'none',
      now: () => new Date(),
      zone: 'UTC',
      log: () => undefined,
    });
    await expect(opening).rejects.toMatchObject({ code: 'SQLITE_NOTADB' });
    lockFolder(folder)();
  });
});

it('goes on when what was asked for cannot be noted, and notes it again later', async () => {
  // A file stands where the folder should be.
  const place = join(folder, 'log');
  writeFileSync(place, '');
  let now = 0;
  const log = openAccessLog(place, () => now);
  log.note({ at: 'lost' } as never);
  await log.close();
  rmSync(place);
  log.note({ at: 'too soon' } as never);
  await log.close();
  expect(existsSync(place)).toBe(false);
  now = 120_000;
  log.note({ at: 'kept' } as never);
  await log.close();
  expect(readFileSync(join(place, 'access.log'), 'utf8')).toBe('{"at":"kept"}\n');
});
