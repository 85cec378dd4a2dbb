import { v7 as uuidv7 } from 'uuid';
import {
  historySchema,
  studentListSchema,
  type LogEntry,
  type SetupTrack,
  type StudentInput,
} from '@open-palm/contract';
import { exampleCheck, freshStudent, GRIP, studentWithPicture } from '../testing/examples';
import { staleSetups } from '../derive/repo';
import { openTestStudio, type TestStudio } from '../testing/testStudio';

let studio: TestStudio;
let ids: { studentId: string; setupId: string; pictureId: string };
let student: StudentInput;
beforeEach(async () => {
  studio = await openTestStudio();
  ids = await studentWithPicture(studio);
  student = freshStudent();
  student.setups[0]!.id = ids.setupId;
});
afterEach(() => studio.close());

/** Weekly looks, on Wednesdays in winter. */
const week = (i: number) => new Date(Date.UTC(2025, 9, 1 + 7 * i, 15)).toISOString();

const value = (measure: 'indexDepth' | 'thumbIpFlexion', at: number, sd: number) => ({
  measure,
  answer: { kind: 'value' as const, value: at, sd },
});

const look = (i: number, indexDepth: number, more: object = {}) =>
  studio.put(
    `/api/checks/${uuidv7()}`,
    exampleCheck(ids, {
      takenAt: week(i),
      context: 'playing-start',
      captures: [],
      taps: [value('thumbIpFlexion', 35, 8), value('indexDepth', indexDepth, 0.15)],
      ...more,
    }),
  );

const inList = async () => {
  await studio.deriver.allSettled();
  const { students } = studentListSchema.parse((await studio.get('/api/students')).body);
  return students.find((item) => item.student.id === ids.studentId)!;
};
const track = async (): Promise<SetupTrack> => (await inList()).tracks[0]!;
const log = (entry: object) => {
  const id = uuidv7();
  const { studentId, setupId } = ids;
  const whole = { id, studentId, setupId, madeAt: '2026-02-20T10:00:00Z', ...entry } as LogEntry;
  return studio.put(`/api/log/${whole.id}`, whole).then(({ status }) => {
    expect(status).toBe(200);
    return whole.id;
  });
};

/** What differs from week to week without anything having changed. */
const noise = [0.05, -0.08, 0.02, 0.09, -0.04, -0.06, 0.07, 0, -0.03, 0.06, -0.07, 0.03];

describe('how a hold stands over the weeks', () => {
  it('has no look to go by at first, and is due at once', async () => {
    expect(await track()).toMatchObject({ goodInRow: 0, dueOn: null, lastOn: null, drifts: [] });
  });

  it('waits longer with every good look, and comes back after three days from a lapse', async () => {
    const dues: (string | null)[] = [];
    for (const i of [0, 1, 2, 3]) {
      await look(i, 1.5);
      dues.push((await track()).dueOn);
    }
    // A week was managed after the first, so the next is two; then four, and eight.
    expect(dues).toEqual(['2025-10-04', '2025-10-22', '2025-11-12', '2025-12-17']);
    expect(await track()).toMatchObject({ settled: true, goodInRow: 4, lastOn: '2025-10-22' });
    await look(4, 2.4);
    // One bad day of a settled hold is looked at again at once; a second one makes it a lapse.
    expect(await track()).toMatchObject({ last: 'outOnce', settled: true, dueOn: '2025-11-01' });
    await look(5, 2.4);
    expect(await track()).toMatchObject({ last: 'lapse', settled: false, dueOn: '2025-11-08' });
  });

  it('is due on the day of the weekly lesson once there is one', async () => {
    await look(0, 1.5);
    const lesson = { day: 'tuesday', at: '16:00', timeZone: 'Europe/Berlin' } as const;
    await studio.edit(`/api/students/${ids.studentId}`, { ...student, lesson }, 1);
    expect((await track()).dueOn).toBe('2025-10-07');
  });

  it('raises a slide of a settled hold, says since when, and not before', async () => {
    for (const [i, by] of noise.entries()) {
      await look(i, 1.5 + by);
      expect((await track()).drifts).toEqual([]);
    }
    for (const [i, by] of [0.1, 0.17, 0.25, 0.32, 0.34, 0.36, 0.35, 0.36, 0.35].entries()) {
      await look(noise.length + i, 1.5 + by);
    }
    const { drifts } = await track();
    expect(drifts).toEqual([{ series: 'fingers', sinceOn: expect.stringMatching(/^2026-0[123]/) }]);
  });

  it('never calls a planned change drift, whether it was written down or shows in the grip', async () => {
    const slid = [0.34, 0.33, 0.36, 0.35, 0.34, 0.36, 0.35];
    for (const [i, by] of noise.entries()) await look(i, 1.5 + by);
    for (const [i, by] of slid.entries()) await look(noise.length + i, 1.5 + by);
    expect((await track()).drifts).not.toEqual([]);
    await log({ kind: 'planned', why: 'bow', on: week(noise.length).slice(0, 10), word: null });
    expect((await track()).drifts).toEqual([]);

    const other = await studentWithPicture(studio);
    ids = other;
    for (const [i, by] of noise.entries()) await look(i, 1.5 + by);
    for (const [i, by] of slid.entries()) {
      await look(noise.length + i, 1.5 + by, { grip: { ...GRIP, bowSize: '3/4' } });
    }
    expect((await track()).drifts).toEqual([]);
  });

  it('counts a look that was sent late where it belongs', async () => {
    for (const i of [0, 2, 3]) await look(i, 1.5);
    const before = await track();
    await look(1, 2.4);
    expect(before.goodInRow).toBe(3);
    expect((await track()).goodInRow).toBe(2);
  });

  it('gives the whole history of one instrument, oldest first, with what is drawn of it', async () => {
    await look(1, 1.6);
    await look(0, 1.4);
    const { body } = await studio.get(`/api/students/${ids.studentId}/history`);
    const { checks } = historySchema.parse(body);
    expect(checks.map(({ takenAt }) => takenAt)).toEqual([week(0), week(1)]);
    expect(checks[0]!.numbers).toContainEqual([
      'indexDepth',
      null,
      1.4,
      0.15,
      expect.closeTo(1.1, 5),
      expect.closeTo(1.9, 5),
      'in',
    ]);
    expect(checks[0]!.contacts.fingers.index?.u).toBe(1.4);
  });

  it('judges nothing where bands do not fit the hand', async () => {
    await look(0, 2.6, { grip: { ...GRIP, bandsOff: true } });
    const { standings } = await inList();
    expect(standings).toMatchObject({ fingers: 'none', thumb: 'none' });
  });
});

describe('a studio from before standings were kept', () => {
  const tracking = { name: '20261126090000_tracking' };
  const factsFirst = { name: '20261129110000_facts_first' };

  it('has the numbers of its looks, its flags and its standings again', async () => {
    for (const [i, by] of noise.entries()) await look(i, 1.5 + by);
    await log({ kind: 'hurt', what: 'pain', word: null });
    const before = await inList();
    await studio.db.migrate.down(factsFirst);
    await studio.db.migrate.down(tracking);
    await studio.db.migrate.up(tracking);
    await studio.db.migrate.up(factsFirst);
    expect(await staleSetups(studio.db)).toEqual([ids.setupId]);
    await studio.deriver.allSettled();
    expect(await inList()).toEqual(before);
    expect(before.open.map(({ kind }) => kind)).toEqual(['hurt']);
    expect(before.tracks[0]!.settled).toBe(true);
  });
});

describe('what is open with a student', () => {
  it('shows a promise until it is ticked off, and again when that was a mistake', async () => {
    const promise = await log({ kind: 'promise', words: 'Shorter nails', due: '2026-03-09' });
    const open = async () => (await inList()).open.filter(({ kind }) => kind === 'promise');
    expect(await open()).toMatchObject([{ words: 'Shorter nails', due: '2026-03-09' }]);
    const state = (to: string, hour: number) =>
      log({ kind: 'promiseState', of: promise, state: to, madeAt: `2026-02-21T1${hour}:00:00Z` });
    await state('kept', 0);
    expect(await open()).toEqual([]);
    await state('open', 1);
    expect(await open()).toHaveLength(1);
  });

  it('keeps an aid open until the last step of doing without it', async () => {
    const aid = await log({
      kind: 'aid',
      aid: 'finger-loop',
      from: '2026-02-01',
      off: '2026-03-08',
    });
    await log({ kind: 'aidStep', of: aid, step: 1, done: true });
    const open = async () => (await inList()).open.map(({ kind }) => kind).sort();
    expect(await open()).toEqual(['aid', 'aidStep']);
    await log({ kind: 'aidStep', of: aid, step: 3, done: true });
    expect(await open()).toEqual([]);
  });

  it('takes what ends something before what begins it', async () => {
    const promise = uuidv7();
    await log({ kind: 'promiseState', of: promise, state: 'kept' });
    await log({ id: promise, kind: 'promise', words: 'New bow', due: '2026-03-09' });
    expect((await inList()).open).toEqual([]);
  });

  it('refuses an aid that ends before it starts, and a day that is none', async () => {
    const { studentId, setupId } = ids;
    const id = uuidv7();
    const shared = { id, studentId, setupId, madeAt: '2026-02-20T10:00:00Z' };
    const put = async (entry: object) =>
      (await studio.put(`/api/log/${id}`, { ...shared, ...entry })).body;
    expect(
      await put({ kind: 'aid', aid: 'finger-loop', from: '2026-03-08', off: '2026-03-01' }),
    ).toMatchObject({ error: { where: 'off' } });
    expect(await put({ kind: 'promise', words: 'x', due: '2026-02-30' })).toMatchObject({
      error: { where: 'due' },
    });
  });
});
