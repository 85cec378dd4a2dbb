import { v7 as uuidv7 } from 'uuid';
import { HEADERS, idSchema } from '@open-palm/contract';
import { importProgressSchema, type ImportProgress } from '@open-palm/contract/exchange';
import { BUILD, openTestStudio, type TestStudio } from '../testing/testStudio';
import { batchCount, batchesOf } from './importBatches';
import { openImportDesk } from './importDesk';

let studio: TestStudio;
beforeEach(async () => (studio = await openTestStudio()));
afterEach(() => studio.close());

const send = (path: string, body: string) =>
  studio.ask(`/api/import/${path}`, {
    method: 'POST',
    headers: {
      'Content-Type': 'application/octet-stream',
      Origin: studio.url,
      [HEADERS.build]: BUILD,
    },
    body,
  });
const table = (rows: number) =>
  ['name;instrument', ...Array.from({ length: rows }, (_v, i) => `Student ${i};violin`)].join('\n');

it('is cut into pieces in which everything comes once, what others refer to first', () => {
  const many = (what: string, count: number) =>
    Array.from({ length: count }, (_v, i) => `${what} ${i}`) as never[];
  const plan = {
    students: many('student', 81),
    holds: many('hold', 1),
    checks: many('check', 200),
    log: many('note', 3),
    groups: many('group', 2),
  };
  const pieces = [...batchesOf(plan)];
  expect(pieces).toHaveLength(batchCount(plan));
  const all = pieces.flatMap((one) => [
    ...one.holds,
    ...one.students,
    ...one.checks,
    ...one.log,
    ...one.groups,
  ]);
  expect(all).toEqual([
    ...plan.holds,
    ...plan.students,
    ...plan.checks,
    ...plan.log,
    ...plan.groups,
  ]);
});

it('answers others while a large file is brought in, and they see all of it or nothing', async () => {
  const file = table(1500);
  const { sha256 } = (await send('preview', file)).body as never as { sha256: string };
  const seen = new Set<number>();
  let isDone = false;
  const bringing = send(sha256, file).then((answer) => {
    isDone = true;
    return answer;
  });
  while (!isDone) {
    const { students } = (await studio.get('/api/students')).body as never as { students: [] };
    seen.add(students.length);
  }
  expect((await bringing).body).toMatchObject({ done: true, added: { students: 1500 } });
  const rows = await studio.db('students').count<{ n: number }[]>({ n: '*' });
  expect(rows[0]!.n).toBe(1500);
  // Somebody was answered in between, and never with a part.
  expect([...seen].filter((count) => count !== 0 && count !== 1500)).toEqual([]);
  expect(seen.has(0)).toBe(true);
}, 30_000);

it('is cancelled as long as it is not done: nothing of it is kept, and it can be brought in again', async () => {
  const file = table(1200);
  const { sha256 } = (await send('preview', file)).body as never as { sha256: string };
  const as = uuidv7();
  const bringing = send(`${sha256}?as=${as}`, file);
  const stepOf = async (): Promise<ImportProgress> =>
    importProgressSchema.parse((await studio.get(`/api/import/progress?as=${as}`)).body);
  let at = await stepOf();
  while (at.step !== 'bringing') at = await stepOf();
  expect(at.share).toBeGreaterThan(0);
  await send(`cancel?as=${as}`, '');
  const answer = await bringing;
  expect([answer.status, answer.body]).toMatchObject([409, { error: { code: 'cancelled' } }]);
  expect(await studio.db('students').pluck('id')).toEqual([]);
  expect(await stepOf()).toEqual({ step: 'none', share: 0 });
  expect((await send(sha256, file)).body).toMatchObject({ done: true });
}, 30_000);

it('tells how far it is under its own id only, and forgets it when it ends', async () => {
  const desk = openImportDesk();
  const [one, other] = [uuidv7(), uuidv7()].map((id) => idSchema.parse(id)) as [string, string];
  const told: ImportProgress[] = [];
  await desk.during(one, async ({ onShare, onBringing, signal }) => {
    onShare(0.25);
    told.push(desk.progress(one), desk.progress(other));
    onBringing(0.5);
    told.push(desk.progress(one));
    desk.cancel(other);
    expect(signal.aborted).toBe(false);
    desk.cancel(one);
    expect(signal.aborted).toBe(true);
  });
  expect(told).toEqual([
    { step: 'reading', share: 0.25 },
    { step: 'none', share: 0 },
    { step: 'bringing', share: 0.5 },
  ]);
  expect(desk.progress(one).step).toBe('none');
});
