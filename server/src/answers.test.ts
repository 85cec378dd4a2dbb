import { request } from 'node:http';
import { v7 as uuidv7 } from 'uuid';
import { HEADERS, studentListSchema } from '@open-palm/contract';
import { exampleNote, exampleCheck, studentWithPicture, type ExampleIds } from './testing/examples';
import { BUILD, openTestStudio, type TestStudio } from './testing/testStudio';

let studio: TestStudio;
let ids: ExampleIds;
beforeAll(async () => {
  studio = await openTestStudio();
  ids = await studentWithPicture(studio);
});
afterAll(() => studio.close());

const note = (more: object = {}) => exampleNote(ids, more);

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
      {
        hostname,
        port,
        path,
        method,
        headers: { ...headers, [HEADERS.build]: BUILD, Origin: studio.url },
      },
      (response) => {
        response.resume();
        response.once('end', () => resolve(response.statusCode!));
      },
    );
    sent.once('error', reject);
    sent.end(method === 'PUT' ? '{"not":' : undefined);
  });
