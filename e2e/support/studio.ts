import { spawn, type ChildProcess } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { serverCommand } from '../../scripts/serverCommand.mjs';

export const ROOT = fileURLToPath(new URL('../..', import.meta.url));

/** Debian's chromium; its shell without windows, where it is there, takes a quarter less time. */
export const CHROMIUM =
  process.env.CHROMIUM_PATH ??
  ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find(existsSync) ??
  '/usr/bin/chromium';

/** Flags for Debian's chromium on a machine without a network of its own. */
export const CHROMIUM_FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];

/**
 * The same for journeys: a page lives for seconds there, so that only what runs hot for long is worth being compiled twice. Measured on two cores: a fifth less
 * time for most journeys, the same for those that compute. What is timed (`npm run bench`) runs without it.
 */
export const JOURNEY_FLAGS = [
  ...CHROMIUM_FLAGS,
  '--js-flags=--no-maglev --interrupt-budget=2000000',
];

/** The same with a graphics card made of software, for what is drawn in space. */
export const CHROMIUM_FLAGS_IN_SPACE = [
  ...CHROMIUM_FLAGS.filter((flag) => flag !== '--disable-gpu'),
  '--use-gl=angle',
  '--use-angle=swiftshader',
  '--enable-unsafe-swiftshader',
];

const running = new Set<ChildProcess>();
// A failing run must not leave a server behind.
process.once('exit', () => running.forEach((child) => child.kill('SIGKILL')));

/** The built server with the built app on a data folder of its own. */
export interface RunningStudio {
  url: string;
  dataDir: string;
  process: ChildProcess;
  /** Where phones come in, once they are let in: the secure way and the page before it. */
  phonePorts: { PHONES_PORT: string; TRUST_PORT: string };
  /** The one-time link of a studio that nobody has begun. */
  firstRunLink: string | null;
  stop(signal?: NodeJS.Signals): Promise<void>;
}

let filled: Promise<string> | undefined;

/** Makes a data folder with the demo in it, everything worked out. */
export async function fillDataDir(): Promise<string> {
  const dataDir = mkdtempSync(join(tmpdir(), 'open-palm-filled-'));
  passing.add(dataDir);
  const studio = await serve(dataDir);
  await isWorkedOut(studio.url);
  await studio.stop();
  return dataDir;
}

/** What was made for one run and is of no use after it. */
const passing = new Set<string>();
process.once('exit', () =>
  passing.forEach((folder) => rmSync(folder, { recursive: true, force: true })),
);

/** A data folder with the demo in it: filled once, then copied, because filling takes longer than a journey's steps. */
async function filledDataDir(): Promise<string> {
  const before = process.env.OPEN_PALM_FILLED_DIR;
  filled ??= before === undefined ? fillDataDir() : Promise.resolve(before);
  const dataDir = mkdtempSync(join(tmpdir(), 'open-palm-'));
  passing.add(dataDir);
  cpSync(await filled, dataDir, { recursive: true });
  return dataDir;
}

/**
 * Starts the built server.
 *
 * @param dataDir kept from an earlier start; without it a fresh one with the demo in it
 * @param port the port of an earlier start, or any free one
 */
export const startStudio = async (dataDir?: string, port?: number): Promise<RunningStudio> =>
  serve(dataDir ?? (await filledDataDir()), port);

/** Starts the built server on a teacher's own studio, which begins empty; or the same one again. */
export async function startOwnStudio(before?: RunningStudio): Promise<RunningStudio> {
  if (before) return serve(before.dataDir, portOf(before), 'studio', before.phonePorts);
  const dataDir = mkdtempSync(join(tmpdir(), 'open-palm-own-'));
  passing.add(dataDir);
  return serve(dataDir, undefined, 'studio');
}

/** Phones of a journey come by a name of their own, on this machine alone. */
export const PHONES_AT = { host: '127.0.0.2', name: 'studio.test' };

async function serve(
  dataDir: string,
  port?: number,
  kind: 'demo' | 'studio' = 'demo',
  ports?: RunningStudio['phonePorts'],
): Promise<RunningStudio> {
  const chosen = port ?? (await freePort());
  const { command, args, env } = serverCommand({
    port: chosen,
    kind,
    startedBy: 'a test',
    dataDir,
  });
  const phonePorts = ports ?? {
    PHONES_PORT: String(await freePort(PHONES_AT.host)),
    TRUST_PORT: String(await freePort(PHONES_AT.host)),
  };
  const phones = { PHONES_HOST: PHONES_AT.host, PHONES_NAME: PHONES_AT.name, ...phonePorts };
  const child = spawn(command, args, {
    env: { ...env, ...phones },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  running.add(child);
  child.once('exit', () => running.delete(child));
  let said = '';
  await new Promise<void>((resolve, reject) => {
    child.stdout!.on('data', (text) => {
      said += String(text);
      if (said.includes('Open Palm is ready')) resolve();
    });
    child.once('exit', () => reject(new Error('The server left before it was ready.')));
  });
  return {
    firstRunLink: /http\S+\/welcome#\S+/.exec(said)?.[0] ?? null,
    url: `http://127.0.0.1:${chosen}`,
    dataDir,
    phonePorts,
    process: child,
    async stop(signal = 'SIGTERM') {
      if (child.exitCode !== null || child.signalCode !== null) return;
      const gone = new Promise((resolve) => child.once('exit', resolve));
      child.kill(signal);
      await gone;
    },
  };
}

/** Until nothing of a studio waits to be worked out. */
export async function isWorkedOut(url: string): Promise<void> {
  for (;;) {
    const list = (await (await fetch(`${url}/api/students`)).json()) as { workingOut: number };
    if (list.workingOut === 0) return;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
}

export const portOf = (studio: RunningStudio) => Number(new URL(studio.url).port);

const freePort = (host = '127.0.0.1') =>
  new Promise<number>((resolve) => {
    const probe = createServer().listen(0, host, () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });
