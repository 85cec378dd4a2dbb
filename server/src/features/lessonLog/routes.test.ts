import { v7 as uuidv7 } from 'uuid';
import { handFileSchema, type LogEntry } from '@open-palm/contract';
import {
  exampleCheck,
  freshStudent,
  studentWithPicture,
  type ExampleIds,
} from '../../testing/examples';
import { openTestStudio, type TestStudio } from '../../testing/testStudio';

let studio: TestStudio;
let ids: ExampleIds;
beforeEach(async () => {
  studio = await openTestStudio();
  ids = await studentWithPicture(studio);
});
afterEach(() => studio.close());

const shared = (day = 1) => ({
  id: uuidv7(),
  studentId: ids.studentId,
  setupId: ids.setupId,
  madeAt: `2026-03-0${day}T15:30:00.000Z`,
});

const worked = (): LogEntry => ({
  ...shared(),
  kind: 'cue',
  checkId: uuidv7(),
  cause: 'thumbOnItsPad',
  cue: 'seat-nail-corner',
  outcome: 'worked',
});

const put = (entry: LogEntry, id = entry.id) => studio.put(`/api/log/${id}`, entry);
const handFile = async (setupId = ids.setupId) =>
  handFileSchema.parse((await studio.get(`/api/students/${ids.studentId}?setup=${setupId}`)).body);

describe('the lesson log', () => {
  it('keeps what was said and what came of it, newest first in the hand file', async () => {
    const said = worked();
    const ownCue: LogEntry = {
      ...shared(2),
      kind: 'ownCue',
      cause: 'thumbOnItsPad',
      words: 'Kiss it',
    };
    for (const entry of [said, ownCue]) expect((await put(entry)).status).toBe(200);
    const { log, ownCues } = await handFile();
    expect(log).toEqual([ownCue, said]);
    expect(ownCues).toEqual([{ id: ownCue.id, cause: 'thumbOnItsPad', words: 'Kiss it' }]);
  });

  it('keeps an entry once, however often it comes, and refuses another under its id', async () => {
    const entry = worked();
    expect((await put(entry)).body).toEqual((await put(entry)).body);
    expect((await handFile()).log).toHaveLength(1);
    const other = { ...entry, outcome: 'notYet' } as LogEntry;
    expect((await put(other)).status).toBe(409);
    expect((await handFile()).log).toEqual([entry]);
  });

  it('shows a flag that it hurts on every instrument, and until it is cleared', async () => {
    const viola = { ...freshStudent().setups[0]!, instrument: 'viola' as const };
    const student = freshStudent();
    const violin = { ...student.setups[0]!, id: ids.setupId };
    const both = { ...student, setups: [violin, viola] };
    await studio.edit(`/api/students/${ids.studentId}`, both, 1);
    const hurt: LogEntry = { ...shared(), kind: 'hurt', what: 'pain', word: null };
    await put(hurt);
    await put(worked());
    expect((await handFile(viola.id)).log).toEqual([hurt]);
    const cleared: LogEntry = { ...shared(3), kind: 'cleared', hurt: hurt.id };
    await put(cleared);
    expect((await handFile(viola.id)).log).toEqual([cleared, hurt]);
  });

  it('keeps the five placements of a re-form test whole', async () => {
    const xMm = { thumb: 2, index: 26, middle: 6, ring: -9, little: -27 };
    const placements = [3, 4, 5, 4, 3].map((seconds) => ({ seconds, xMm }));
    const entry: LogEntry = {
      ...shared(),
      kind: 'test',
      checkId: null,
      test: 're-form',
      result: { placements },
    };
    await put(entry);
    expect((await handFile()).log).toEqual([entry]);
  });

  it('refuses what it does not know, says where, and changes nothing', async () => {
    const entry = worked();
    const refused = async (change: object) =>
      (await put({ ...entry, ...change } as LogEntry, entry.id)).body;
    expect(await refused({ cause: 'gremlins' })).toMatchObject({ error: { where: 'cause' } });
    expect(await refused({ outcome: 'maybe' })).toMatchObject({ error: { where: 'outcome' } });
    expect(await refused({ studentId: uuidv7() })).toMatchObject({ error: { where: 'studentId' } });
    expect(await refused({ setupId: uuidv7() })).toMatchObject({ error: { where: 'setupId' } });
    expect(await refused({ id: uuidv7() })).toMatchObject({ error: { where: 'id' } });
    expect((await handFile()).log).toEqual([]);
  });
});

describe('two devices that look at one student at once', () => {
  it('both looks are kept, and both are shown', async () => {
    const [first, second] = [uuidv7(), uuidv7()];
    const answers = await Promise.all(
      [first, second].map((id) => studio.put(`/api/checks/${id}`, exampleCheck(ids))),
    );
    expect(answers.map(({ status }) => status)).toEqual([200, 200]);
    const { history } = await handFile();
    expect(history.map(({ id }) => id).sort()).toEqual([first, second].sort());
  });
});

describe('signs that only a person sees', () => {
  it('stand in the hand file from the newest look that told of each', async () => {
    const look = (day: number, signs: Record<string, boolean>) =>
      studio.put(
        `/api/checks/${uuidv7()}`,
        exampleCheck(ids, { takenAt: `2026-03-0${day}T15:30:00.000Z`, signs }),
      );
    await look(1, { handSqueezes: true, tipDrops: true });
    await look(2, { handSqueezes: false });
    expect((await handFile()).signs).toEqual({ handSqueezes: false, tipDrops: true });
  });

  it('are enough for a look, with what was not ready', async () => {
    const id = uuidv7();
    const readiness = [{ item: 'nails' as const, state: 'long', word: 'left hand too' }];
    const input = exampleCheck(ids, { captures: [], signs: { nailsLong: true }, readiness });
    expect((await studio.put(`/api/checks/${id}`, input)).status).toBe(200);
    const kept = (await studio.get(`/api/checks/${id}`)).body;
    expect(kept).toMatchObject({ signs: { nailsLong: true }, readiness, measures: [] });
    const wrong = exampleCheck(ids, {
      readiness: [{ item: 'nails', state: 'purple', word: null }],
    });
    expect((await studio.put(`/api/checks/${uuidv7()}`, wrong)).body).toMatchObject({
      error: { where: 'readiness[0].state' },
    });
  });
});
