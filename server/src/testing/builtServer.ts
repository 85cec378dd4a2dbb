import { spawn, type ChildProcess } from 'node:child_process';
import { createServer, type AddressInfo } from 'node:net';
import { join } from 'node:path';
import { buildSync } from 'esbuild';
import { dependencies, entries as SERVER_ENTRIES } from '../../package.json';

/** Builds the server as it ships, under a name of its own so that test files do not disturb each other. */
export function buildServer(name: string): string {
  const outdir = join(__dirname, `../../dist/${name}`);
  buildSync({
    entryPoints: SERVER_ENTRIES.map((entry) => join(__dirname, '../..', entry)),
    outdir,
    entryNames: '[name]',
    outExtension: { '.js': '.mjs' },
    splitting: false,
    bundle: true,
    platform: 'node',
    format: 'esm',
    external: Object.keys(dependencies).filter(
      (dependency) => !dependency.startsWith('@open-palm/'),
    ),
  });
  return join(outdir, 'main.mjs');
}

export const freePort = () =>
  new Promise<number>((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });

/** Starts a built server as a process. */
export function spawnServer(
  main: string,
  dataDir: string,
  port: number,
  args: readonly string[] = [],
  more: Readonly<Record<string, string>> = {},
): ChildProcess {
  return spawn(process.execPath, [main, ...args], {
    env: { ...process.env, DATA_DIR: dataDir, PORT: String(port), ...more },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
}

/** Resolves when the server says that it is ready, with all that it has said until then. */
export const isReady = (child: ChildProcess) =>
  new Promise<string>((resolve, reject) => {
    let said = '';
    child.stdout!.on('data', (text) => {
      said += String(text);
      if (said.includes('Open Palm is ready')) resolve(said);
    });
    child.once('exit', () => reject(new Error('The server left before it was ready.')));
  });

/** The code of the one-time link, from what a server said at its start. */
export const firstRunCodeIn = (said: string): string | null =>
  /\/welcome#([\w-]{22})/.exec(said)?.[1] ?? null;

export const isGone = (child: ChildProcess) =>
  new Promise((resolve) => child.once('exit', resolve));
