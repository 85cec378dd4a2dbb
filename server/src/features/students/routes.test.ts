import { v7 as uuidv7 } from 'uuid';
import { handFileSchema, inputOf, studentListSchema, type DatedMeasure } from '@open-palm/contract';
import type { Place } from '@open-palm/core/measure';
import { exampleCheck, freshStudent, studentWithPicture } from '../../testing/examples';
import { openTestStudio, type TestStudio } from '../../testing/testStudio';

let studio: TestStudio;
beforeAll(async () => (studio = await openTestStudio()));
afterAll(() => studio.close());

const STUDENT = freshStudent();
/** The example student with something else written down of the instrument. */
const withSetup = (change: object) => ({
  ...STUDENT,
  setups: [{ ...STUDENT.setups[0]!, ...change }],
});

describe('students', () => {
  it('keeps a student under the client’s id and gives the same answer to a repeated write', async () => {
    const id = uuidv7();
    const student = freshStudent();
    const first = await studio.put(`/api/students/${id}`, student);
    const again = await studio.put(`/api/students/${id}`, student);
    expect(first.status).toBe(200);
    expect(again.body).toEqual(first.body);
    const { students } = studentListSchema.parse((await studio.get('/api/students')).body);
    expect(students.filter((item) => item.student.id === id)).toHaveLength(1);
  });

  it('changes what is written down of a student', async () => {
    const id = uuidv7();
    const student = freshStudent();
    await studio.put(`/api/students/${id}`, student);
    const ownBow = { frogLengthMm: 47.5, bowMassG: 58.5, bowBalanceMm: 238 };
    const changed = { ...student, setups: [{ ...student.setups[0]!, ...ownBow }] };
    await studio.edit(`/api/students/${id}`, changed, 1);
    const handFile = handFileSchema.parse((await studio.get(`/api/students/${id}`)).body);
    expect(handFile.student).toEqual({ id, ...changed, version: 2 });
  });

  it.each([
    ['an empty name', { ...STUDENT, name: '  ' }, 'name', /a name is needed/],
    [
      'a frog of −46 mm',
      withSetup({ frogLengthMm: -46 }),
      'setups[0].frogLengthMm',
      /between 20 and 80 mm/,
    ],
    [
      'a bow without weight',
      withSetup({ bowMassG: 0 }),
      'setups[0].bowMassG',
      /between 15 and 300 g/,
    ],
    ['a bow of 5 kg', withSetup({ bowMassG: 5000 }), 'setups[0].bowMassG', /between 15 and 300 g/],
    [
      'a bow that balances beyond its end',
      withSetup({ bowBalanceMm: 800 }),
      'setups[0].bowBalanceMm',
      /beyond the end of such a bow, about 760 mm/,
    ],
    ['an unknown hold', withSetup({ holdId: 'banjo' }), 'setups[0].holdId', /violin-shallow/],
    ['no instrument', { ...STUDENT, setups: [] }, 'setups', /setups: is empty/],
    [
      'the same instrument twice',
      { ...STUDENT, setups: [STUDENT.setups[0]!, STUDENT.setups[0]!] },
      'setups',
      /the same id/,
    ],
    [
      'a hold of another instrument',
      withSetup({ instrument: 'cello' }),
      'setups[0].holdId',
      /belongs to another instrument/,
    ],
    ['an unknown field', { ...STUDENT, shoeSize: 38 }, 'body', /shoeSize/],
  ])(
    'refuses %s, saying what and where, and keeps nothing',
    async (_what, body, where, message) => {
      const id = uuidv7();
      const answer = await studio.put(`/api/students/${id}`, body);
      expect(answer.status).toBe(400);
      expect(answer.body).toEqual({
        error: { code: 'malformed', message: expect.stringMatching(message), where },
      });
      expect((await studio.get(`/api/students/${id}`)).status).toBe(404);
    },
  );

  it('refuses ids that are not UUIDs of version 7, and bodies that are not JSON', async () => {
    const bad = await studio.put('/api/students/12', STUDENT);
    expect(bad.body).toMatchObject({ error: { where: 'id' } });
    const broken = await studio.put(`/api/students/${uuidv7()}`, '{"name": "Wil');
    expect(broken.status).toBe(400);
    expect(broken.body).toMatchObject({ error: { code: 'notJson', where: 'body' } });
  });

  it('says clearly that a student is not known', async () => {
    const answer = await studio.get(`/api/students/${uuidv7()}`);
    expect(answer.status).toBe(404);
    expect(answer.body).toMatchObject({
      error: { code: 'notFound', message: 'There is no student with this id.', where: 'id' },
    });
  });
});

const numberOf = ({ merged: { measure } }: DatedMeasure): number =>
  measure.kind === 'number' ? measure.value : NaN;

describe('the hand file', () => {
  it('holds the newest value of every measure and the one before it', async () => {
    const ids = await studentWithPicture(studio);
    const { studentId } = ids;
    const early = exampleCheck(ids, { takenAt: '2026-02-01T15:30:00.000Z' });
    const late = exampleCheck(ids, { takenAt: '2026-02-20T15:30:00.000Z' });
    // The index has sunk: its DIP and tip lie further past the stick.
    const points = late.captures[0]!.points;
    for (const name of ['indexPip', 'indexDip', 'indexTip'] as const) {
      points[name] = { ...points[name]!, y: points[name]!.y + 25 };
    }
    // Sent in the wrong order: what counts is when it was taken.
    await studio.put(`/api/checks/${uuidv7()}`, late);
    await studio.put(`/api/checks/${uuidv7()}`, early);
    const handFile = handFileSchema.parse((await studio.get(`/api/students/${studentId}`)).body);
    expect(handFile.history.map((check) => check.takenAt)).toEqual([late.takenAt, early.takenAt]);
    const index = handFile.lastSeen.find(
      ({ latest }) => latest.merged.measure.id === 'indexDepth',
    )!;
    expect(numberOf(index.previous!)).toBeCloseTo(1.5, 9);
    expect(numberOf(index.latest)).toBeGreaterThan(2);
    expect(index.latest.merged.measure.verdict).toBe('high');
    expect(handFile.standings.fingers).toBe('out');
    expect(handFile.contacts.fingers.index!.u).toBeCloseTo(numberOf(index.latest), 9);
    expect(handFile.contacts.thumbXMm).toBeNull();
  });

  it('is empty, not an error, for a student never looked at', async () => {
    const id = uuidv7();
    await studio.put(`/api/students/${id}`, freshStudent());
    const handFile = handFileSchema.parse((await studio.get(`/api/students/${id}`)).body);
    expect(handFile.history).toEqual([]);
    expect(handFile.standings).toEqual({
      thumb: 'notSeen',
      fingers: 'notSeen',
      little: 'notSeen',
      wrist: 'notSeen',
    });
  });

  it('keeps the instruments apart, each with its own history', async () => {
    const { studentId, setupId, pictureId } = await studentWithPicture(studio);
    const viola = { ...STUDENT.setups[0]!, id: uuidv7(), instrument: 'viola' as const };
    const { student } = handFileSchema.parse((await studio.get(`/api/students/${studentId}`)).body);
    const input = inputOf({ ...student, setups: [...student.setups, viola] });
    expect((await studio.edit(`/api/students/${studentId}`, input, 1)).status).toBe(200);
    const violaCheck = exampleCheck({ studentId, setupId: viola.id, pictureId });
    await studio.put(`/api/checks/${uuidv7()}`, violaCheck);
    const fileOf = async (query: string) =>
      handFileSchema.parse((await studio.get(`/api/students/${studentId}${query}`)).body);
    expect(await fileOf('')).toMatchObject({ setupId, history: [], lastSeen: [] });
    const onViola = await fileOf(`?setup=${viola.id}`);
    expect(onViola).toMatchObject({ setupId: viola.id, history: [{ taps: 0 }] });
    expect(onViola.history[0]!.pictures).toEqual([
      { id: pictureId, view: 'finger-side', place: null },
    ]);
    const other = await studio.get(`/api/students/${studentId}?setup=${uuidv7()}`);
    expect(other).toMatchObject({ status: 404, body: { error: { where: 'setup' } } });
  });

  it('keeps the checks of an instrument that is no longer played', async () => {
    const ids = await studentWithPicture(studio);
    const checkId = uuidv7();
    await studio.put(`/api/checks/${checkId}`, exampleCheck(ids));
    await studio.edit(`/api/students/${ids.studentId}`, freshStudent(), 1);
    expect((await studio.get(`/api/checks/${checkId}`)).status).toBe(200);
    const handFile = handFileSchema.parse(
      (await studio.get(`/api/students/${ids.studentId}`)).body,
    );
    expect(handFile.student.setups).toHaveLength(1);
    expect(handFile.history).toEqual([]);
  });

  it('tells the wrist of each place apart, and other measures by their newest value', async () => {
    const ids = await studentWithPicture(studio);
    const wrist = (takenAt: string, place: Place, value: number) =>
      exampleCheck(ids, {
        takenAt,
        captures: [],
        taps: [{ measure: 'wristFlexion', answer: { kind: 'value', value, sd: 8 }, place }],
      });
    await studio.put(`/api/checks/${uuidv7()}`, wrist('2026-02-01T15:30:00.000Z', 'heel', 20));
    await studio.put(`/api/checks/${uuidv7()}`, wrist('2026-02-08T15:30:00.000Z', 'point', -20));
    const { lastSeen } = handFileSchema.parse(
      (await studio.get(`/api/students/${ids.studentId}`)).body,
    );
    expect(lastSeen.map(({ latest }) => [latest.merged.place, numberOf(latest)])).toEqual([
      ['heel', 20],
      ['point', -20],
    ]);
  });

  it('refuses an instrument that belongs to another student', async () => {
    const id = uuidv7();
    await studio.put(`/api/students/${uuidv7()}`, STUDENT);
    const answer = await studio.put(`/api/students/${id}`, STUDENT);
    expect(answer).toMatchObject({ status: 409, body: { error: { where: 'setups' } } });
    expect((await studio.get(`/api/students/${id}`)).status).toBe(404);
  });
});
