import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildSync } from 'esbuild';
import { v7 as uuidv7 } from 'uuid';
import { demoPicture, FINGER_SIDE_ORDER } from '../support/lookAtHold';
import { isWorkedOut, ROOT, type RunningStudio } from '../support/studio';
import { quantile } from './figures';

const HEADERS = { 'Content-Type': 'application/json', 'Open-Palm-Build': 'bench' };
const CLIENTS = 20;
const SECONDS = 8;
const ALTERNATING = 150;

/** A student of the bench's own, whose looks are kept again and again. */
interface Subject {
  studentId: string;
  setupId: string;
  pictureId: string;
}

export interface SaveFigures {
  /** Bare over real: how much of a bare insert's speed is left. */
  ofBare: number;
  bareMs: number;
  realMs: number;
  loadP99Ms: number;
  perSecond: number;
  mostOverLeast: number;
  todayP95Ms: number;
}

/** Keeping a look against a bare insert, in turns; then twenty teachers at once, while somebody looks at Today. */
export async function saveFigures(studio: RunningStudio): Promise<SaveFigures> {
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

async function save(url: string, subject: Subject): Promise<number> {
  const body = JSON.stringify(lookAt(subject));
  const from = performance.now();
  const answer = await fetch(`${url}/api/checks/${uuidv7()}`, {
    method: 'PUT',
    headers: HEADERS,
    body,
  });
  await answer.arrayBuffer();
  if (!answer.ok) throw new Error(`A look was not kept: ${answer.status}`);
  return performance.now() - from;
}

const picture = demoPicture('settled.finger-side');
const points = Object.fromEntries(
  FINGER_SIDE_ORDER.map((name) => {
    const [x, y] = picture.points2d[name]!;
    return [name, { x, y, sigma: 4 }];
  }),
);

const lookAt = ({ studentId, setupId, pictureId }: Subject) => ({
  studentId,
  setupId,
  takenAt: new Date().toISOString(),
  context: 'free',
  grip: {
    holdId: 'violin-shallow',
    holdVersion: 2,
    settings: {},
    bowSize: '4/4',
    middleFinger: { mm: 100, sdMm: 8 },
    relaxedHandId: null,
  },
  captures: [
    {
      id: uuidv7(),
      pictureId,
      view: 'finger-side',
      side: 'right',
      place: null,
      image: picture.image,
      points,
      frogLength: { mm: 46, sdMm: 0.5 },
    },
  ],
  taps: [],
});

async function makeSubject(url: string): Promise<Subject> {
  const subject = { studentId: uuidv7(), setupId: uuidv7(), pictureId: uuidv7() };
  const put = async (path: string, body: BodyInit, type: string) => {
    const headers = { ...HEADERS, 'Content-Type': type };
    const answer = await fetch(url + path, { method: 'PUT', body, headers });
    if (!answer.ok) throw new Error(await answer.text());
  };
  const student = {
    name: 'Bench Mark',
    side: 'right',
    birthYear: null,
    middleFingerMm: null,
    skinTone: 'clay',
    level: 'intermediate',
    setups: [
      {
        id: subject.setupId,
        instrument: 'violin',
        bowSize: '4/4',
        frogLengthMm: 46,
        bowMassG: null,
        bowBalanceMm: null,
        holdId: 'violin-shallow',
        settings: {},
      },
    ],
  };
  await put(`/api/students/${subject.studentId}`, JSON.stringify(student), 'application/json');
  const bytes = readFileSync(picture.file) as BodyInit;
  await put(`/api/pictures/${subject.pictureId}`, bytes, 'image/jpeg');
  return subject;
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
