import { v7 as uuidv7 } from 'uuid';
import { handFileSchema, studentListSchema } from '@open-palm/contract';
import { exampleCheck, STUDENT, studentWithPicture } from '../../testing/examples';
import { openTestStudio, type TestStudio } from '../../testing/testStudio';

let studio: TestStudio;
beforeAll(async () => (studio = await openTestStudio()));
afterAll(() => studio.close());

describe('students', () => {
  it('keeps a student under the client’s id and gives the same answer to a repeated write', async () => {
    const id = uuidv7();
    const first = await studio.put(`/api/students/${id}`, STUDENT);
    const again = await studio.put(`/api/students/${id}`, STUDENT);
    expect(first.status).toBe(200);
    expect(again.body).toEqual(first.body);
    const { students } = studentListSchema.parse((await studio.get('/api/students')).body);
    expect(students.filter((item) => item.student.id === id)).toHaveLength(1);
  });

  it('changes what is written down of a student', async () => {
    const id = uuidv7();
    await studio.put(`/api/students/${id}`, STUDENT);
    await studio.put(`/api/students/${id}`, { ...STUDENT, frogLengthMm: 47.5 });
    const handFile = handFileSchema.parse((await studio.get(`/api/students/${id}`)).body);
    expect(handFile.student.frogLengthMm).toBe(47.5);
  });

  it.each([
    ['an empty name', { ...STUDENT, name: '  ' }, 'name', /a name is needed/],
    ['a frog of −46 mm', { ...STUDENT, frogLengthMm: -46 }, 'frogLengthMm', /between 20 and 80 mm/],
    ['an unknown hold', { ...STUDENT, holdId: 'banjo' }, 'holdId', /violin-shallow/],
    [
      'a hold of another instrument',
      { ...STUDENT, instrument: 'cello' },
      'holdId',
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

describe('the hand file', () => {
  it('holds the newest value of every measure and the one before it', async () => {
    const { studentId, pictureId } = await studentWithPicture(studio);
    const early = exampleCheck(studentId, pictureId, { takenAt: '2026-02-01T15:30:00.000Z' });
    const late = exampleCheck(studentId, pictureId, { takenAt: '2026-02-20T15:30:00.000Z' });
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
    const index = handFile.lastSeen.find(({ latest }) => latest.measure.id === 'indexDepth')!;
    expect(index.previous!.measure.value).toBeCloseTo(1.5, 9);
    expect(index.latest.measure.value).toBeGreaterThan(2);
    expect(index.latest.measure.verdict).toBe('high');
    expect(handFile.standings.fingers).toBe('out');
    expect(handFile.contacts.fingers.index!.u).toBeCloseTo(index.latest.measure.value as number, 9);
    expect(handFile.contacts.thumbXMm).toBeNull();
  });

  it('is empty, not an error, for a student never looked at', async () => {
    const id = uuidv7();
    await studio.put(`/api/students/${id}`, STUDENT);
    const handFile = handFileSchema.parse((await studio.get(`/api/students/${id}`)).body);
    expect(handFile.history).toEqual([]);
    expect(handFile.standings).toEqual({
      thumb: 'notSeen',
      fingers: 'notSeen',
      little: 'notSeen',
      wrist: 'notSeen',
    });
  });
});
