import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { HEADERS } from '@open-palm/contract';
import { freePort, isGone, isReady } from '../builtServer';

/** The built server on a folder, and how it is asked. */
export class ServedStudio {
  readonly dataDir = mkdtempSync(join(tmpdir(), 'year-'));
  readonly #empty = join(this.dataDir, '..', `${Date.now()}-nobody.mjs`);
  #child: ChildProcess | null = null;
  #url = '';

  constructor(readonly main: string) {
    // Open to whoever sits here, as the demo is, and without anybody invented.
    writeFileSync(
      this.#empty,
      'export const demoStudio = () => ({ students: [], pictures: [], checks: [], log: [], groups: [], walks: [] });',
    );
  }

  /** @param mostKib the largest file that it may write: with few, its disk is full */
  async start(mostKib?: number): Promise<void> {
    const port = await freePort();
    const limit = mostKib === undefined ? '' : `ulimit -f ${mostKib}; `;
    this.#child = spawn('bash', ['-c', `${limit}exec "${process.execPath}" "${this.main}"`], {
      env: {
        ...process.env,
        DATA_DIR: this.dataDir,
        PORT: String(port),
        DEMO_STUDIO: this.#empty,
      },
      stdio: ['ignore', 'pipe', 'ignore'],
    });
    await isReady(this.#child);
    this.#url = `http://127.0.0.1:${port}`;
  }

  async stop(signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
    const child = this.#child;
    if (child === null || child.exitCode !== null || child.signalCode !== null) return;
    const gone = isGone(child);
    child.kill(signal);
    await gone;
  }

  /** @returns the status; null where no answer came */
  async send(
    method: 'PUT' | 'POST',
    path: string,
    body: object | Uint8Array,
  ): Promise<number | null> {
    const isPicture = body instanceof Uint8Array;
    const answer = await fetch(this.#url + path, {
      method,
      body: (isPicture ? body : JSON.stringify(body)) as BodyInit,
      headers: {
        'Content-Type': isPicture ? 'image/jpeg' : 'application/json',
        [HEADERS.build]: 'year',
        Origin: this.#url,
      },
    }).catch(() => null);
    await answer?.arrayBuffer().catch(() => undefined);
    return answer?.status ?? null;
  }

  async get(path: string): Promise<never> {
    return (await (await fetch(this.#url + path)).json()) as never;
  }

  /** Runs one of the studio's tools on the folder, which is not served. */
  restore(file: string): void {
    const { status, stderr } = spawnSync(
      process.execPath,
      [join(dirname(this.main), 'restore.mjs'), file],
      { env: { ...process.env, DATA_DIR: this.dataDir }, encoding: 'utf8' },
    );
    if (status !== 0) throw new Error(stderr);
  }
}
