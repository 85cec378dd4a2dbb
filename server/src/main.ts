import { mkdirSync } from 'node:fs';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { createApp } from './createApp';
import { openDatabase } from './db/openDatabase';
import { sweepPictures } from './features/pictures/service';
import { seedDemo } from './seedDemo';

const host = '127.0.0.1';
const port = Number(process.env.PORT ?? 8080);
const dataDir = process.env.DATA_DIR ?? 'data';
const webDir = process.env.WEB_DIR;

const log = (entry: Record<string, unknown>) => process.stderr.write(`${JSON.stringify(entry)}\n`);

mkdirSync(dataDir, { recursive: true });
const pictureDir = join(dataDir, 'pictures');
const db = await openDatabase(join(dataDir, 'studio.sqlite'));
await sweepPictures(db, pictureDir, new Date());
const parts = { db, pictureDir, now: () => new Date() };
const demoPictureDir = process.env.DEMO_PICTURES;
if (demoPictureDir) {
  const checks = await seedDemo(parts, demoPictureDir);
  if (checks > 0) process.stdout.write(`The demo studio is filled: ${checks} checks.\n`);
}
const app = createApp({ ...parts, log, ...(webDir ? { webDir } : {}) });
const server = createServer(app.callback());

server.on('error', (error: NodeJS.ErrnoException) => {
  const taken = error.code === 'EADDRINUSE';
  process.stderr.write(
    taken
      ? `Port ${port} of ${host} is taken by another program. Stop it, or choose another: PORT=8081 npm run demo\n`
      : `The server could not start: ${error.message}\n`,
  );
  process.exit(1);
});
server.listen(port, host, () => {
  process.stdout.write(`Open Palm is ready: http://${host}:${port}\n`);
});

let stopping = false;
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
  await db.destroy();
  process.stdout.write('Open Palm has stopped.\n');
  process.exit(0);
}
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());
