import { createServer, type RequestListener, type Server } from 'node:http';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { backupWords } from '@open-palm/words/backups';
import { terminalWords as words } from '@open-palm/words/terminal';
import { createDelays } from './access/delays';
import { MACHINE, type Listener } from './access/listener';
import { openDoor } from './access/openDoor';
import { adoptEarlier } from './adoptEarlier';
import { backupFolder } from './backup/folder';
import { openKeeper, type BackupKeeper } from './backup/keeper';
import { openDesk } from './backup/restoreDesk';
import { runInThread } from './backup/runBackup';
import { createApp } from './createApp';
import { readerInThread } from './exchange/importReader';
import { demoIn } from './demoIn';
import { ErasedListDamaged } from './erase/erasedIds';
import { faultOf } from './faultOf';
import { binParts } from './bin/binParts';
import { eraseWhenDue } from './bin/eraseNow';
import { diskTrouble } from './diskTrouble';
import { FolderTaken } from './db/lockFolder';
import { HEAD_BYTES, withLimits } from './limits';
import { adoptionLine, foundLines } from './openingWords';
import { openAccessLog, type AccessLogFile } from './middleware/accessLogFile';
import { openStudio, type OpenedStudio } from './openStudio';
import { localName, privateAddresses } from './phones/addresses';
import { authorityFolder } from './phones/phoneDoor';
import { createPhoneWay, NO_PHONES, type PhoneWay } from './phones/phoneWay';
import { proxyListener } from './phones/proxyListener';
import { openOrRead, whenRoom } from './reading/openForReading';
import { createTurnstile } from './turnstile';

const host = '127.0.0.1';
const port = Number(process.env.PORT ?? 8080);
const dataDir = process.env.DATA_DIR ?? 'data';
/** The folder of both studios, the demo's and the teacher's own, where one may lie from before they had their own. */
const home = process.env.STUDIOS_DIR;
/** By which command this studio is started, for whoever has to be told to start it otherwise. */
const startedBy = process.env.STARTED_BY ?? 'npm run demo';
const webDir = process.env.WEB_DIR;
const build = process.env.OPEN_PALM_BUILD ?? 'unbuilt';
/** Phones come in by HTTPS; the page that hands out the certificate has a port of its own. */
const phones = {
  wanted: process.env.PHONES === 'on',
  host: process.env.PHONES_HOST ?? '0.0.0.0',
  name: process.env.PHONES_NAME ?? localName(),
  port: Number(process.env.PHONES_PORT ?? 8443),
  trustPort: Number(process.env.TRUST_PORT ?? 8480),
};
/** A name of the teacher's own, under which a proxy on this machine hands requests on. */
const publicOrigin = process.env.PUBLIC_ORIGIN;
const proxyPort = Number(process.env.PROXY_PORT ?? 8082);
/** The build lays the printed faces and the worker beside the server. */
const beside = (name: string) => fileURLToPath(new URL(name, import.meta.url));

const say = (line: string) => process.stdout.write(`${line}\n`);
const log = (entry: Record<string, unknown>) => process.stderr.write(`${JSON.stringify(entry)}\n`);
const now = () => new Date();
const folders = { dataDir, outboxDir: join(dataDir, 'outbox') };
const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;

const runBackups = runInThread({
  backup: beside('./backupThread.mjs'),
  restore: beside('./restoreThread.mjs'),
});
const turnstile = createTurnstile(backupWords.restoring);
const desk = openDesk({ dataDir, run: runBackups, now, reopen, log });

let studio: OpenedStudio | undefined;
let way: PhoneWay = NO_PHONES;
let backups: BackupKeeper | undefined;
/** Notes what is asked for. */
let asked: AccessLogFile | undefined;
const nothing = () => Promise.resolve();
let closeReading = nothing;
let stopWaiting: () => void = nothing;
let stopErasing: () => void = nothing;
let closeAccess = nothing;

/** Opens the studio and tells what a person should know of it. */
async function open(): Promise<{ answer: RequestListener; firstRunCode: string | null }> {
  const adopted = home === undefined ? null : adoptEarlier(home);
  if (adopted) say(adoptionLine(adopted, { home: home!, startedBy }));
  const isDemo = Boolean(process.env.DEMO_STUDIO);
  const { opened, reading } = await openOrRead(dataDir, (copy) =>
    openStudio({
      dataDir: copy ?? dataDir,
      readingFrom: copy === null ? undefined : dataDir,
      workerFile: beside('./worker.mjs'),
      invent: demoIn(process.env.DEMO_STUDIO),
      now,
      zone,
      log,
    }),
  );
  closeReading = reading?.close ?? nothing;
  if (reading) say(words.readingOnly(dataDir, reading.trouble));
  /** Where the databases are: a copy, where the studio itself takes nothing. */
  const kept = reading?.folder ?? dataDir;
  studio = opened;
  foundLines(opened).forEach(say);
  const keeper = openKeeper({
    reader: opened.reader,
    dataDir,
    folder: backupFolder(dataDir),
    build,
    run: runBackups,
    erased: opened.erased,
    now,
    zone: opened.settings.zone,
    log,
  });
  backups = keeper;
  const { db, settings } = opened;
  // The demo is open to whoever sits at this machine, and to nobody else.
  const door = isDemo ? null : await openDoor(kept, db, now);
  if (door) {
    closeAccess = door.close;
    way = createPhoneWay({
      ...phones,
      access: door.access,
      folder: authorityFolder(dataDir),
      title: () => `Open Palm, ${settings.current()?.name ?? phones.name}`,
      addresses: () => (phones.host === '0.0.0.0' ? privateAddresses() : [phones.host]),
      now,
      onMoved: (origins) => say(words.moved(origins)),
      answer: (listener) => answerAt(listener),
    });
  }
  const delays = createDelays();
  asked = openAccessLog(kept);
  const answerAt = (listener: Listener): RequestListener => {
    const answer = createApp({
      ...opened,
      studioId: opened.id,
      access: door?.access ?? null,
      phones: way,
      publicOrigin,
      delays,
      listener,
      ...folders,
      backups: keeper,
      restores: desk,
      importReader: readerInThread(beside('./importThread.mjs'), kept),
      reading: reading?.trouble ?? null,
      fontDir: beside('./fonts'),
      build,
      report: { setAside: opened.found.setAside },
      now,
      zone: settings.zone,
      log,
      noteAsked: (one) => asked?.note(one),
      onBegun: () => void letPhonesIn(),
      ...(webDir ? { webDir } : {}),
    }).callback();
    return turnstile.listener(() => answer);
  };
  if (reading) stopWaiting = whenRoom(dataDir, reading, () => void reopen(() => Promise.resolve()));
  else
    stopErasing = eraseWhenDue(
      binParts({ ...opened, ...folders, backups: keeper, restores: desk, now }),
      log,
    );
  // The demo's studio is invented anew whenever it is wanted.
  if (!isDemo && !reading) keeper.begin();
  if (door && publicOrigin !== undefined) await serveProxy(answerAt(proxyListener(publicOrigin)));
  return { answer: answerAt(MACHINE), firstRunCode: door?.firstRunCode ?? null };
}

/** Opens the way for phones where it is wanted or was open before; that it cannot be opened keeps nobody else out. */
async function letPhonesIn(): Promise<void> {
  try {
    await (phones.wanted ? way.open() : way.openAgain());
    const standing = way.door()?.standing();
    if (standing) say(words.phones(standing.origins));
  } catch (error) {
    say(words.phonesFailed(error instanceof Error ? error.message : String(error)));
  }
}

async function serveProxy(answer: RequestListener): Promise<void> {
  const one = createServer({ maxHeaderSize: HEAD_BYTES }, answer);
  withLimits(one);
  await new Promise<void>((resolve, reject) => {
    one.once('error', reject);
    one.listen(proxyPort, host, resolve);
  });
  proxied.push(one);
  say(words.proxy(publicOrigin!, proxyPort));
}

/** What answers at this machine's own port; nobody is answered before the studio is open. */
let answerHere: RequestListener | null = null;
let opened: () => void;
const ready = new Promise<void>((resolve) => (opened = resolve));
const server = createServer({ maxHeaderSize: HEAD_BYTES }, (request, response) => {
  void ready.then(() => answerHere!(request, response));
});
/** Whoever comes by a proxy of the teacher's own. */
const proxied: Server[] = [];
withLimits(server);

server.on('error', (error: NodeJS.ErrnoException) => {
  const taken = error.code === 'EADDRINUSE';
  process.stderr.write(
    taken
      ? `Port ${port} of ${host} is taken by another program. Stop it, or choose another: PORT=${port + 1} ${startedBy}\n`
      : `The server could not start: ${error.message}\n`,
  );
  process.exit(1);
});
if (!Number.isInteger(port) || port < 1 || port > 65_535) {
  process.stderr.write(`${words.noPort(process.env.PORT ?? '')}\n`);
  process.exit(1);
}
server.listen(port, host, async () => {
  try {
    await openAndTell();
    opened();
  } catch (error) {
    process.stderr.write(
      `${isForAPerson(error) ? error.message : words.notOpened(dataDir, whyNot(error))}\n`,
    );
    process.exit(1);
  }
});

async function openAndTell(): Promise<void> {
  const { answer, firstRunCode } = await open();
  answerHere = answer;
  const url = `http://${host}:${port}`;
  if (firstRunCode === null) await letPhonesIn();
  else {
    say(words.begin(`${url}/welcome#${firstRunCode}`));
    if (phones.wanted) say(words.phonesLater);
  }
  say(words.ready(url));
}

/**
 * Closes the studio and opens it again while this program goes on: what a restore has unpacked takes its place in between. Where that fails the program ends,
 * and the next start goes on from there.
 */
async function reopen(commit: () => Promise<void>): Promise<void> {
  await turnstile.shut();
  await commit();
  try {
    await closeStudio();
    await openAndTell();
  } catch (error) {
    process.stderr.write(`${words.notOpened(dataDir, whyNot(error))}\n`);
    process.exit(1);
  }
  turnstile.open();
}

/** Everything but this machine's own port. */
async function closeStudio(): Promise<void> {
  await way.stop();
  for (const one of proxied.splice(0)) await closed(one);
  stopErasing();
  stopWaiting();
  await backups?.close();
  await closeAccess();
  await studio?.close();
  await asked?.close();
  await closeReading();
}

async function closed(one: Server): Promise<void> {
  one.closeAllConnections();
  await new Promise((resolve) => one.close(resolve));
}

/** What says itself what is to be done. */
const isForAPerson = (error: unknown): error is Error =>
  error instanceof FolderTaken || error instanceof ErasedListDamaged;

/** In words where a person can do something about it. */
function whyNot(error: unknown): string {
  const code = (error as NodeJS.ErrnoException | null)?.code;
  if (code === 'EEXIST' || code === 'ENOTDIR') return words.noFolder;
  const trouble = diskTrouble(error);
  if (trouble !== null) return trouble === 'full' ? words.diskFull : words.diskReadOnly;
  return faultOf(error);
}

let stopping = false;
async function stop(): Promise<void> {
  if (stopping) return;
  stopping = true;
  await way.stop();
  await closed(server);
  await closeStudio();
  say('Open Palm has stopped.');
  process.exit(0);
}
process.on('SIGINT', () => void stop());
process.on('SIGTERM', () => void stop());
