import { request } from 'node:http';
import fc from 'fast-check';
import { v7 as uuidv7 } from 'uuid';
import {
  checkSchema,
  crossingListSchema,
  handFileSchema,
  HEADERS,
  letterSchema,
  leftOutOf,
  studentListSchema,
  ownHoldListSchema,
  takeListSchema,
} from '@open-palm/contract';
import { holdById } from '@open-palm/core/holds';
import {
  exampleCheck,
  freshStudent,
  studentWithPicture,
  type ExampleIds,
} from './testing/examples';
import { BUILD, openTestStudio, type TestStudio } from './testing/testStudio';

let studio: TestStudio;
let ids: ExampleIds;
beforeAll(async () => {
  studio = await openTestStudio();
  ids = await studentWithPicture(studio);
});
afterAll(() => studio.close());

const note = (more: object = {}) => ({
  id: uuidv7(),
  studentId: ids.studentId,
  setupId: ids.setupId,
  madeAt: '2026-03-01T15:31:00Z',
  kind: 'promise',
  words: 'Shorter nails',
  due: '2026-03-09',
  ...more,
});
const list = async () => studentListSchema.parse((await studio.get('/api/students')).body);
const handFile = async () =>
  handFileSchema.parse((await studio.get(`/api/students/${ids.studentId}`)).body);

describe('what is taken', () => {
  it.each([
    ['a note dated year 9999', () => note({ due: '9999-12-31' }), 'due'],
    ['a note made in year 1', () => note({ madeAt: '0001-01-01T00:00:00Z' }), 'madeAt'],
    ['a year of six digits', () => note({ due: '+010000-01-01' }), 'due'],
  ])('is not %s, and everybody’s Today stays readable', async (_what, make, where) => {
    const entry = make();
    const answer = await studio.put(`/api/log/${entry.id}`, entry);
    expect(answer).toMatchObject({ status: 400, body: { error: { where } } });
    expect(leftOutOf((await list()).students)).toBe(0);
  });

  it('is not a number beyond anything that can be measured', async () => {
    const check = exampleCheck(ids);
    check.captures[0]!.points.indexTip!.sigma = 1e30;
    const answer = await studio.put(`/api/checks/${uuidv7()}`, check);
    expect(answer).toMatchObject({
      status: 400,
      body: { error: { where: expect.stringContaining('sigma') } },
    });
  });

  it('can be read by the app’s own schemas, whatever it was', async () => {
    const text = (most: number) =>
      fc.string({ minLength: 1, maxLength: most, unit: 'grapheme' }).filter((t) => t.trim() !== '');
    const instant = fc
      .date({ min: new Date('1900-01-02'), max: new Date('2200-12-30'), noInvalidDate: true })
      .map((date) => date.toISOString());
    const number = fc.double({ min: -100_000, max: 100_000, noNaN: true });
    const entries = fc.oneof(
      fc.record({
        kind: fc.constant('promise'),
        words: text(200),
        due: instant.map((at) => at.slice(0, 10)),
      }),
      fc.record({
        kind: fc.constant('hurt'),
        what: fc.constantFrom('pain', 'numb'),
        word: fc.option(text(400)),
      }),
      fc.record({
        kind: fc.constant('ownCue'),
        cause: fc.constant('padOfThumb'),
        words: text(200),
      }),
    );
    const looks = fc.record({
      takenAt: instant,
      context: fc.constantFrom('free', 'heel', 'playing-start'),
      taps: fc.array(
        fc.record({
          measure: fc.constantFrom('indexDepth', 'thumbIpFlexion', 'bowSkew'),
          answer: fc.record({
            kind: fc.constant('value'),
            value: number,
            sd: fc.double({ min: 1e-6, max: 100_000, noNaN: true }),
          }),
        }),
        { minLength: 1, maxLength: 3 },
      ),
    });
    const takes = fc.record({
      takenAt: instant,
      values: fc.array(fc.option(fc.double({ min: -180, max: 180, noNaN: true })), {
        minLength: 4,
        maxLength: 12,
      }),
      stepS: fc.double({ min: 0.01, max: 0.5, noNaN: true }),
    });
    const letters = fc.record({
      title: text(200),
      opening: text(1000),
      points: fc.array(text(1000), { minLength: 1, maxLength: 6 }),
      closing: text(1000),
      caution: text(1000),
      captions: fc.array(text(200), { maxLength: 12 }),
    });
    const crossings = fc.record({
      seenAt: instant,
      strings: fc
        .constantFrom('dropped', 'level', 'raised')
        .map((elbow) => ['G', 'D', 'A', 'E'].map((string) => ({ string, elbow }))),
    });
    const holdNames = text(60);
    const letterOf = uuidv7();
    await studio.put(`/api/checks/${letterOf}`, exampleCheck(ids));
    let letterVersion = 0;
    let taken = 0;
    await fc.assert(
      fc.asyncProperty(
        entries,
        looks,
        takes,
        text(80),
        letters,
        crossings,
        holdNames,
        async (entry, look, take, name, letter, crossing, holdName) => {
          const [id, checkId, takeId, studentId, holdId] = Array.from({ length: 5 }, () =>
            uuidv7(),
          ) as [string, string, string, string, string];
          const answers = await Promise.all([
            studio.put(`/api/log/${id}`, {
              ...note(),
              words: undefined,
              due: undefined,
              ...entry,
              id,
            }),
            studio.put(`/api/checks/${checkId}`, { ...exampleCheck(ids), captures: [], ...look }),
            studio.put(`/api/takes/${takeId}`, {
              studentId: ids.studentId,
              setupId: ids.setupId,
              takenAt: take.takenAt,
              context: 'playing-start',
              source: 'csv',
              series: {
                timesS: take.values.map((_, i) => i * take.stepS),
                channels: { wristFlexion: take.values },
              },
              cuts: null,
            }),
            studio.put(`/api/students/${studentId}`, { ...freshStudent(), name }),
            studio.edit(`/api/letters/${letterOf}`, letter, letterVersion),
            studio.put(`/api/crossings/${uuidv7()}`, {
              studentId: ids.studentId,
              setupId: ids.setupId,
              ...crossing,
            }),
            studio.put(`/api/holds/${holdId}`, {
              ...holdById('violin-shallow'),
              id: holdId,
              version: 1,
              own: { basedOn: 'violin-shallow', name: holdName },
            }),
          ]);
          if (answers[4]!.status === 200) {
            letterVersion = letterSchema.parse(
              (await studio.get(`/api/letters/${letterOf}`)).body,
            ).version;
          }
          const seen = (await studio.get(`/api/crossings?setup=${ids.setupId}`)).body;
          expect(leftOutOf(crossingListSchema.parse(seen).crossings)).toBe(0);
          const own = (await studio.get('/api/holds')).body;
          expect(leftOutOf(ownHoldListSchema.parse(own).holds)).toBe(0);
          // Whatever is refused is refused with words, and never as a fault of the studio.
          for (const { status } of answers) expect([200, 400]).toContain(status);
          taken += answers.filter(({ status }) => status === 200).length;
          const { students } = await list();
          expect(leftOutOf(students)).toBe(0);
          for (const { open, tracks } of students)
            expect(leftOutOf(open) + leftOutOf(tracks)).toBe(0);
          const file = await handFile();
          expect([file.log, file.history, file.lastSeen, file.ownCues].map(leftOutOf)).toEqual([
            0, 0, 0, 0,
          ]);
          if (answers[1]!.status === 200) {
            checkSchema.parse((await studio.get(`/api/checks/${checkId}`)).body);
          }
          const strokes = (await studio.get(`/api/takes?setup=${ids.setupId}`)).body;
          expect(leftOutOf(takeListSchema.parse(strokes).takes)).toBe(0);
        },
      ),
      { numRuns: 25, seed: 20261129 },
    );
    expect(taken).toBeGreaterThan(100);
  });
});

describe('what is read', () => {
  it('leaves one bad row out, says so, and takes no list down with it', async () => {
    const other = await openTestStudio();
    const [good, bad] = [await studentWithPicture(other), await studentWithPicture(other)];
    await other.deriver.allSettled();
    await other.db('students').where({ id: bad.studentId }).update({ lesson_json: '{broken' });
    const entry = { ...note(), studentId: good.studentId, setupId: good.setupId };
    await other.put(`/api/log/${entry.id}`, entry);
    await other.db('log_entries').where({ id: entry.id }).update({ body_json: '{"kind":' });
    const answer = studentListSchema.parse((await other.get('/api/students')).body);
    expect(answer.students.map(({ student }) => student.id)).toEqual([good.studentId]);
    expect(answer.unreadable).toBe(2);
    const file = await other.get(`/api/students/${good.studentId}`);
    expect(file.status).toBe(200);
    await other.close();
  });
});

describe('what is answered', () => {
  it('never sends back more than 200 letters of what came', async () => {
    const long = 'x'.repeat(5000);
    const check = exampleCheck(ids);
    const bodies: [string, unknown][] = [
      [`/api/checks/${uuidv7()}`, { ...check, [long]: 1 }],
      [`/api/checks/${uuidv7()}`, { ...check, signs: { [long]: true } }],
      [`/api/checks/${uuidv7()}`, { ...check, context: long }],
      [`/api/checks/${uuidv7()}`, { ...check, grip: { ...check.grip, holdId: long } }],
      [
        `/api/checks/${uuidv7()}`,
        {
          ...check,
          taps: [
            { measure: 'littlePlace', answer: { kind: 'category', category: long.slice(0, 80) } },
          ],
        },
      ],
      [`/api/log/${long}`, note()],
      [`/api/log/${uuidv7()}`, note({ kind: long })],
      [`/api/${long}`, {}],
    ];
    for (const [path, body] of bodies) {
      const answer = await studio.put(path, body);
      expect(answer.status).toBeGreaterThanOrEqual(400);
      expect(answer.status).toBeLessThan(500);
      expect(JSON.stringify(answer.body)).not.toContain('x'.repeat(201));
    }
  });

  it.each([
    ['/api/%E0%A4%A', 'GET', {}],
    ['/%', 'GET', {}],
    ['/api/students/%00', 'GET', {}],
    ['/..%2f..%2fetc%2fpasswd', 'GET', {}],
    [`/api/students?setup=%ff`, 'GET', {}],
    ['/api/log/x', 'PUT', { 'Content-Type': 'application/json; charset=klingon' }],
    ['/api/log/x', 'PUT', { 'Content-Type': 'application/json', 'Content-Encoding': 'gzip' }],
    ['/api/log/x', 'PUT', { 'Content-Type': 'application/json', 'Content-Encoding': 'odd' }],
    ['/api/log/x', 'PUT', { 'Content-Type': 'text/plain' }],
  ])('is no fault of the studio for %s %s %j', async (path, method, headers) => {
    const before = studio.logged.length;
    const status = await rawStatus(path, method, headers as Record<string, string>);
    expect(status).toBeLessThan(500);
    expect(studio.logged.slice(before)).toEqual([]);
  });

  it('asks an app from before builds were named to come again, and says its own build', async () => {
    const entry = note();
    const response = await fetch(`${studio.url}/api/log/${entry.id}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(entry),
    });
    expect(response.status).toBe(503);
    expect(response.headers.get(HEADERS.build)).toBe(BUILD);
    expect((await studio.put(`/api/log/${entry.id}`, entry)).status).toBe(200);
  });
});

/** A request as it is written, which fetch would put right. */
const rawStatus = (path: string, method: string, headers: Record<string, string>) =>
  new Promise<number>((resolve, reject) => {
    const { hostname, port } = new URL(studio.url);
    const sent = request(
      { hostname, port, path, method, headers: { ...headers, [HEADERS.build]: BUILD } },
      (response) => {
        response.resume();
        response.once('end', () => resolve(response.statusCode!));
      },
    );
    sent.once('error', reject);
    sent.end(method === 'PUT' ? '{"not":' : undefined);
  });
