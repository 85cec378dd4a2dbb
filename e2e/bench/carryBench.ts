import { spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { mkdirSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';
import Database from 'better-sqlite3';
import { v7 as uuidv7 } from 'uuid';
import { quantile, report } from '../../scripts/bench/readings';
import { isWorkedOut, ROOT, startStudio, type RunningStudio } from '../support/studio';
import { residentMb } from './serverBench';
import { makeSubject, save } from './subject';

const PICTURES = 2500;
const PICTURE_BYTES = 420_000;
const IMPORT_ROWS = 50_000;
const ROWS_A_LOOK = 8;
const QUIET_MS = 40_000;

/** A studio that is carried: a backup of a gigabyte and its way back, and a table of fifty thousand rows. */
export async function carryReadings(): Promise<void> {
  await importReadings();
  await backupReadings();
}

async function importReadings(): Promise<void> {
  const studio = await startStudio();
  const { students } = await (await fetch(`${studio.url}/api/students`)).json();
  const { student } = students[0];
  const table = tableOf(student.name);
  const send = (path: string) =>
    fetch(`${studio.url}/api/import/${path}`, {
      method: 'POST',
      headers: {
        'Content-Type': 'application/octet-stream',
        'Open-Palm-Build': 'bench',
        Origin: studio.url,
      },
      body: table,
    }).then((answer) => answer.json());
  const others: number[] = [];
  let isDone = false;
  const asking = (async () => {
    while (!isDone) {
      const from = performance.now();
      await (
        await fetch(
          `${studio.url}/api/students/${student.id}/history?setup=${student.setups[0].id}`,
        )
      ).arrayBuffer();
      others.push(performance.now() - from);
      await wait(5);
    }
  })();
  const from = performance.now();
  const preview = await send('preview');
  const readS = (performance.now() - from) / 1000;
  const done = await send(preview.sha256);
  const allS = (performance.now() - from) / 1000;
  isDone = true;
  await asking;
  if (!done.done) throw new Error(JSON.stringify(done).slice(0, 300));
  report(`a table of ${IMPORT_ROWS} rows: read and shown`, readS, 's');
  report('the same, brought in as well', allS, 's', 15);
  report('others meanwhile, 99th percentile', quantile(others, 0.99), 'ms', 100);
  report('the longest of them', Math.max(...others), 'ms');
  await studio.stop();
}

/** Looks of one student, a day apart. */
function tableOf(name: string): string {
  const measures = [
    'thumbIpFlexion',
    'indexDepth',
    'middleDepth',
    'ringDepth',
    'littlePipFlexion',
    'wristFlexion',
    'wristDeviation',
    'littleDipFlexion',
  ];
  const lines = ['student,taken_at,context,measure,value,sd'];
  for (let i = 0; lines.length <= IMPORT_ROWS; i += 1) {
    const at = new Date(Date.UTC(2009, 0, 1) + i * 86_400_000).toISOString();
    for (const measure of measures.slice(0, ROWS_A_LOOK)) {
      const value = measure.endsWith('Depth') ? 1.2 : 20;
      lines.push(`${name},${at},free,${measure},${value},5`);
    }
  }
  return lines.slice(0, IMPORT_ROWS + 1).join('\n');
}

async function backupReadings(): Promise<void> {
  const before = await startStudio();
  await before.stop();
  fillWithPictures(before.dataDir);
  const studio = await startStudio(before.dataDir);
  const subject = await makeSubject(studio.url);
  await isWorkedOut(studio.url);
  /** Saves go on and on, as in a busy studio; what it holds in memory is looked at after each. */
  const saves = async (whileTrue: () => boolean) => {
    const ms: number[] = [];
    const mb: number[] = [];
    while (whileTrue()) {
      ms.push(await save(studio.url, subject));
      mb.push(residentMb(studio.process.pid!));
      await wait(10);
    }
    return { ms, mostMb: Math.max(...mb) };
  };
  // As long as the backup takes: a studio that takes looks on and on grows by itself.
  const until = performance.now() + QUIET_MS;
  const quiet = await saves(() => performance.now() < until);
  let isBusy = true;
  const from = performance.now();
  await ask(studio, 'backups', 'POST');
  const meanwhile = saves(() => isBusy);
  while ((await ask(studio, 'backups')).isBusy) await wait(200);
  isBusy = false;
  const backupS = (performance.now() - from) / 1000;
  const during = await meanwhile;
  const [made] = (await ask(studio, 'backups')).backups as { name: string; bytes: number }[];
  report(`a backup of ${(made!.bytes / 1e9).toFixed(2)} GB, read back too`, backupS, 's');
  report('memory that it takes on top', during.mostMb - quiet.mostMb, 'MB', 60);
  const quietMs = quantile(quiet.ms, 0.99);
  report(
    'saves meanwhile, 99th percentile (twice as without)',
    quantile(during.ms, 0.99),
    'ms',
    2 * quietMs,
  );
  await studio.stop();
  restoreReadings(join(studio.dataDir, 'backups', made!.name));
  rmSync(studio.dataDir, { recursive: true, force: true });
}

function restoreReadings(backup: string): void {
  const folder = mkdtempSync(join(tmpdir(), 'restored-'));
  const from = performance.now();
  const { status, stderr } = spawnSync(
    process.execPath,
    [join(ROOT, 'server/dist/restore.mjs'), backup],
    {
      env: { ...process.env, DATA_DIR: join(folder, 'studio') },
      encoding: 'utf8',
    },
  );
  if (status !== 0) throw new Error(stderr);
  const gigabytes = statSync(backup).size / 1e9;
  report(
    `the same restored (${gigabytes.toFixed(2)} GB)`,
    (performance.now() - from) / 1000,
    's',
    60,
  );
  rmSync(folder, { recursive: true, force: true });
}

/** Files that no machine can pack any closer, each with its row. */
function fillWithPictures(dataDir: string): void {
  mkdirSync(join(dataDir, 'pictures'), { recursive: true });
  const db = new Database(join(dataDir, 'studio.sqlite'));
  const add = db.prepare(
    `insert into pictures (id, width, height, upload_sha256, created_at, bytes) values (?, 1000, 700, ?, ?, ?)`,
  );
  const at = new Date().toISOString();
  const bytes = randomBytes(PICTURE_BYTES);
  for (let i = 0; i < PICTURES; i += 1) {
    const id = uuidv7();
    bytes.writeUInt32LE(i);
    writeFileSync(join(dataDir, 'pictures', `${id}.jpg`), bytes);
    add.run(id, id, at, PICTURE_BYTES);
  }
  db.close();
}

const ask = async (studio: RunningStudio, path: string, method = 'GET') => {
  const answer = await fetch(`${studio.url}/api/${path}`, {
    method,
    headers: { Origin: studio.url, 'Open-Palm-Build': 'bench', 'Content-Type': 'application/json' },
    ...(method === 'GET' ? {} : { body: '{}' }),
  });
  return answer.json();
};
