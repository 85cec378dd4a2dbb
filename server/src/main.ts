import { mkdirSync } from 'node:fs';
import { createServer, type RequestListener } from 'node:http';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { Knex } from 'knex';
import { createApp } from './createApp';
import { openDatabase } from './db/openDatabase';
import { sweepPictures } from './features/pictures/service';
import { seedDemo } from './seedDemo';
import { refreshTrack } from './tracking/refreshTrack';
import { untracked } from './tracking/repo';

const host = '127.0.0.1';
const port = Number(process.env.PORT ?? 8080);
const dataDir = process.env.DATA_DIR ?? 'data';
const webDir = process.env.WEB_DIR;
/** The build lays the printed faces beside the server. */
const fontDir = fileURLToPath(new URL('./fonts', import.meta.url));
const demoPictureDir = process.env.DEMO_PICTURES;

const say = (line: string) => process.stdout.write(`${line}\n`);
const log = (entry: Record<string, unknown>) => process.stderr.write(`${JSON.stringify(entry)}\n`);
const now = () => new Date();
const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;

let db: Knex | undefined;

/** Opens the studio. Only once the port is ours: a second server must not touch the data of the first. */
async function openStudio(): Promise<RequestListener> {
  mkdirSync(dataDir, { recursive: true });
  const pictureDir = join(dataDir, 'pictures');
  db = await openDatabase(join(dataDir, 'studio.sqlite'));
  await sweepPictures(db, pictureDir, now());
  const parts = { db, pictureDir, now, zone };
  for (const id of await untracked(db)) await refreshTrack(db, id, zone);
  if (demoPictureDir) {
    const checks = await seedDemo(parts, demoPictureDir);
    if (checks > 0) say(`The demo studio is filled: ${checks} checks.`);
  }
  const outboxDir = join(dataDir, 'outbox');
  return createApp({ ...parts, outboxDir, fontDir, log, ...(webDir ? { webDir } : {}) }).callback();
}

let opened: (listener: RequestListener) => void;
const studio = new Promise<RequestListener>((resolve) => (opened = resolve));
const server = createServer((request, response) => {
  void studio.then((listener) => listener(request, response));
});

server.on('error', (error: NodeJS.ErrnoException) => {
  const taken = error.code === 'EADDRINUSE';
  process.stderr.write(
    taken
      ? `Port ${port} of ${host} is taken by another program. Stop it, or choose another: PORT=${port + 1} npm run demo\n`
      : `The server could not start: ${error.message}\n`,
  );
  process.exit(1);
});
server.listen(port, host, async () => {
  try {
    opened(await openStudio());
    say(`Open Palm is ready: http://${host}:${port}`);
  } catch (error) {
    const reason = error instanceof Error ? (error.stack ?? error.message) : String(error);
    process.stderr.write(`The studio in ${dataDir} could not be opened: ${reason}\n`);
    process.exit(1);
  }
});

let stopping = false;
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
  await db?.destroy();
  say('Open Palm has stopped.');
  process.exit(0);
}
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());
