import { copyFileSync, existsSync, mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import { handFileSchema, HEADERS, studentListSchema } from '@open-palm/contract';
import { contentOf, freshFolder } from '../backup/testing/studioContent';
import { restoreBackup } from '../backup/restoreBackup';
import { writeBackup } from '../backup/writeBackup';
import { openStudio } from '../openStudio';
import { exampleCheck, examplePicture, freshStudent } from '../testing/examples';
import { BUILD, openTestStudio, type TestStudio } from '../testing/testStudio';
import { eraseDue } from './binService';
import { filesWith, piecesOf, richStudent, type RichStudent } from './testing/richStudent';

const NAME = 'Xanthippe Quodlibet';

let studio: TestStudio;
let her: RichStudent;
beforeEach(async () => {
  studio = await openTestStudio();
  her = await richStudent(studio, NAME);
});
afterEach(() => studio.close());

const post = (path: string, body: object = {}) =>
  studio.ask(path, {
    method: 'POST',
    headers: {
      Origin: studio.url,
      'Content-Type': 'application/json',
      [HEADERS.build]: BUILD,
    },
    body: JSON.stringify(body),
  });
const remove = async (kind: string, ofId: string) => {
  const id = uuidv7();
  const answer = await studio.put(`/api/bin/${id}`, { kind, ofId });
  expect([answer.status, answer.body]).toEqual([200, expect.anything()]);
  return id;
};
const eraseHer = async (of = her.id) => {
  const bin = await remove('student', of);
  expect((await post(`/api/bin/${bin}/erase`)).status).toBe(200);
  await studio.backups.eraseFromAll();
};
/** The facts of the studio, without what is worked out of them and how often. */
const facts = () => {
  const {
    measures: _,
    tracks: __,
    stale_setups: ___,
    studio_facts: ____,
    ...rest
  } = contentOf(studio.folder) as Record<string, Record<string, unknown>[]>;
  const checks = rest.checks!.map(({ id, body_sha256, taken_at }) => [id, body_sha256, taken_at]);
  return { ...rest, checks };
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
    const found = await filesWith(studio.folder, wanted);
    // It is really looked for where it is.
    for (const place of ['studio.sqlite', 'pictures/', 'bin/', 'set-aside/', 'backups/']) {
      expect([place, found.some((file) => file.startsWith(place))]).toEqual([place, true]);
    }
    expect(found.filter((file) => file.endsWith('.zip studio.sqlite'))).toHaveLength(2);

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

describe('what is taken away', () => {
  it.each(['student', 'check', 'take', 'letter', 'picture', 'photographs'] as const)(
    '(a %s) is seen nowhere, and can be brought back as it was',
    async (kind) => {
      const ofId = {
        student: her.id,
        check: her.checkId,
        take: her.takeId,
        letter: her.checkId,
        picture: her.pictureId,
        photographs: her.id,
      }[kind];
      const before = facts();
      const asked = await studio.get(`/api/removable/${kind}/${ofId}`);
      expect(asked.body).toMatchObject({ kind, ofId, studentId: her.id });
      const id = await remove(kind, ofId);
      const seen = {
        student: `/api/students/${her.id}`,
        check: `/api/checks/${her.checkId}`,
        take: `/api/takes?setup=${her.setupId}`,
        letter: `/api/letters/${her.checkId}`,
        picture: `/api/pictures/${her.pictureId}`,
        photographs: `/api/pictures/${her.relaxedPictureId}`,
      }[kind];
      const answer = await studio.get(seen);
      if (kind === 'take') expect(answer.body).toEqual({ takes: [] });
      else expect(answer.status).toBe(404);
      const [item] = ((await studio.get('/api/bin')).body as never as { items: object[] }).items;
      expect(item).toMatchObject({ id, kind, ofId, studentName: `${NAME} the second` });
      // The same request again changes nothing, and what is not there cannot be taken away.
      expect((await studio.put(`/api/bin/${id}`, { kind, ofId })).body).toEqual(item);
      const twice = await studio.put(`/api/bin/${uuidv7()}`, { kind, ofId });
      expect(twice.status).toBe(404);
      expect(existsSync(join(studio.outboxDir, `${her.checkId}.eml`))).toBe(
        !['student', 'check', 'letter'].includes(kind),
      );
      expect((await post(`/api/bin/${id}/back`)).status).toBe(200);
      await studio.deriver.allSettled();
      expect(await without(before)).toEqual(await without(facts()));
      expect(existsSync(join(studio.outboxDir, `${her.checkId}.eml`))).toBe(true);
      expect((await studio.get(seen)).status).toBe(200);
      expect((await post(`/api/bin/${id}/back`)).status).toBe(404);
    },
  );

  it('is erased when its week is over, and not before', async () => {
    const wanted = piecesOf(join(studio.pictureDir, `${her.pictureId}.jpg`));
    await remove('picture', her.pictureId);
    await remove('take', her.takeId);
    const parts = {
      ...studio,
      dataDir: studio.folder,
      now: () => studio.clock.now,
      onStudentErased: () => undefined,
    };
    studio.clock.now = new Date('2026-03-09T09:59:59.000Z');
    await eraseDue(parts);
    expect((await studio.get('/api/bin')).body.items).toHaveLength(2);
    studio.clock.now = new Date('2026-03-09T10:00:00.000Z');
    await eraseDue(parts);
    expect((await studio.get('/api/bin')).body.items).toEqual([]);
    expect(await filesWith(studio.folder, wanted)).toEqual([]);
    expect((await studio.get(`/api/pictures/${her.pictureId}`)).status).toBe(410);
    // The look stays with the points that were set, is backed up, and its letter is printed without the picture.
    expect((await studio.get(`/api/checks/${her.checkId}`)).status).toBe(200);
    expect((await studio.get(`/api/letters/${her.checkId}/pdf`)).status).toBe(200);
    await studio.backups.backUp('asked');
    const { backups } = await studio.backups.state();
    expect(backups[0]!.holds).toMatchObject({ pictures: 1, picturesMissing: 0 });
  });

  it('comes back only to who is there', async () => {
    const take = await remove('take', her.takeId);
    const letter = await remove('letter', her.checkId);
    const look = await remove('check', her.checkId);
    const student = await remove('student', her.id);
    for (const id of [take, letter, look]) {
      const answer = await post(`/api/bin/${id}/back`);
      expect([answer.status, answer.body]).toMatchObject([409, { error: { code: 'notBack' } }]);
    }
    expect((await post(`/api/bin/${student}/back`)).status).toBe(200);
    expect((await post(`/api/bin/${letter}/back`)).status).toBe(409);
    for (const id of [look, letter, take]) {
      expect((await post(`/api/bin/${id}/back`)).status).toBe(200);
    }
    expect((await studio.get(`/api/letters/${her.checkId}`)).body).toMatchObject({
      closing: `${NAME} is well`,
    });
  });

  it('leaves another letter alone that was written to the same look since', async () => {
    const older = await remove('letter', her.checkId);
    studio.clock.now = new Date('2026-03-02T10:30:00.000Z');
    await studio.put(`/api/letters/${her.checkId}`, {
      title: 'Again',
      opening: '',
      points: ['Round.'],
      closing: '',
      caution: '',
      captions: [],
    });
    expect((await post(`/api/bin/${older}/back`)).status).toBe(409);
    const backup = join(freshFolder(), 'both.zip');
    const order = { dataDir: studio.folder, madeAt: studio.clock.now.toISOString(), build: BUILD };
    studio.clock.now = new Date('2026-03-02T11:00:00.000Z');
    await writeBackup({ ...order, to: backup });
    await post(`/api/bin/${older}/erase`);
    expect((await studio.get(`/api/letters/${her.checkId}`)).body).toMatchObject({
      title: 'Again',
    });
    const folder = freshFolder();
    writeFileSync(join(folder, 'erased.json'), JSON.stringify(studio.erased.file));
    await restoreBackup({ dataDir: folder, file: backup, now: studio.clock.now });
    expect((contentOf(folder).letters as unknown[]).length).toBe(1);
    expect(await filesWith(folder, [Buffer.from(her.words)])).toEqual([]);
  });
});

/** Rows without the order in which they lie. */
async function without(content: Record<string, unknown>) {
  return Object.fromEntries(
    Object.entries(content)
      .filter(([name]) => !name.startsWith('knex') && !name.startsWith('told'))
      .map(([name, rows]) => [
        name,
        Array.isArray(rows) ? rows.map((row) => JSON.stringify(row)).sort() : rows,
      ]),
  );
}

describe('photographs whose consent is withdrawn', () => {
  it('are taken away with it, come back only with it, and are gone after a week', async () => {
    const { body } = await studio.get(`/api/students/${her.id}`);
    const {
      id: _,
      version,
      ...input
    } = (body as never as { student: { id: string; version: number } }).student;
    await studio.edit(`/api/students/${her.id}`, { ...input, photos: 'withheld' }, version);
    for (const picture of [her.pictureId, her.relaxedPictureId]) {
      expect((await studio.get(`/api/pictures/${picture}`)).status).toBe(404);
    }
    const { items } = (await studio.get('/api/bin')).body as never as { items: { id: string }[] };
    const [item] = items;
    expect(item).toMatchObject({ kind: 'photographs', holds: { pictures: 2, looks: 0 } });
    expect((await post(`/api/bin/${item!.id}/back`)).status).toBe(409);
    // The student is still there, and is written to.
    expect((await studio.get(`/api/students/${her.id}`)).status).toBe(200);
    const next = await studio.edit(
      `/api/students/${her.id}`,
      { ...input, photos: 'allowed' },
      version + 1,
    );
    expect(next.status).toBe(200);
    expect((await post(`/api/bin/${item!.id}/back`)).status).toBe(200);
    expect((await studio.get(`/api/pictures/${her.pictureId}`)).status).toBe(200);
  });
});

describe('a picture whose look does not come', () => {
  it('goes with the look that is refused, and after a month where none ever names it', async () => {
    const picture = async () => {
      const id = uuidv7();
      await studio.putBytes(`/api/pictures/${id}`, await examplePicture());
      return id;
    };
    await remove('student', her.id);
    const sent = await picture();
    const look = exampleCheck({ studentId: her.id, setupId: her.setupId, pictureId: sent });
    expect((await studio.put(`/api/checks/${uuidv7()}`, look)).status).toBe(404);
    expect((await studio.get(`/api/pictures/${sent}`)).status).toBe(404);
    // What lies in the bin is none of those.
    expect(existsSync(join(studio.pictureDir, `${her.pictureId}.jpg`))).toBe(true);
    const forgotten = await picture();
    const parts = {
      ...studio,
      dataDir: studio.folder,
      now: () => studio.clock.now,
      onStudentErased: () => undefined,
    };
    studio.clock.now = new Date('2026-03-08T10:00:00.000Z');
    await eraseDue(parts);
    expect((await studio.get(`/api/pictures/${forgotten}`)).status).toBe(200);
    studio.clock.now = new Date('2026-04-02T10:00:01.000Z');
    await eraseDue(parts);
    expect((await studio.get(`/api/pictures/${forgotten}`)).status).toBe(404);
    expect(readdirSync(studio.pictureDir)).toEqual([]);
  });
});
