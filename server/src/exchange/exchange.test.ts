import { v7 as uuidv7 } from 'uuid';
import { handFileSchema, HEADERS, studentListSchema, type LogEntry } from '@open-palm/contract';
import {
  importPreviewSchema,
  readStudioFile,
  type ImportPreview,
} from '@open-palm/contract/exchange';
import {
  exampleCheck,
  freshStudent,
  studentWithPicture,
  type ExampleIds,
} from '../testing/examples';
import { BUILD, openTestStudio, type TestStudio } from '../testing/testStudio';

let studio: TestStudio;
beforeEach(async () => (studio = await openTestStudio()));
afterEach(() => studio.close());
jest.setTimeout(30_000);

const post = async (where: TestStudio, path: string, body: string | Uint8Array) => {
  const response = await fetch(where.url + path, {
    method: 'POST',
    headers: {
      'Content-Type': 'application/octet-stream',
      [HEADERS.build]: BUILD,
      Origin: where.url,
    },
    body: body as BodyInit,
  });
  return { status: response.status, body: (await response.json()) as never };
};
const preview = async (text: string | Uint8Array, query = '', where = studio) =>
  importPreviewSchema.parse((await post(where, `/api/import/preview${query}`, text)).body);
const take = async (text: string, query = '', where = studio): Promise<ImportPreview> => {
  const { sha256 } = await preview(text, query, where);
  return importPreviewSchema.parse((await post(where, `/api/import/${sha256}${query}`, text)).body);
};
const download = async (name: string, where = studio) =>
  (await fetch(`${where.url}/api/export/${name}`)).text();
const students = async (where = studio) =>
  studentListSchema.parse((await where.get('/api/students')).body).students;

/** A look by tap and a picture look of the example student. */
async function twoLooks(): Promise<ExampleIds> {
  const ids = await studentWithPicture(studio);
  await studio.put(`/api/checks/${uuidv7()}`, exampleCheck(ids));
  const taps = [
    { measure: 'thumbIpFlexion', answer: { kind: 'value', value: 31, sd: 5 } },
    { measure: 'littlePlace', answer: { kind: 'category', category: 'top' } },
    { measure: 'handLean', answer: { kind: 'fine' } },
  ];
  const tapped = { captures: [], taps, takenAt: '2026-02-22T15:30:00.000Z' };
  await studio.put(`/api/checks/${uuidv7()}`, exampleCheck(ids, tapped as never));
  return ids;
}

const seen = async (where: TestStudio, { studentId }: ExampleIds) =>
  handFileSchema
    .parse((await where.get(`/api/students/${studentId}`)).body)
    .lastSeen.map(({ latest: { merged, takenAt } }) => [
      takenAt,
      merged.measure.id,
      merged.measure.kind === 'number' ? merged.measure.value.toFixed(3) : merged.measure.verdict,
    ]);

describe('taking a studio along', () => {
  it('as JSON: everything but the pictures comes up in another studio, and twice adds nothing', async () => {
    const ids = await twoLooks();
    // The order in which something was written down says nothing.
    const lesson = { timeZone: 'Europe/Berlin', at: '16:00', day: 'monday' } as const;
    const setups = [{ ...freshStudent().setups[0]!, id: ids.setupId }];
    await studio.edit(`/api/students/${ids.studentId}`, freshStudent({ lesson, setups }), 1);
    // What was told of a look goes along with it.
    const pictured = studio.db('captures').select('check_id');
    const [checkId] = await studio.db('checks').whereNotIn('id', pictured).pluck('id');
    const told7 = { check_id: checkId, code: 7, measures_json: '[]' };
    await studio.db('told').insert(told7);
    const promise: LogEntry = {
      id: uuidv7(),
      studentId: ids.studentId,
      setupId: ids.setupId,
      madeAt: '2026-02-22T15:40:00.000Z',
      kind: 'promise',
      words: 'Shorter nails',
      due: '2026-03-09',
    };
    await studio.put(`/api/log/${promise.id}`, promise);
    const json = await download('studio.json');
    expect(readStudioFile(json).issues).toEqual([]);

    const other = await openTestStudio();
    const told = await preview(json, '', other);
    expect(told).toMatchObject({
      kind: 'studio',
      added: { students: 1, checks: 2, log: 1 },
      withoutPictures: 1,
      issueCount: 0,
    });
    expect(await students(other)).toEqual([]);
    expect((await take(json, '', other)).done).toBe(true);
    expect(await other.db('told')).toEqual([told7]);
    expect(await seen(other, ids)).toEqual(await seen(studio, ids));
    expect((await students(other))[0]!.open).toEqual([promise]);
    expect((await students(other))[0]!.tracks).toEqual((await students())[0]!.tracks);
    expect(await preview(json, '', other)).toMatchObject({
      added: { students: 0, checks: 0, log: 0 },
      changed: [],
      same: 4,
    });
    await other.close();
  });

  it('as tables: students first, then their looks', async () => {
    const ids = await twoLooks();
    const [people, looks] = [await download('students.csv'), await download('checks.csv')];
    const other = await openTestStudio();
    expect((await preview(looks, '', other)).issues[0]).toMatchObject({
      row: 2,
      column: 'student_id',
    });
    await take(people, '', other);
    expect((await students(other)).map(({ student }) => student)).toEqual(
      (await students()).map(({ student }) => student),
    );
    expect(await preview(looks, '', other)).toMatchObject({ kind: 'checks', added: { checks: 2 } });
    await take(looks, '', other);
    expect(await seen(other, ids)).toEqual(await seen(studio, ids));
    expect(await preview(looks, '', other)).toMatchObject({ added: { checks: 0 }, same: 2 });
    await other.close();
  });
});

describe('importing', () => {
  it('shows what would change, and changes nothing until the very same file is accepted', async () => {
    const ids = await studentWithPicture(studio);
    const text = 'name,birth_year\nWilma Harrow,2013\nNew Person,2015';
    const told = await preview(text);
    expect(told).toMatchObject({ added: { students: 1 }, changed: ['Wilma Harrow'], rows: 2 });
    expect(await students()).toHaveLength(1);
    const other = await post(studio, `/api/import/${told.sha256}`, `${text}\nOne More,2016`);
    expect(other).toMatchObject({ status: 409, body: { error: { where: 'sha256' } } });
    await take(text);
    const after = (await students()).map(({ student }) => [student.name, student.birthYear]);
    expect(after).toEqual([
      ['New Person', 2015],
      ['Wilma Harrow', 2013],
    ]);
    expect((await students())[1]!.student.setups[0]!.id).toBe(ids.setupId);
  });

  it('takes nothing while anything is wrong, and says row, column and what stands there', async () => {
    const text = 'name,birth_year\nAnna,2015\nBert,two thousand\n';
    const told = await take(text);
    expect(told).toMatchObject({
      done: false,
      issueCount: 1,
      issues: [{ row: 3, column: 'birth_year', value: 'two thousand' }],
    });
    expect(await students()).toEqual([]);
    expect((await take(text.replace('two thousand', '2014'))).done).toBe(true);
    expect(await students()).toHaveLength(2);
  });

  it('takes cells that were written anew, and only with the corrections that were previewed', async () => {
    const text = 'name,birth_year\nAnna,2015\nBert,two thousand\n';
    const corrections = [{ row: 3, column: 'birth_year', value: '2014' }];
    const query = `?corrections=${encodeURIComponent(JSON.stringify(corrections))}`;
    const { sha256, issueCount } = await preview(text, query);
    expect(issueCount).toBe(0);
    expect((await post(studio, `/api/import/${sha256}`, text)).status).toBe(409);
    expect((await take(text, query)).done).toBe(true);
    expect((await students()).map(({ student }) => student.birthYear)).toEqual([2015, 2014]);
    expect((await post(studio, '/api/import/preview?corrections=[1', text)).status).toBe(400);
  });

  it('takes files only as what a page from elsewhere cannot send unasked', async () => {
    for (const type of ['text/plain', 'application/x-www-form-urlencoded']) {
      const response = await fetch(`${studio.url}/api/import/preview`, {
        method: 'POST',
        headers: { 'Content-Type': type, [HEADERS.build]: BUILD, Origin: studio.url },
        body: 'name\nAnna',
      });
      expect(response.status).toBe(415);
    }
  });

  it('refuses what is no table of its own, another encoding, and holds that are nowhere', async () => {
    expect((await preview('a,b\n1,2')).issues[0]!.problem).toEqual({
      code: 'noKnownTable',
      params: { head: 'a, b' },
    });
    expect((await preview('')).issueCount).toBeGreaterThan(0);
    const latin1 = Buffer.from('name\nJürgen\n', 'latin1');
    expect((await preview(latin1)).issues[0]).toMatchObject({ row: 2 });
    const hold = uuidv7();
    expect((await preview(`name,hold\nAnna,${hold}`)).issues[0]).toMatchObject({
      column: 'hold',
      value: hold,
    });
  });

  it('asks which number of a date is the day, and takes the answer', async () => {
    await studentWithPicture(studio);
    const text = 'student,taken_at,measure,value\nWilma Harrow,03/04/2025,thumbIpFlexion,30';
    expect(await preview(text)).toMatchObject({ asksDateOrder: true, issueCount: 1 });
    expect((await take(text, '?dateOrder=monthFirst')).done).toBe(true);
    const [item] = await students();
    expect(item!.lastCheckAt).toBe('2025-03-04T11:00:00.000Z');
  });

  it('refuses a file in which one thing of many points nowhere', async () => {
    const ids = await twoLooks();
    const json = await download('studio.json');
    const file = JSON.parse(json);
    file.checks[1].setupId = uuidv7();
    file.checks[0].grip.holdId = uuidv7();
    const told = await preview(JSON.stringify(file));
    expect(told.issues.map(({ column }) => column)).toEqual([
      'checks[0].grip.holdId',
      'checks[1].setupId',
    ]);
    const stolen = freshStudent({ setups: [{ ...freshStudent().setups[0]!, id: ids.setupId }] });
    const text = JSON.stringify({
      format: 'open-palm-studio',
      version: 1,
      students: [{ ...stolen, id: uuidv7() }],
    });
    expect((await preview(text)).issues[0]).toMatchObject({ column: 'instrument_id' });
  });

  it('reads a table of fifty thousand rows whole', async () => {
    await studentWithPicture(studio);
    const measures = ['thumbIpFlexion', 'indexDepth', 'middleDepth', 'ringDepth', 'handLean'];
    const lines = Array.from({ length: 50_000 }, (_, i) => {
      const at = new Date(Date.UTC(2000, 0, 1, 12) + Math.floor(i / 5) * 43_200_000);
      return `Wilma Harrow,${at.toISOString()},${measures[i % 5]},1.2,0.1`;
    });
    const text = ['student,taken_at,measure,value,sd', ...lines].join('\r\n');
    expect(await preview(text)).toMatchObject({ rows: 50_000, added: { checks: 10_000 } });
    lines[41_998] = lines[41_998]!.replace('1.2', 'none');
    const wrong = ['student,taken_at,measure,value,sd', ...lines].join('\r\n');
    expect((await preview(wrong)).issues).toMatchObject([
      { row: 42_000, column: 'value', value: 'none' },
    ]);
  });
});
