import { existsSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import { backupStateSchema, type BackupState } from '@open-palm/contract';
import { exampleCheck, exampleNote, freshStudent, studentWithPicture } from '../testing/examples';
import { BUILD, openTestStudio, ZONE, type TestStudio } from '../testing/testStudio';
import { BackupProblem } from './backupProblem';
import { openKeeper, type KeeperParts } from './keeper';
import { runInline } from './runBackup';

let studio: TestStudio;
beforeEach(async () => (studio = await openTestStudio()));
afterEach(() => studio.close());

const stateOf = async () => backupStateSchema.parse((await studio.get('/api/backups')).body);
/** Asks for one, and waits until it is made. */
async function ask(): Promise<BackupState> {
  const { status } = await studio.ask('/api/backups', {
    method: 'POST',
    headers: { Origin: studio.url, 'Open-Palm-Build': BUILD },
  });
  expect(status).toBe(202);
  for (;;) {
    const state = await stateOf();
    if (!state.isBusy) return state;
  }
}

describe('backups of a studio', () => {
  it('are made when asked for, listed, and given as they lie there', async () => {
    expect(await stateOf()).toMatchObject({
      backups: [],
      since: null,
      isDaily: false,
      sameDisk: true,
      failed: null,
    });
    const ids = await studentWithPicture(studio);
    await studio.put(`/api/checks/${uuidv7()}`, exampleCheck(ids));
    const made = await ask();
    expect(made.backups).toMatchObject([
      { name: 'open-palm-2026-03-02-100000.zip', kind: 'asked', holds: { looks: 1, pictures: 1 } },
    ]);
    expect(made.since).toEqual({ looks: 0, notes: 0, edits: 0, pictures: 0 });
    const { headers, body, status } = await studio.get(
      `/api/backups/kept/${made.backups[0]!.name}`,
    );
    expect(status).toBe(200);
    expect(headers.get('content-disposition')).toContain(made.backups[0]!.name);
    expect((body as unknown as ArrayBuffer).byteLength).toBe(made.backups[0]!.bytes);
  });

  it('tell what came since the last one', async () => {
    const ids = await studentWithPicture(studio);
    await ask();
    studio.clock.now = new Date('2026-03-02T11:00:00.000Z');
    await studio.put(`/api/checks/${uuidv7()}`, exampleCheck(ids));
    const note = exampleNote(ids);
    await studio.put(`/api/log/${note.id}`, note);
    expect((await stateOf()).since).toMatchObject({ looks: 1, notes: 1, pictures: 0 });
  });

  it.each([
    'nothing.zip',
    'open-palm-2026-03-02-100001.zip',
    '..%2Fstudio.sqlite',
    'manifest.json',
  ])('give no other file: %s', async (name) => {
    await ask();
    expect((await studio.get(`/api/backups/kept/${name}`)).status).toBe(404);
  });

  it('name a file that was a backup once and cannot be read', async () => {
    await studio.put(`/api/students/${uuidv7()}`, freshStudent());
    await ask();
    writeFileSync(join(studio.folder, 'backups', 'open-palm-daily-2026-03-01.zip'), 'damaged');
    expect(await stateOf()).toMatchObject({
      unreadable: ['open-palm-daily-2026-03-01.zip'],
      backups: [{ kind: 'asked' }],
    });
  });
});

describe('a backup a day', () => {
  const keeper = (more: Partial<KeeperParts> = {}) =>
    openKeeper({
      reader: studio.reader,
      dataDir: studio.folder,
      folder: join(studio.folder, 'backups'),
      build: BUILD,
      run: runInline,
      erased: studio.erased,
      now: () => studio.clock.now,
      zone: () => ZONE,
      log: () => undefined,
      ...more,
    });
  /** Has it look once, as at a start. */
  async function look(more: Partial<KeeperParts> = {}): Promise<string[]> {
    const runs: Promise<unknown>[] = [];
    const run: KeeperParts['run'] = {
      ...runInline,
      make(order) {
        const made = runInline.make(order);
        runs.push(made);
        return made;
      },
    };
    const one = keeper({ ...more, run });
    await one.lookWhetherDue().catch(() => undefined);
    await Promise.allSettled(runs);
    await one.close();
    const folder = join(studio.folder, 'backups');
    return existsSync(folder) ? readdirSync(folder).sort() : [];
  }

  it('is made once, and only where there is something new', async () => {
    expect(await look()).toEqual([]);
    const ids = await studentWithPicture(studio);
    expect(await look()).toEqual(['open-palm-daily-2026-03-02.zip']);
    expect(await look()).toHaveLength(1);
    studio.clock.now = new Date('2026-03-03T10:00:00.000Z');
    expect(await look()).toHaveLength(1);
    await studio.put(`/api/checks/${uuidv7()}`, exampleCheck(ids));
    expect(await look()).toEqual([
      'open-palm-daily-2026-03-02.zip',
      'open-palm-daily-2026-03-03.zip',
    ]);
  });

  it('is of the day that the studio’s calendar has', async () => {
    await studentWithPicture(studio);
    studio.clock.now = new Date('2026-03-02T23:30:00.000Z');
    expect(await look()).toEqual(['open-palm-daily-2026-03-03.zip']);
  });

  it('that cannot be made is told until one can', async () => {
    await studentWithPicture(studio);
    let isFull = true;
    const one = keeper({
      run: {
        ...runInline,
        make: (order) =>
          isFull ? Promise.reject(new BackupProblem('The disk is full.')) : runInline.make(order),
      },
    });
    await expect(one.lookWhetherDue()).rejects.toThrow('The disk is full.');
    expect((await one.state()).failed).toBe('The disk is full.');
    one.start();
    while ((await one.state()).isBusy);
    expect((await one.state()).failed).toBe('The disk is full.');
    isFull = false;
    await one.backUp('asked');
    expect((await one.state()).failed).toBeNull();
    await one.close();
  });
});
