import { copyFileSync, mkdirSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import { handFileSchema, HEADERS, studentListSchema } from '@open-palm/contract';
import { contentOf, freshFolder } from '../backup/testing/studioContent';
import { restoreBackup } from '../backup/restoreBackup';
import { writeBackup } from '../backup/writeBackup';
import { openStudio } from '../openStudio';
import { freshStudent } from '../testing/examples';
import { BUILD, openTestStudio, type TestStudio } from '../testing/testStudio';
import { post as postTo, takenAway } from './testing/asking';
import { filesWith, piecesOf, richStudent, type RichStudent } from './testing/richStudent';

const NAME = 'Xanthippe Quodlibet';

let studio: TestStudio;
let her: RichStudent;
beforeEach(async () => {
  studio = await openTestStudio();
  her = await richStudent(studio, NAME);
});
afterEach(() => studio.close());

const post = (path: string, body: object = {}) => postTo(studio, path, body);
const remove = (kind: string, ofId: string) => takenAway(studio, kind, ofId);
/** Sends a file. */
const send = (path: string, body: Uint8Array) =>
  studio.ask(`/api/backups/restore/${path}`, {
    method: 'POST',
    headers: {
      'Content-Type': 'application/octet-stream',
      [HEADERS.build]: BUILD,
      Origin: studio.url,
    },
    body: body as BodyInit,
  });
const eraseHer = async (of = her.id) => {
  const bin = await remove('student', of);
  expect((await post(`/api/bin/${bin}/erase`)).status).toBe(200);
  await studio.backups.eraseFromAll();
};
const needles = () => [
  Buffer.from(NAME),
  Buffer.from(her.id),
  ...piecesOf(join(studio.pictureDir, `${her.pictureId}.jpg`)),
  ...piecesOf(join(studio.pictureDir, `${her.relaxedPictureId}.jpg`)),
];

describe('a student who is erased', () => {
  it('is in no byte of the studio’s folder: not in the database and its log, in pictures, letters, edits, what was set aside, or backups', async () => {
    const other = await richStudent(studio, 'Otto Bleibt');
    const wanted = needles();
    // A backup of each kind, a studio that was set aside, a file that was set aside, and something in the bin.
    await studio.backups.backUp('daily');
    await studio.backups.backUp('asked');
    const aside = join(studio.folder, 'set-aside', 'before-restore-x');
    mkdirSync(join(aside, 'pictures'), { recursive: true });
    await studio.db.raw('pragma wal_checkpoint(truncate)');
    copyFileSync(join(studio.folder, 'studio.sqlite'), join(aside, 'studio.sqlite'));
    for (const place of [join(aside, 'pictures'), join(studio.folder, 'set-aside')]) {
      copyFileSync(
        join(studio.pictureDir, `${her.pictureId}.jpg`),
        join(place, `${her.pictureId}.jpg`),
      );
    }
    await remove('letter', her.checkId);
    // And a backup that somebody looks at before putting it back.
    const [name] = readdirSync(join(studio.folder, 'backups'));
    await send('look', readFileSync(join(studio.folder, 'backups', name!)));
    const found = await filesWith(studio.folder, wanted);
    // It is really looked for where it is.
    for (const place of [
      'studio.sqlite',
      'pictures/',
      'bin/',
      'set-aside/',
      'backups/',
      'backup-work-',
    ]) {
      expect([place, found.some((file) => file.startsWith(place))]).toEqual([place, true]);
    }
    expect(found.filter((file) => file.endsWith('.zip studio.sqlite'))).toHaveLength(3);

    await eraseHer();
    expect(await filesWith(studio.folder, wanted)).toEqual([]);

    expect((await studio.get('/api/bin')).body).toMatchObject({ items: [], backupsHolding: 0 });
    const list = studentListSchema.parse((await studio.get('/api/students')).body);
    expect(list.students.map(({ student }) => student.name)).toEqual([`${other.name} the second`]);
    const file = handFileSchema.parse((await studio.get(`/api/students/${other.id}`)).body);
    expect(file.history).toHaveLength(1);
    expect((await studio.get(`/api/pictures/${other.pictureId}`)).status).toBe(200);
    expect((await studio.get(`/api/letters/${other.checkId}`)).status).toBe(200);
    // The backups are whole without her.
    for (const name of readdirSync(join(studio.folder, 'backups'))) {
      const folder = freshFolder();
      const { manifest } = await restoreBackup({
        dataDir: folder,
        file: join(studio.folder, 'backups', name),
        now: studio.clock.now,
      });
      expect(manifest.holds).toMatchObject({ students: 1, looks: 1, pictures: 2 });
      expect((contentOf(folder).students as unknown[]).length).toBe(1);
    }
  });

  it('does not come back with an older backup, in this folder or another; all others do', async () => {
    const other = await richStudent(studio, 'Otto Bleibt');
    const backup = join(freshFolder(), 'older.zip');
    const order = { dataDir: studio.folder, madeAt: studio.clock.now.toISOString(), build: BUILD };
    await writeBackup({ ...order, to: backup });
    const wanted = needles();
    await eraseHer();
    const newer = join(freshFolder(), 'newer.zip');
    await writeBackup({ ...order, to: newer });
    const before = contentOf(studio.folder);

    const here = freshFolder();
    await restoreBackup({ dataDir: here, file: newer, now: studio.clock.now });
    expect(contentOf(here).students).toEqual(before.students);
    // That folder knows now who was erased elsewhere, and heeds it for an older backup too.
    const { aside } = await restoreBackup({ dataDir: here, file: backup, now: studio.clock.now });
    const again = contentOf(here) as Record<string, { id: string; student_id: string }[]>;
    expect(again.students!.map(({ id }) => id)).toEqual([other.id]);
    for (const table of ['checks', 'takes', 'crossings', 'log_entries', 'relaxed_hands']) {
      expect(again[table]!.map(({ student_id }) => student_id)).toEqual([other.id]);
    }
    expect(aside).not.toBeNull();
    expect(await filesWith(here, wanted)).toEqual([]);
  });

  it('is gone for every device: what is sent for them is answered 410, and nothing is kept', async () => {
    const bin = await remove('student', her.id);
    const look = { studentId: her.id, setupId: her.setupId };
    const takes = () => studio.put(`/api/log/${uuidv7()}`, { ...look, kind: 'hurt' });
    expect([(await takes()).status, (await takes()).body]).toEqual([
      404,
      expect.objectContaining({ error: expect.objectContaining({ code: 'inBin' }) }),
    ]);
    await post(`/api/bin/${bin}/erase`);
    for (const [path, body] of [
      [`students/${her.id}`, freshStudent()],
      [`log/${uuidv7()}`, { ...look, kind: 'hurt' }],
      [`checks/${her.checkId}`, {}],
      [`checks/${uuidv7()}`, look],
      [`takes/${her.takeId}`, {}],
      [`letters/${her.checkId}`, {}],
    ] as const) {
      const answer = await studio.put(`/api/${path}`, body);
      expect([path, answer.status, answer.body]).toMatchObject([
        path,
        410,
        { error: { code: 'erased' } },
      ]);
    }
    expect((await studio.get(`/api/students/${her.id}`)).status).toBe(410);
    expect((await studio.get(`/api/pictures/${her.pictureId}`)).status).toBe(410);
    const stranger = uuidv7();
    const asked = await post('/api/gone', { ids: [her.id, stranger, her.pictureId] });
    expect(asked.body).toEqual({ erased: [her.id, her.pictureId] });
    expect((await studio.db('students')).length).toBe(0);
  });

  it('does not come back with a file that was taken out before, and the file says so', async () => {
    const other = await richStudent(studio, 'Otto Bleibt');
    const exported = await (await fetch(`${studio.url}/api/export/studio.json`)).text();
    const bring = async () => {
      const send = (path: string) =>
        studio.ask(`/api/import/${path}`, {
          method: 'POST',
          headers: {
            'Content-Type': 'application/octet-stream',
            Origin: studio.url,
            [HEADERS.build]: BUILD,
          },
          body: exported,
        });
      const { sha256 } = (await send('preview')).body as never as { sha256: string };
      return (await send(sha256)).body;
    };
    await eraseHer();
    // Herself, her look and her note.
    expect(await bring()).toMatchObject({ done: true, gone: 3, added: { students: 0, checks: 0 } });
    expect(await studio.db('students').pluck('id')).toEqual([other.id]);
  });

  it('is erased to the end when the studio is opened again after it was cut off anywhere', async () => {
    const folder = freshFolder();
    const before = await openTestStudio({ folder, removes: false });
    const him = await richStudent(before, 'Ulrich Verschwand');
    const pictures = [him.pictureId, him.relaxedPictureId];
    const wanted = [
      Buffer.from(him.name),
      ...pictures.flatMap((id) => piecesOf(join(before.pictureDir, `${id}.jpg`))),
    ];
    await before.put(`/api/bin/${uuidv7()}`, { kind: 'student', ofId: him.id });
    // Cut off here: what is to go is noted, and nothing is done yet.
    await before.erased.add([him.id, him.checkId, ...pictures], before.clock.now.toISOString());
    await before.close();
    expect((await filesWith(folder, wanted)).length).toBeGreaterThan(3);
    const opened = await openStudio({
      dataDir: folder,
      workerFile: 'none',
      now: () => before.clock.now,
      zone: 'UTC',
      log: () => undefined,
    });
    expect(await opened.db('students').pluck('id')).toEqual([]);
    expect(await opened.db('bin').pluck('id')).toEqual([]);
    await opened.close();
    expect(await filesWith(folder, wanted)).toEqual([]);
    rmSync(folder, { recursive: true });
  });
});
