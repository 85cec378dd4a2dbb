import { mkdtempSync, rmSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { v7 as uuidv7 } from 'uuid';
import { HEADERS } from '@open-palm/contract';
import { createApp } from '../createApp';
import { openKeeper, type BackupKeeper } from '../backup/keeper';
import { openDesk } from '../backup/restoreDesk';
import { runInline } from '../backup/runBackup';
import { openDatabase, openReader } from '../db/openDatabase';
import { openErased, type ErasedIds } from '../erase/erasedIds';
import { sweepStudio } from '../erase/sweepFolder';
import { createDeriver, type Deriver } from '../derive/deriver';
import { inlineRunner } from '../derive/runner';
import { readerInline } from '../exchange/importReader';
import type { Asked } from '../middleware/accessLog';
import { createDelays } from '../access/delays';
import { MACHINE, type Listener } from '../access/listener';
import { openDoor } from '../access/openDoor';
import { NO_PHONES, type PhoneWay } from '../phones/phoneWay';
import type { WriteTrouble } from '../reading/writeTrouble';
import { studioId } from '../studio/identity';
import { openSettings } from '../studio/settings';

export interface Answer {
  status: number;
  headers: Headers;
  body: Record<string, never>;
}

export interface TestStudio {
  db: Knex;
  reader: Knex;
  deriver: Deriver;
  erased: ErasedIds;
  backups: BackupKeeper;
  pictureDir: string;
  outboxDir: string;
  logged: Record<string, unknown>[];
  /** What the access log noted. */
  asked: Asked[];
  /** What time it is for the studio. */
  clock: { now: Date };
  access: Knex | null;
  /** The code of the one-time link, where nobody has begun the studio. */
  firstRunCode: string | null;
  ask(path: string, init?: RequestInit): Promise<Answer>;
  studioId: string;
  /** Where its files lie. */
  folder: string;
  /** Answers at another port as well; returns its address. */
  serve(at: Listener): Promise<string>;
  get(path: string): Promise<Answer>;
  put(path: string, body: unknown, headers?: Record<string, string>): Promise<Answer>;
  /** An edit of something that changes, based on a version. */
  edit(path: string, body: unknown, basedOn: number, editId?: string): Promise<Answer>;
  putBytes(path: string, bytes: Uint8Array, headers?: Record<string, string>): Promise<Answer>;
  /** Any request, with headers that fetch would not let through. */
  url: string;
  close(): Promise<void>;
}

export const ZONE = 'Europe/Berlin';
export const BUILD = 'test-build';
export const NOW = new Date('2026-03-02T10:00:00.000Z');

/** The real application on a real SQLite file and a real port, for one test file. */
export async function openTestStudio({
  webDir,
  folder = mkdtempSync(join(tmpdir(), 'studio-')),
  signedIn = false,
  listener = MACHINE,
  phones = NO_PHONES,
  publicOrigin,
  removes = true,
  reading = null,
}: {
  webDir?: string;
  folder?: string;
  /** Whether people sign in, as in a teacher's own studio; else it is open, as the demo. */
  signedIn?: boolean;
  listener?: Listener;
  phones?: PhoneWay;
  publicOrigin?: string;
  /** Whether its files go when it is closed. */
  removes?: boolean;
  /** Why it can only be read. */
  reading?: WriteTrouble | null;
} = {}): Promise<TestStudio> {
  const pictureDir = join(folder, 'pictures');
  const outboxDir = join(folder, 'outbox');
  const file = join(folder, 'studio.sqlite');
  const clock = { now: NOW };
  const delays = createDelays();
  const erased = openErased(folder);
  const db = await openDatabase(file);
  await sweepStudio(db, folder, erased);
  const reader = openReader(file);
  const asked: Asked[] = [];
  const logged: Record<string, unknown>[] = [];
  const log = (entry: Record<string, unknown>) => void logged.push(entry);
  const settings = await openSettings(db, ZONE);
  const id = await studioId(db);
  const door = signedIn ? await openDoor(folder, db, () => clock.now) : null;
  const deriver = createDeriver({ db, reader, runner: inlineRunner, zone: settings.zone, log });
  const backups: BackupKeeper = openKeeper({
    reader,
    dataDir: folder,
    folder: join(folder, 'backups'),
    build: BUILD,
    run: runInline,
    erased,
    now: () => clock.now,
    zone: settings.zone,
    log,
  });
  const restores = openDesk({
    dataDir: folder,
    run: runInline,
    now: () => clock.now,
    // The program that serves a studio closes and opens it; here it stays as it is, and what was unpacked beside it.
    reopen: (commit) => commit(),
    log,
  });
  const appAt = (at: Listener) =>
    createApp({
      db,
      reader,
      deriver,
      pictureDir,
      outboxDir,
      dataDir: folder,
      erased,
      backups,
      restores,
      importReader: readerInline({ reader, erased }),
      now: () => clock.now,
      zone: settings.zone,
      log,
      noteAsked: (one) => void asked.push(one),
      build: BUILD,
      studioId: id,
      settings,
      access: door?.access ?? null,
      delays,
      phones,
      publicOrigin,
      listener: at,
      reading,
      report: { setAside: null },
      ...(webDir === undefined ? {} : { webDir }),
    });
  const servers: Server[] = [];
  const serve = async (at: Listener) => {
    const server = createServer(appAt(at).callback());
    servers.push(server);
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
    return `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  };
  const url = await serve(listener);
  const ask = async (path: string, init?: RequestInit): Promise<Answer> => {
    const response = await fetch(url + path, init);
    const isJson = response.headers.get('content-type')?.includes('json');
    return {
      status: response.status,
      headers: response.headers,
      body: isJson ? await response.json() : ((await response.arrayBuffer()) as never),
    };
  };
  const put: TestStudio['put'] = (path, body, headers = {}) =>
    ask(path, {
      method: 'PUT',
      headers: {
        'Content-Type': 'application/json',
        [HEADERS.build]: BUILD,
        Origin: url,
        ...headers,
      },
      body: typeof body === 'string' ? body : JSON.stringify(body),
    });
  return {
    db,
    reader,
    deriver,
    erased,
    backups,
    pictureDir,
    outboxDir,
    logged,
    asked,
    clock,
    access: door?.access ?? null,
    firstRunCode: door?.firstRunCode ?? null,
    ask,
    url,
    studioId: id,
    folder,
    serve,
    get: (path) => ask(path),
    put,
    edit: (path, body, basedOn, editId = uuidv7()) =>
      put(path, body, { [HEADERS.edit]: editId, [HEADERS.basedOn]: String(basedOn) }),
    putBytes: (path, bytes, headers = {}) =>
      ask(path, {
        method: 'PUT',
        headers: { [HEADERS.build]: BUILD, Origin: url, ...headers },
        body: bytes as BodyInit,
      }),
    async close() {
      for (const server of servers) {
        server.closeAllConnections();
        await new Promise((resolve) => server.close(resolve));
      }
      await backups.close();
      await deriver.close();
      await door?.close();
      await reader.destroy();
      await db.destroy();
      if (removes) rmSync(folder, { recursive: true });
    },
  };
}
