import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import { HEADERS, restorePreviewSchema, restoreStateSchema } from '@open-palm/contract';
import { exampleCheck, freshStudent, studentWithPicture } from '../testing/examples';
import { BUILD, openTestStudio, type TestStudio } from '../testing/testStudio';
import { finishRestore } from './restoreBackup';
import { contentOf, freshFolder, namesIn } from './testing/studioContent';
import { writeBackup } from './writeBackup';

let studio: TestStudio;
let backup: string;
let before: Record<string, unknown>;
beforeEach(async () => {
  studio = await openTestStudio({ removes: false });
  const ids = await studentWithPicture(studio);
  await studio.put(`/api/checks/${uuidv7()}`, exampleCheck(ids));
  await studio.deriver.allSettled();
  backup = join(freshFolder(), 'x.zip');
  const madeAt = studio.clock.now.toISOString();
  await writeBackup({ dataDir: studio.folder, to: backup, madeAt, build: BUILD });
  before = contentOf(studio.folder);
  studio.clock.now = new Date('2026-03-02T11:00:00.000Z');
  await studio.put(`/api/students/${uuidv7()}`, freshStudent({ name: 'Later Comer' }));
});
afterEach(() => studio.close());

const send = (path: string, body?: Uint8Array) =>
  studio.ask(`/api/backups/restore/${path}`, {
    method: 'POST',
    headers: {
      'Content-Type': 'application/octet-stream',
      [HEADERS.build]: BUILD,
      Origin: studio.url,
    },
    ...(body ? { body: body as BodyInit } : {}),
  });
const stateOf = async () =>
  restoreStateSchema.parse((await studio.get('/api/backups/restore')).body);
const settled = async () => {
  for (;;) {
    const state = await stateOf();
    if (state.step !== 'unpacking' && state.step !== 'moving') return state;
  }
};
/** What lies in the folder while something is looked at or put back. */
const passing = () => readdirSync(studio.folder).filter((name) => /backup-work|restore/.test(name));

describe('a backup that is put back from the screen', () => {
  it('is looked at first: when it was made, what it holds, and what came here since', async () => {
    const looked = restorePreviewSchema.parse((await send('look', readFileSync(backup))).body);
    expect(looked).toMatchObject({
      madeAt: '2026-03-02T10:00:00.000Z',
      isOurs: true,
      holds: { students: 1, looks: 1, pictures: 1 },
      since: { looks: 0, edits: 1, pictures: 0 },
    });
    expect((await stateOf()).step).toBe('none');
    expect(passing()).toHaveLength(1);
  });

  it('takes the studio’s place when it is opened again, and what was here is set aside', async () => {
    const { token } = restorePreviewSchema.parse((await send('look', readFileSync(backup))).body);
    const begun = await send(token);
    expect([begun.status, begun.body]).toMatchObject([202, { step: 'unpacking' }]);
    const state = await settled();
    expect(state).toMatchObject({ step: 'done', madeAt: '2026-03-02T10:00:00.000Z' });
    await studio.close();
    expect(await finishRestore(studio.folder)).toBe(true);
    expect(contentOf(studio.folder)).toEqual(before);
    const aside = contentOf(state.aside!) as { students: { name: string }[] };
    expect(aside.students.map(({ name }) => name)).toContain('Later Comer');
    expect(passing()).toEqual([]);
    studio = await openTestStudio({ folder: studio.folder });
  });

  it('may be one that is kept here', async () => {
    await studio.backups.backUp('asked');
    const { name } = (await studio.backups.state()).backups[0]!;
    const looked = await send(`look?name=${name}`);
    expect(looked.body).toMatchObject({ holds: { students: 2 } });
    expect(existsSync(join(studio.folder, 'backups', name))).toBe(true);
    expect((await send('look?name=nothing.zip')).status).toBe(404);
  });

  it.each([
    ['no backup', () => Buffer.from('a letter'), /not whole/],
    [
      'half of one',
      () => {
        const whole = readFileSync(backup);
        return whole.subarray(0, whole.length / 2);
      },
      /not whole/,
    ],
    [
      'one with a turned bit',
      () => {
        const bytes = readFileSync(backup);
        bytes[Math.floor(bytes.length / 3)]! ^= 1;
        return bytes;
      },
      /damaged|not whole/,
    ],
  ])('is refused in words when it is %s, and nothing is left of it', async (_, make, sentence) => {
    const names = namesIn(studio.folder);
    const answer = await send('look', make());
    expect([answer.status, answer.body]).toMatchObject([
      422,
      { error: { code: 'backup', message: expect.stringMatching(sentence) } },
    ]);
    expect(namesIn(studio.folder)).toEqual(names);
  });

  it('is not put back unseen, nor when the file was damaged after it was looked at', async () => {
    expect((await send('f'.repeat(64))).status).toBe(409);
    await studio.backups.backUp('asked');
    const { name } = (await studio.backups.state()).backups[0]!;
    const { token } = (await send(`look?name=${name}`)).body as never as { token: string };
    writeFileSync(join(studio.folder, 'backups', name), 'damaged');
    await send(token);
    expect(await settled()).toMatchObject({
      step: 'failed',
      problem: expect.stringMatching(/Nothing was changed/),
    });
    expect(existsSync(join(studio.folder, 'restore.json'))).toBe(false);
    expect(passing()).toEqual([]);
  });
});
