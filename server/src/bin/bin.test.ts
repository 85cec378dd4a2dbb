import { existsSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import { contentOf, freshFolder } from '../backup/testing/studioContent';
import { restoreBackup } from '../backup/restoreBackup';
import { writeBackup } from '../backup/writeBackup';
import { binPartsOf, post as postTo, takenAway } from '../erase/testing/asking';
import { filesWith, piecesOf, richStudent, type RichStudent } from '../erase/testing/richStudent';
import { exampleCheck, examplePicture } from '../testing/examples';
import { BUILD, openTestStudio, type TestStudio } from '../testing/testStudio';
import { eraseDue, eraseNow } from './eraseNow';

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
      expect(existsSync(join(studio.outboxDir, `${her.checkId}.eml`))).toBe(kind === 'take');
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
    const parts = binPartsOf(studio);
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
    // Mail that lies ready shows them too.
    expect(existsSync(join(studio.outboxDir, `${her.checkId}.eml`))).toBe(false);
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
    const parts = binPartsOf(studio);
    studio.clock.now = new Date('2026-03-08T10:00:00.000Z');
    await eraseDue(parts);
    expect((await studio.get(`/api/pictures/${forgotten}`)).status).toBe(200);
    studio.clock.now = new Date('2026-04-02T10:00:01.000Z');
    await eraseDue(parts);
    expect((await studio.get(`/api/pictures/${forgotten}`)).status).toBe(404);
    expect(readdirSync(studio.pictureDir)).toEqual([]);
  });
});

describe('what belongs together', () => {
  const at = (day: string) => (studio.clock.now = new Date(`2026-${day}T10:00:00.000Z`));
  const mail = () => existsSync(join(studio.outboxDir, `${her.checkId}.eml`));

  it('lets a student come back of whose photographs one was erased by itself meanwhile', async () => {
    at('04-05');
    await remove('picture', her.pictureId);
    at('04-10');
    const student = await remove('student', her.id);
    at('04-13');
    await eraseDue(binPartsOf(studio));
    expect((await post(`/api/bin/${student}/back`)).status).toBe(200);
    expect((await studio.get(`/api/checks/${her.checkId}`)).status).toBe(200);
    expect((await studio.get(`/api/pictures/${her.pictureId}`)).status).toBe(410);
  });

  it('takes mail along that shows a picture, and brings it back with it', async () => {
    for (const [kind, ofId] of [
      ['picture', her.pictureId],
      ['photographs', her.id],
    ] as const) {
      const bin = await remove(kind, ofId);
      expect([kind, mail()]).toEqual([kind, false]);
      expect((await post(`/api/bin/${bin}/back`)).status).toBe(200);
      expect([kind, mail()]).toEqual([kind, true]);
    }
    // A picture that was in no letter takes none along.
    await remove('picture', her.relaxedPictureId);
    expect(mail()).toBe(true);
  });

  it.each(['letter', 'picture'] as const)(
    'does not bring mail back with an older backup when the %s was erased',
    async (kind) => {
      const backup = join(freshFolder(), 'older.zip');
      const madeAt = studio.clock.now.toISOString();
      await writeBackup({ dataDir: studio.folder, to: backup, madeAt, build: BUILD });
      const bin = await remove(kind, kind === 'letter' ? her.checkId : her.pictureId);
      await post(`/api/bin/${bin}/erase`);
      const folder = freshFolder();
      writeFileSync(join(folder, 'erased.json'), JSON.stringify(studio.erased.file));
      await restoreBackup({ dataDir: folder, file: backup, now: studio.clock.now });
      expect((contentOf(folder).checks as unknown[]).length).toBe(1);
      expect(existsSync(join(folder, 'outbox', `${her.checkId}.eml`))).toBe(false);
    },
  );

  it('is erased even if somebody brings it back in the very moment', async () => {
    const bin = await remove('check', her.checkId);
    const add: typeof studio.erased.add = async (ids, upTo) => {
      expect((await post(`/api/bin/${bin}/back`)).status).toBe(200);
      await studio.erased.add(ids, upTo);
    };
    const erased = { ...studio.erased, add };
    await eraseNow({ ...binPartsOf(studio), erased }, [bin]);
    expect(await studio.db('checks').pluck('id')).toEqual([]);
    expect((await studio.get(`/api/checks/${her.checkId}`)).status).toBe(410);
  });
});
