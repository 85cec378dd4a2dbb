import { v7 as uuidv7 } from 'uuid';
import { crossingListSchema, type CrossingInput } from '@open-palm/contract';
import { studentWithPicture, type ExampleIds } from '../../testing/examples';
import { openTestStudio, type TestStudio } from '../../testing/testStudio';

let studio: TestStudio;
let ids: ExampleIds;
beforeAll(async () => {
  studio = await openTestStudio();
  ids = await studentWithPicture(studio);
});
afterAll(() => studio.close());

const crossing = (more: Partial<CrossingInput> = {}): CrossingInput => ({
  studentId: ids.studentId,
  setupId: ids.setupId,
  seenAt: '2026-03-01T15:30:00.000Z',
  strings: [
    { string: 'G', elbow: 'dropped' },
    { string: 'D', elbow: 'level' },
    { string: 'A', elbow: null },
    { string: 'E', elbow: 'raised' },
  ],
  ...more,
});
const put = (id: string, body: unknown) => studio.put(`/api/crossings/${id}`, body);
const listed = async () =>
  crossingListSchema.parse((await studio.get(`/api/crossings?setup=${ids.setupId}`)).body)
    .crossings;

describe('string crossings', () => {
  it('are kept as they were sent, the newest first, and once only', async () => {
    const [older, newer] = [uuidv7(), uuidv7()];
    await put(newer, crossing({ seenAt: '2026-03-08T17:30:00+02:00' }));
    const first = await put(older, crossing());
    expect((await put(older, crossing())).body).toEqual(first.body);
    expect(await listed()).toEqual([
      { ...crossing(), id: newer, seenAt: '2026-03-08T15:30:00.000Z' },
      { ...crossing(), id: older },
    ]);
    const other = crossing({ seenAt: '2026-03-02T15:30:00.000Z' });
    expect((await put(older, other)).status).toBe(409);
  });

  it.each([
    ['a string that is there twice', [0, 0, 2, 3]],
    ['too few strings', [0, 1, 2]],
  ])('refuse %s and keep nothing', async (_what, picked) => {
    const before = await listed();
    const strings = picked.map((i) => crossing().strings[i]!);
    const answer = await put(uuidv7(), crossing({ strings }));
    expect(answer.status).toBe(400);
    expect(answer.body).toMatchObject({ error: { where: expect.stringContaining('strings') } });
    expect(await listed()).toEqual(before);
  });

  it('refuse what was not looked at at all, and an unknown student or instrument', async () => {
    const strings = crossing().strings.map(({ string }) => ({ string, elbow: null }));
    expect((await put(uuidv7(), crossing({ strings }))).status).toBe(400);
    expect((await put(uuidv7(), crossing({ studentId: uuidv7() }))).status).toBe(404);
    expect((await put(uuidv7(), crossing({ setupId: uuidv7() }))).status).toBe(404);
  });
});
