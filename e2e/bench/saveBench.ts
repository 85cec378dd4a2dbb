import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildSync } from 'esbuild';
import { isWorkedOut, ROOT, type RunningStudio } from '../support/studio';
import { quantile } from '../../scripts/bench/readings';
import { residentMb } from './serverBench';
import { makeSubject, save, type Subject } from './subject';

const CLIENTS = 20;
const SECONDS = 8;
const ALTERNATING = 150;

export interface SaveReadings {
  /** Bare over real: how much of a bare insert's speed is left. */
  ofBare: number;
  bareMs: number;
  realMs: number;
  loadP99Ms: number;
  perSecond: number;
  mostOverLeast: number;
  todayP95Ms: number;
  /** The server after that, its threads too. */
  memoryMb: number;
}

/** Keeping a look against a bare insert, in turns; then twenty teachers at once, while somebody looks at Today. */
export async function saveReadings(studio: RunningStudio): Promise<SaveReadings> {
  const subject = await makeSubject(studio.url);
  const bare = await startBare();
  const times: Record<'bare' | 'real', number[]> = { bare: [], real: [] };
  for (let i = 0; i < ALTERNATING; i += 1) {
    times.bare.push(await save(bare.url, subject));
    times.real.push(await save(studio.url, subject));
  }
  bare.stop();
  await isWorkedOut(studio.url);
  const [bareMs, realMs] = [times.bare, times.real].map((all) => quantile(all.slice(20), 0.5));
  const { ms, counts, todayMs } = await load(studio.url, subject);
  return {
    ofBare: bareMs! / realMs!,
    bareMs: bareMs!,
    realMs: realMs!,
    loadP99Ms: quantile(ms, 0.99),
    perSecond: ms.length / SECONDS,
    mostOverLeast: Math.max(...counts) / Math.min(...counts),
    todayP95Ms: quantile(todayMs, 0.95),
    memoryMb: residentMb(studio.process.pid!),
  };
}

async function load(url: string, subject: Subject) {
  const until = performance.now() + SECONDS * 1000;
  const ms: number[] = [];
  const todayMs: number[] = [];
  const client = async () => {
    let count = 0;
    while (performance.now() < until) {
      ms.push(await save(url, subject));
      count += 1;
    }
    return count;
  };
  const today = async () => {
    while (performance.now() < until) {
      const from = performance.now();
      await (await fetch(`${url}/api/students`)).arrayBuffer();
      todayMs.push(performance.now() - from);
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  };
  const [counts] = await Promise.all([
    Promise.all(Array.from({ length: CLIENTS }, client)),
    today(),
  ]);
  return { ms, counts, todayMs };
}

async function startBare(): Promise<{ url: string; stop: () => void }> {
  const outfile = join(mkdtempSync(join(tmpdir(), 'bare-')), 'bare.cjs');
  buildSync({
    absWorkingDir: ROOT,
    entryPoints: ['e2e/bench/bareServer.ts'],
    outfile,
    bundle: true,
    platform: 'node',
    external: ['better-sqlite3'],
  });
  const child = spawn(process.execPath, [outfile], {
    env: { ...process.env, NODE_PATH: join(ROOT, 'node_modules') },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const port = await new Promise<number>((resolve) =>
    child.stdout.on('data', (text) => {
      const found = /ready (\d+)/.exec(String(text));
      if (found) resolve(Number(found[1]));
    }),
  );
  return { url: `http://127.0.0.1:${port}`, stop: () => child.kill() };
}
