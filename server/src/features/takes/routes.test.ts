import { v7 as uuidv7 } from 'uuid';
import { takeListSchema, type TakeInput } from '@open-palm/contract';
import { studentWithPicture, type ExampleIds } from '../../testing/examples';
import { openTestStudio, type TestStudio } from '../../testing/testStudio';

let studio: TestStudio;
let ids: ExampleIds;
beforeAll(async () => {
  studio = await openTestStudio();
  ids = await studentWithPicture(studio);
});
afterAll(() => studio.close());

const take = (more: Partial<TakeInput> = {}): TakeInput => ({
  studentId: ids.studentId,
  setupId: ids.setupId,
  takenAt: '2026-03-01T15:30:00.000Z',
  context: 'playing-start',
  source: 'csv',
  series: {
    timesS: [0, 0.5, 1, 1.5],
    channels: { wristFlexion: [12, 4, null, -6], bowPlace: [0, 0.4, 0.8, 1] },
  },
  cuts: null,
  fingersSeen: null,
  ...more,
});
const put = (id: string, body: unknown) => studio.put(`/api/takes/${id}`, body);
const listed = async (setupId = ids.setupId) =>
  takeListSchema.parse((await studio.get(`/api/takes?setup=${setupId}`)).body).takes;

describe('takes', () => {
  it('are kept as they were sent, the newest first', async () => {
    const [older, newer] = [uuidv7(), uuidv7()];
    await put(newer, take({ takenAt: '2026-03-08T17:30:00+02:00', context: 'playing-end' }));
    await put(older, take());
    const [first, second] = await listed();
    expect([first!.id, second!.id]).toEqual([newer, older]);
    expect(first!.takenAt).toBe('2026-03-08T15:30:00.000Z');
    expect(second).toEqual({ ...take(), id: older, version: 1 });
  });

  it('give the same answer when sent again, and let only their cuts and the fingers seen change', async () => {
    const id = uuidv7();
    const first = await put(id, take());
    expect((await put(id, take())).body).toEqual(first.body);
    const cuts = [{ fromS: 0, toS: 1.5, direction: 'down' as const }];
    const edit = (more: object, basedOn: number) =>
      studio.edit(`/api/takes/${id}`, take(more), basedOn);
    expect((await edit({ cuts }, 1)).status).toBe(200);
    expect((await listed()).find((kept) => kept.id === id)!.cuts).toEqual(cuts);
    expect((await edit({ cuts, fingersSeen: 'still' }, 2)).status).toBe(200);
    expect((await listed()).find((kept) => kept.id === id)).toMatchObject({
      cuts,
      fingersSeen: 'still',
    });
    const other = take({ series: { ...take().series, timesS: [0, 0.6, 1, 1.5] } });
    expect((await put(id, other)).status).toBe(409);
    expect((await listed()).find((kept) => kept.id === id)!.series).toEqual(take().series);
  });

  it.each([
    [
      'a channel of another length',
      { channels: { wristFlexion: [1, 2] } },
      'series.channels.wristFlexion',
    ],
    ['times that go back', { timesS: [0, 1, 0.5, 1.5] }, 'series.timesS[2]'],
    ['no wrist', { channels: { thumbIp: [1, 2, 3, 4] } }, 'series.channels.wristFlexion'],
    ['an unknown channel', { channels: { elbow: [1, 2, 3, 4] } }, 'series.channels'],
  ])('refuse %s, saying where, and keep nothing', async (_what, change, where) => {
    const before = await listed();
    const answer = await put(uuidv7(), take({ series: { ...take().series, ...change } as never }));
    expect(answer.status).toBe(400);
    expect(answer.body).toMatchObject({ error: { where: expect.stringContaining(where) } });
    expect(await listed()).toEqual(before);
  });

  it('refuse an unknown student, and an instrument of another', async () => {
    expect((await put(uuidv7(), take({ studentId: uuidv7() }))).status).toBe(404);
    expect((await put(uuidv7(), take({ setupId: uuidv7() }))).status).toBe(404);
  });
});
