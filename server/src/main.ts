import { createServer, type RequestListener } from 'node:http';
import { join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { adoptEarlier, type Adopted } from './adoptEarlier';
import { createApp } from './createApp';
import { FolderTaken } from './db/lockFolder';
import { openStudio, type OpenedStudio } from './openStudio';
import type { InventedStudio, InventStudio } from './seedDemo';

const host = '127.0.0.1';
const port = Number(process.env.PORT ?? 8080);
const dataDir = process.env.DATA_DIR ?? 'data';
/** The folder of both studios, the demo's and the teacher's own, where one may lie from before they had their own. */
const home = process.env.STUDIOS_DIR;
/** By which command this studio is started, for whoever has to be told to start it otherwise. */
const startedBy = process.env.STARTED_BY ?? 'npm run demo';
const webDir = process.env.WEB_DIR;
const build = process.env.OPEN_PALM_BUILD ?? 'unbuilt';
/** The build lays the printed faces and the worker beside the server. */
const beside = (name: string) => fileURLToPath(new URL(name, import.meta.url));

const say = (line: string) => process.stdout.write(`${line}\n`);
const log = (entry: Record<string, unknown>) => process.stderr.write(`${JSON.stringify(entry)}\n`);
const now = () => new Date();
const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;

let studio: OpenedStudio | undefined;

/**
 * The demo is a file of its own, which only `npm run demo` names, and which is read only where it is wanted: a studio in use carries no
 * invented students.
 */
function demoIn(file: string | undefined): InventStudio | undefined {
  if (!file) return undefined;
  return async (today, demoZone) => {
    const { demoStudio } = (await import(pathToFileURL(file).href)) as DemoFile;
    return demoStudio(process.env.DEMO_PICTURES ?? '', today, demoZone);
  };
}

interface DemoFile {
  demoStudio: (pictureDir: string, ...day: Parameters<InventStudio>) => InventedStudio;
}

/** Opens the studio and tells what a person should know of it. */
async function open(): Promise<RequestListener> {
  const adopted = home === undefined ? null : adoptEarlier(home);
  if (adopted) say(adoptionLine(adopted));
  const opened = await openStudio({
    dataDir,
    workerFile: beside('./worker.mjs'),
    invent: demoIn(process.env.DEMO_STUDIO),
    now,
    zone,
    log,
  });
  studio = opened;
  const { id, db, reader, deriver, pictureDir, found, filled, renewed } = opened;
  if (filled > 0) say(`The demo studio is filled: ${filled} checks.`);
  if (renewed > 0) say(`${renewed} looks are worked out anew, because Open Palm was renewed.`);
  if (found.setAside) {
    const { files, folder } = found.setAside;
    say(`${files} files that belong to nothing in this studio were set aside in ${folder}.`);
  }
  if (found.missing > 0) say(`${found.missing} pictures have lost their file.`);
  const app = createApp({
    db,
    reader,
    deriver,
    pictureDir,
    outboxDir: join(dataDir, 'outbox'),
    fontDir: beside('./fonts'),
    build,
    studioId: id,
    report: { setAside: found.setAside },
    now,
    zone,
    log,
    ...(webDir ? { webDir } : {}),
  });
  return app.callback();
}

function adoptionLine({ kind, folder, isTaken }: Adopted): string {
  if (isTaken) {
    return `An earlier studio lies in ${home}. It stays there untouched, because ${folder} has one already; DATA_DIR=${home} ${startedBy} opens it.`;
  }
  return kind === 'demo'
    ? `The demo studio that lay in ${home} is in ${folder} now.`
    : `Your studio that lay in ${home} is in ${folder} now; npm start opens it.`;
}

let opened: (listener: RequestListener) => void;
const ready = new Promise<RequestListener>((resolve) => (opened = resolve));
const server = createServer((request, response) => {
  void ready.then((listener) => listener(request, response));
});

// Whoever says nothing, or never comes to an end, does not hold a connection for ever. A picture on a slow network has longer here than the device
// that sends it waits (three minutes): what is cut off each time would never arrive.
server.headersTimeout = 10_000;
server.requestTimeout = 300_000;
server.keepAliveTimeout = 30_000;

server.on('error', (error: NodeJS.ErrnoException) => {
  const taken = error.code === 'EADDRINUSE';
  process.stderr.write(
    taken
      ? `Port ${port} of ${host} is taken by another program. Stop it, or choose another: PORT=${port + 1} ${startedBy}\n`
      : `The server could not start: ${error.message}\n`,
  );
  process.exit(1);
});
server.listen(port, host, async () => {
  try {
    opened(await open());
    say(`Open Palm is ready: http://${host}:${port}`);
  } catch (error) {
    const reason = error instanceof Error ? (error.stack ?? error.message) : String(error);
    process.stderr.write(
      error instanceof FolderTaken
        ? `${error.message}\n`
        : `The studio in ${dataDir} could not be opened: ${reason}\n`,
    );
    process.exit(1);
  }
});

let stopping = false;
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
  await studio?.close();
  say('Open Palm has stopped.');
  process.exit(0);
}
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());
