import { rmSync } from 'node:fs';
import { join } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import type { BackupState } from '@open-palm/contract';
import { filesWith } from '../../erase/testing/richStudent';
import { exampleCheck, examplePicture, exampleNote, freshStudent } from '../examples';
import { bytesOf, heldAgainst, Ledger, type Found } from './ledger';
import { ServedStudio } from './servedStudio';

export interface YearResult {
  weeks: number;
  kills: number;
  restores: number;
  fullDisks: number;
  acknowledged: number;
  kept: number;
  erased: number;
  lost: string[];
  resurrected: string[];
  /** Files in which the name of somebody stands who was erased. */
  named: string[];
  megabytes: { database: number; pictures: number; backups: number; setAside: number };
}

interface Pupil {
  id: string;
  setupId: string;
  name: string;
  body: ReturnType<typeof freshStudent>;
}

/**
 * A year of a studio: a look at everybody each week, notes, letters and pictures; with the power failing in the middle, a disk that is full, backups that
 * are put back, and people who are erased in between.
 *
 * @param random between 0 and 1
 */
export async function playYear(
  main: string,
  { weeks, students, random }: { weeks: number; students: number; random: () => number },
): Promise<YearResult> {
  const studio = new ServedStudio(main);
  const ledger = new Ledger();
  const counted = { kills: 0, restores: 0, fullDisks: 0, acknowledged: 0 };
  const found: Found = { kept: 0, lost: [], resurrected: [] };
  const pupils = Array.from({ length: students }, (_v, i) =>
    pupil(`Zz Pupil ${i} of ${students} zZ`),
  );
  const gone: Pupil[] = [];
  let backup: { file: string; comeBack: () => void; pupils: Pupil[] } | null = null;
  const jpeg = await examplePicture(120, 90);
  const chance = (share: number) => random() < share;

  const keep = async (
    path: string,
    body: object | Uint8Array,
    noted: Parameters<Ledger['add']>,
  ) => {
    const status = await studio.send('PUT', path, body);
    // Without an answer it may be there or not; any other is a fault of this play.
    if (status === null) return false;
    if (status !== 200) throw new Error(`${path}: ${status}`);
    ledger.add(...noted);
    counted.acknowledged += 1;
    return true;
  };

  async function lesson(one: Pupil, week: number): Promise<void> {
    const at = { studentId: one.id, setupId: one.setupId };
    const takenAt = new Date(Date.UTC(2025, 8, 1 + week * 7, 15)).toISOString();
    const checkId = uuidv7();
    const pictureId = uuidv7();
    const hasPicture = chance(0.15);
    if (hasPicture) await keep(`/api/pictures/${pictureId}`, jpeg, ['pictures', pictureId, one.id]);
    const look = exampleCheck({ ...at, pictureId }, { takenAt, ...(hasPicture ? {} : BY_TAP) });
    const isKept = await keep(`/api/checks/${checkId}`, look, ['checks', checkId, one.id]);
    if (chance(0.3)) {
      const note = exampleNote(at, { words: `${one.name} week ${week}` });
      await keep(`/api/log/${note.id}`, note, ['log_entries', note.id, one.id]);
    }
    if (isKept && chance(0.05)) {
      await keep(`/api/letters/${checkId}`, letterTo(one), ['letters', checkId, one.id]);
    }
  }

  /** Everybody who is there, eight at a time; the power may fail in the middle. */
  async function aWeek(week: number): Promise<void> {
    const killAt = chance(0.3) ? Math.floor(random() * pupils.length) : Infinity;
    let begun = 0;
    const waiting = [...pupils];
    const worker = async () => {
      for (let one = waiting.shift(); one; one = waiting.shift()) {
        begun += 1;
        if (begun > killAt) return;
        if (chance(0.9)) await lesson(one, week);
      }
    };
    const working = Promise.all(Array.from({ length: 8 }, worker));
    if (killAt < Infinity) {
      while (begun < killAt) await new Promise((resolve) => setImmediate(resolve));
      await studio.stop('SIGKILL');
      counted.kills += 1;
    }
    await working;
    if (killAt < Infinity) await studio.start();
  }

  async function erase(one: Pupil): Promise<void> {
    const bin = uuidv7();
    const removal = { kind: 'student', ofId: one.id };
    if ((await studio.send('PUT', `/api/bin/${bin}`, removal)) !== 200)
      throw new Error('not removed');
    if (chance(0.5)) {
      // The power fails while it is erased; the teacher tries again.
      const erasing = studio.send('POST', `/api/bin/${bin}/erase`, {});
      await studio.stop('SIGKILL');
      await erasing;
      counted.kills += 1;
      await studio.start();
    }
    if ((await studio.send('POST', `/api/bin/${bin}/erase`, {})) !== 200)
      throw new Error('not erased');
    ledger.erase(({ studentId }) => studentId === one.id);
    pupils.splice(pupils.indexOf(one), 1);
    gone.push(one);
  }

  async function removeAndBringBack(one: Pupil): Promise<void> {
    const bin = uuidv7();
    await studio.send('PUT', `/api/bin/${bin}`, { kind: 'student', ofId: one.id });
    if ((await studio.send('POST', `/api/bin/${bin}/back`, {})) !== 200)
      throw new Error('not back');
  }

  async function backUp(): Promise<void> {
    await studio.send('POST', '/api/backups', {});
    let state: BackupState;
    do state = await studio.get('/api/backups');
    while (state.isBusy);
    const file = join(studio.dataDir, 'backups', state.backups[0]!.name);
    backup = { file, comeBack: ledger.remember(), pupils: [...pupils] };
  }

  async function putBack(): Promise<void> {
    if (backup === null) return;
    await studio.stop();
    studio.restore(backup.file);
    backup.comeBack();
    counted.restores += 1;
    const back = backup.pupils.filter(({ id }) => !ledger.erased.has(id));
    pupils.splice(0, pupils.length, ...back);
    await studio.start();
  }

  /** Nothing is taken, everything is read. */
  async function fullDisk(): Promise<void> {
    await studio.stop();
    const kib = Math.ceil(bytesOf(join(studio.dataDir, 'studio.sqlite')) / 1024) + 1024;
    await studio.start(Math.min(kib, 4000));
    const [one] = pupils;
    const status = await studio.send('PUT', `/api/students/${uuidv7()}`, freshStudent());
    const list: { students: unknown[] } = await studio.get('/api/students');
    if (status !== 507 || list.students.length !== pupils.length || !one) {
      throw new Error(`a full disk: ${status}, ${list.students.length}`);
    }
    counted.fullDisks += 1;
    await studio.stop();
    await studio.start();
  }

  await studio.start();
  for (const one of pupils) {
    await keep(`/api/students/${one.id}`, one.body, ['students', one.id, one.id]);
  }
  for (let week = 1; week <= weeks; week += 1) {
    await aWeek(week);
    const [first] = pupils;
    if (week % 3 === 0) await backUp();
    if (week % 4 === 0 && first) await removeAndBringBack(first);
    if (week % 5 === 2 && pupils.length > 3) {
      await erase(pupils[Math.floor(random() * pupils.length)]!);
    }
    if (week % 13 === 5) await putBack();
    if (week % 17 === 4 && bytesOf(join(studio.dataDir, 'studio.sqlite')) < 3e6) await fullDisk();
  }
  // Until what is written anew without them is written.
  let left: { backupsHolding: number };
  do left = await studio.get('/api/bin');
  while (left.backupsHolding > 0);
  let state: BackupState;
  do state = await studio.get('/api/backups');
  while (state.isBusy);
  await studio.stop();
  Object.assign(found, heldAgainst(ledger, studio.dataDir));
  const named = await filesWith(
    studio.dataDir,
    gone.map(({ name }) => Buffer.from(name)),
  );
  const megabytes = (path: string) => bytesOf(join(studio.dataDir, path)) / 1e6;
  const result = {
    weeks,
    ...counted,
    ...found,
    erased: ledger.erased.size,
    named,
    megabytes: {
      database: megabytes('studio.sqlite'),
      pictures: megabytes('pictures'),
      backups: megabytes('backups'),
      setAside: megabytes('set-aside'),
    },
  };
  rmSync(studio.dataDir, { recursive: true, force: true });
  return result;
}

function pupil(name: string): Pupil {
  const body = freshStudent({ name });
  return { id: uuidv7(), setupId: body.setups[0]!.id, name, body };
}

const BY_TAP = {
  captures: [],
  taps: [{ measure: 'thumbIpFlexion', answer: { kind: 'value', value: 31, sd: 5 } }],
} as never;

const letterTo = ({ name }: Pupil) => ({
  title: `About ${name}`,
  opening: '',
  points: ['Bend the thumb.'],
  closing: '',
  caution: '',
  captions: [],
});
