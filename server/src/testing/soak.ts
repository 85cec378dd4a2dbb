import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import { HEADERS } from '@open-palm/contract';
import { holdById } from '@open-palm/core/holds';
import { firstRunCodeIn, freePort, isGone, isReady, spawnServer } from './builtServer';
import { exampleCheck, examplePicture, freshStudent } from './examples';
import { beginStudio } from './testBrowser';

/** A write as it is sent, and what a reader must find once it was acknowledged. */
interface Write {
  path: string;
  body: Uint8Array | object;
  headers?: Record<string, string>;
  /** Where it can be read, and what must be in the answer. */
  read: { path: string; contains: string };
}

export interface SoakResult {
  kills: number;
  acknowledged: number;
  /** Acknowledged writes that could not be read afterwards, or that their repetition did not find. */
  lost: string[];
}

/**
 * Kills the built server again and again in the middle of writes to every resource, and then looks for everything that it had
 * acknowledged.
 *
 * @param random between 0 and 1
 */
export async function soak(
  main: string,
  { kills, random }: { kills: number; random: () => number },
): Promise<SoakResult> {
  const dataDir = mkdtempSync(join(tmpdir(), 'soak-'));
  const acknowledged: Write[] = [];
  const unanswered: Write[] = [];
  const cookies = await signedIn(main, dataDir);
  for (let i = 0; i < kills; i += 1) {
    const { child, send } = await start(main, dataDir, cookies);
    const lesson = await aLesson(`round-${i}`);
    const dies = isGone(child);
    const killAfter = Math.floor(random() * (lesson.first.length + lesson.rest.length));
    let answered = 0;
    const each = async (write: Write) => {
      const status = await send(write);
      if (status === 200) acknowledged.push(write);
      else if (status === null) unanswered.push(write);
      answered += 1;
      if (answered > killAfter) child.kill('SIGKILL');
    };
    // What others refer to comes first, as the app sends it; then everything at once, so that the kill falls among it.
    for (const write of lesson.first) await each(write);
    await Promise.all(shuffled(lesson.rest, random).map(each));
    child.kill('SIGKILL');
    await dies;
  }
  return {
    kills,
    acknowledged: acknowledged.length,
    lost: await lostOf(main, dataDir, cookies, acknowledged, unanswered),
  };
}

async function lostOf(
  main: string,
  dataDir: string,
  cookies: string,
  acknowledged: readonly Write[],
  unanswered: readonly Write[],
): Promise<string[]> {
  const { child, url, send } = await start(main, dataDir, cookies);
  const lost: string[] = [];
  for (const { path, read } of acknowledged) {
    const answer = await fetch(url + read.path, { headers: { Cookie: cookies } });
    const text = answer.ok ? Buffer.from(await answer.arrayBuffer()).toString('latin1') : '';
    if (!answer.ok || !text.includes(read.contains)) lost.push(`${path}: ${answer.status}`);
  }
  // Repeating finds what was kept; what got no answer may still come, whole.
  for (const write of acknowledged) {
    if ((await send(write)) !== 200) lost.push(`${write.path}: not known again`);
  }
  for (const write of unanswered) {
    const status = await send(write);
    if (status !== 200 && status !== 404) lost.push(`${write.path}: ${status} when sent again`);
  }
  child.kill('SIGTERM');
  await isGone(child);
  return lost;
}

/** Begins the studio; whoever was signed in is so after a crash as well. */
async function signedIn(main: string, dataDir: string): Promise<string> {
  const port = await freePort();
  const child = spawnServer(main, dataDir, port);
  const code = firstRunCodeIn(await isReady(child));
  const { cookies } = await beginStudio(`http://127.0.0.1:${port}`, code);
  child.kill('SIGKILL');
  await isGone(child);
  return [...cookies].map((pair) => pair.join('=')).join('; ');
}

async function start(main: string, dataDir: string, cookies: string) {
  const port = await freePort();
  const child = spawnServer(main, dataDir, port);
  await isReady(child);
  const url = `http://127.0.0.1:${port}`;
  const send = async ({ path, body, headers }: Write): Promise<number | null> => {
    const isPicture = body instanceof Uint8Array;
    const answer = await fetch(url + path, {
      method: 'PUT',
      body: (isPicture ? body : JSON.stringify(body)) as BodyInit,
      headers: {
        'Content-Type': isPicture ? 'image/jpeg' : 'application/json',
        [HEADERS.build]: 'soak',
        Origin: url,
        Cookie: cookies,
        ...headers,
      },
    }).catch(() => null);
    // An answer that broke off was none.
    if (answer) await answer.arrayBuffer().catch(() => undefined);
    return answer?.status ?? null;
  };
  return { child, url, send };
}

/** How every JPEG begins, read byte by byte. */
const JPEG_HEAD = '\u00ff\u00d8\u00ff';

/** One lesson's writes to every resource there is. */
async function aLesson(name: string): Promise<{ first: Write[]; rest: Write[] }> {
  const [studentId, pictureId, checkId, takeId, holdId, relaxedId] = Array.from({ length: 6 }, () =>
    uuidv7(),
  ) as [string, string, string, string, string, string];
  const student = freshStudent({ name });
  const setupId = student.setups[0]!.id;
  const look = exampleCheck({ studentId, setupId, pictureId });
  const [capture] = look.captures;
  const handPoints = Object.fromEntries(
    Object.entries(capture!.points).filter(([point]) => !/^(stick|frog)/.test(point)),
  );
  const edit = (basedOn: number) => ({
    [HEADERS.edit]: uuidv7(),
    [HEADERS.basedOn]: String(basedOn),
  });
  const own = { basedOn: 'violin-shallow', name: `${name} hold` };
  const hold = { ...holdById('violin-shallow'), id: holdId, version: 1, own };
  const series = {
    timesS: [0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7],
    channels: { wristFlexion: [0, 4, 9, 14, 18, 12, 6, 1] },
  };
  const take = {
    studentId,
    setupId,
    takenAt: '2026-03-01T15:30:00Z',
    context: 'playing-start',
    source: 'csv',
    series,
    cuts: null,
    fingersSeen: null,
  };
  const logId = uuidv7();
  const promise = {
    id: logId,
    studentId,
    setupId,
    madeAt: '2026-03-01T15:31:00Z',
    kind: 'promise',
    words: `${name} nails`,
    due: '2026-03-09',
  };
  const letter = {
    title: `${name} letter`,
    opening: '',
    points: ['Bend the thumb.'],
    closing: '',
    caution: '',
    captions: [],
  };
  const crossing = {
    studentId,
    setupId,
    seenAt: '2026-03-01T15:32:00Z',
    strings: ['G', 'D', 'A', 'E'].map((string) => ({ string, elbow: 'level' })),
  };
  const relaxed = {
    studentId,
    takenAt: '2026-03-01T15:33:00Z',
    pictureId,
    side: 'right',
    image: capture!.image,
    points: handPoints,
  };
  const crossingId = uuidv7();
  const handFile = `/api/students/${studentId}`;
  const first: Write[] = [
    { path: handFile, body: student, headers: edit(0), read: { path: handFile, contains: name } },
    {
      path: `/api/pictures/${pictureId}`,
      body: new Uint8Array(await examplePicture()),
      read: { path: `/api/pictures/${pictureId}`, contains: JPEG_HEAD },
    },
    {
      path: `/api/checks/${checkId}`,
      body: look,
      read: { path: `/api/checks/${checkId}`, contains: '"measures":[{' },
    },
    {
      path: `/api/takes/${takeId}`,
      body: take,
      headers: edit(0),
      read: { path: `/api/takes?setup=${setupId}`, contains: takeId },
    },
  ];
  const rest: Write[] = [
    {
      path: handFile,
      body: { ...student, birthYear: 2011 },
      headers: edit(1),
      read: { path: handFile, contains: '"birthYear":2011' },
    },
    {
      path: handFile,
      body: { ...student, level: 'advanced' },
      headers: edit(1),
      read: { path: handFile, contains: '"level":"advanced"' },
    },
    {
      path: `/api/takes/${takeId}`,
      body: { ...take, fingersSeen: 'moving' },
      headers: edit(1),
      read: { path: `/api/takes?setup=${setupId}`, contains: '"fingersSeen":"moving"' },
    },
    {
      path: `/api/holds/${holdId}`,
      body: hold,
      headers: edit(0),
      read: { path: '/api/holds', contains: `${name} hold` },
    },
    { path: `/api/log/${logId}`, body: promise, read: { path: handFile, contains: promise.words } },
    {
      path: `/api/letters/${checkId}`,
      body: letter,
      headers: edit(0),
      read: { path: `/api/letters/${checkId}`, contains: letter.title },
    },
    {
      path: `/api/crossings/${crossingId}`,
      body: crossing,
      read: { path: `/api/crossings?setup=${setupId}`, contains: crossingId },
    },
    {
      path: `/api/relaxed-hands/${relaxedId}`,
      body: relaxed,
      read: { path: handFile, contains: relaxedId },
    },
  ];
  return { first, rest };
}

const shuffled = <T>(list: readonly T[], random: () => number): T[] =>
  list
    .map((one) => [random(), one] as const)
    .sort(([a], [b]) => a - b)
    .map(([, one]) => one);
