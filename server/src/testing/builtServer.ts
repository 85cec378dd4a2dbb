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
export function spawnServer(main: string, dataDir: string, port: number): ChildProcess {
  return spawn(process.execPath, [main], {
    env: { ...process.env, DATA_DIR: dataDir, PORT: String(port) },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
}

/** Resolves when the server says that it is ready. */
export const isReady = (child: ChildProcess) =>
  new Promise<void>((resolve, reject) => {
    child.stdout!.on('data', (text) => String(text).includes('ready') && resolve());
    child.once('exit', () => reject(new Error('The server left before it was ready.')));
  });

export const isGone = (child: ChildProcess) =>
  new Promise((resolve) => child.once('exit', resolve));
