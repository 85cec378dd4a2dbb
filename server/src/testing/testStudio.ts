import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Knex } from 'knex';
import { createApp } from '../createApp';
import { openDatabase } from '../db/openDatabase';

export interface Answer {
  status: number;
  headers: Headers;
  body: Record<string, never>;
}

export interface TestStudio {
  db: Knex;
  pictureDir: string;
  outboxDir: string;
  logged: Record<string, unknown>[];
  get(path: string): Promise<Answer>;
  put(path: string, body: unknown): Promise<Answer>;
  putBytes(path: string, bytes: Uint8Array, headers?: Record<string, string>): Promise<Answer>;
  /** Any request, with headers that fetch would not let through. */
  url: string;
  close(): Promise<void>;
}

export const ZONE = 'Europe/Berlin';
export const NOW = new Date('2026-03-02T10:00:00.000Z');

/** The real application on a real SQLite file and a real port, for one test file. */
export async function openTestStudio(webDir?: string): Promise<TestStudio> {
  const folder = mkdtempSync(join(tmpdir(), 'studio-'));
  const pictureDir = join(folder, 'pictures');
  const outboxDir = join(folder, 'outbox');
  const db = await openDatabase(join(folder, 'studio.sqlite'));
  const logged: Record<string, unknown>[] = [];
  const app = createApp({
    db,
    pictureDir,
    outboxDir,
    now: () => NOW,
    zone: ZONE,
    log: (entry) => logged.push(entry),
    ...(webDir === undefined ? {} : { webDir }),
  });
  const server = createServer(app.callback());
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const ask = async (path: string, init?: RequestInit): Promise<Answer> => {
    const response = await fetch(url + path, init);
    const isJson = response.headers.get('content-type')?.includes('json');
    return {
      status: response.status,
      headers: response.headers,
      body: isJson ? await response.json() : ((await response.arrayBuffer()) as never),
    };
  };
  return {
    db,
    pictureDir,
    outboxDir,
    logged,
    url,
    get: (path) => ask(path),
    put: (path, body) =>
      ask(path, {
        method: 'PUT',
        headers: { 'Content-Type': 'application/json' },
        body: typeof body === 'string' ? body : JSON.stringify(body),
      }),
    putBytes: (path, bytes, headers = {}) =>
      ask(path, { method: 'PUT', headers, body: bytes as BodyInit }),
    async close() {
      server.closeAllConnections();
      await new Promise((resolve) => server.close(resolve));
      await db.destroy();
      rmSync(folder, { recursive: true });
    },
  };
}
