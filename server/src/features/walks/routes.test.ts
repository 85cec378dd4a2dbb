import { v7 as uuidv7 } from 'uuid';
import { checkSchema, groupListSchema, handFileSchema, walkSchema } from '@open-palm/contract';
import type { RowMark } from '@open-palm/core/row';
import { lookIdOf, walkIdOf } from '@open-palm/records/row';
import { groupOfThree } from '../../testing/groupOfThree';
import { post as postTo } from '../../erase/testing/asking';
import { openTestStudio, type TestStudio } from '../../testing/testStudio';

type Three = Awaited<ReturnType<typeof groupOfThree>>;

let studio: TestStudio;
let walkId: string;
const DAY = '2026-03-04';
let players: Three['players'];
let groupId: string;
let group: Three['group'];
let file: Three['file'];

beforeAll(async () => {
  studio = await openTestStudio();
  const three = await groupOfThree(studio);
  ({ players, groupId, group, file } = three);
  walkId = walkIdOf(groupId, DAY);
  await studio.put(`/api/groups/${groupId}`, group());
});
afterAll(() => studio.close());

let minute = 0;
const mark = (player: number, said: object): RowMark => {
  minute += 1;
  return {
    id: uuidv7(),
    at: `${DAY}T14:${String(30 + minute).padStart(2, '0')}:00.000Z`,
    studentId: players[player]!.studentId,
    setupId: players[player]!.setupId,
    ...said,
  } as RowMark;
};
const straight = (player: number) =>
  mark(player, {
    kind: 'tap',
    tap: { measure: 'thumbIpFlexion', answer: { kind: 'value', value: 0, sd: 8 } },
  });
const post = (path: string) => postTo(studio, path, {});
const put = (marks: readonly RowMark[], more: object = {}, id = walkId) =>
  studio.put(`/api/walks/${id}`, { groupId, day: DAY, fromMemory: false, marks, ...more });
const lookOf = async (player: number) => {
  const id = lookIdOf({ id: walkId, day: DAY }, players[player]!.studentId);
  const answer = await studio.get(`/api/checks/${id}`);
  return answer.status === 200 ? checkSchema.parse(answer.body) : null;
};

describe('walks', () => {
  it('become a light look in each file: what was touched and nothing else, and who was not looked at gets none', async () => {
    const answer = await put([straight(0), mark(1, { kind: 'fine' }), mark(2, { kind: 'absent' })]);
    expect(answer.status).toBe(200);
    const ada = (await lookOf(0))!;
    expect(ada).toMatchObject({ context: 'row', captures: [], signs: {} });
    expect(ada.measures.map(({ measure }) => [measure.id, measure.verdict])).toEqual([
      ['thumbIpFlexion', 'low'],
    ]);
    // An eye that passes by doubts more.
    expect(ada.measures[0]!.measure).toMatchObject({ value: 0, sd: 12 });
    expect((await lookOf(1))!.measures.every(({ measure }) => measure.verdict === 'in')).toBe(true);
    expect(await lookOf(2)).toBeNull();
    const handFile = handFileSchema.parse(
      (await studio.get(`/api/students/${players[0]!.studentId}`)).body,
    );
    expect(handFile.history.map(({ context }) => context)).toEqual(['row']);
    expect(handFile.standings).toMatchObject({ thumb: 'out', wrist: 'notSeen' });
    const [walk] = (await file()).walks;
    expect(walk).toMatchObject({ id: walkId, day: DAY });
    const seen = new Map(walk!.players.map((player) => [player.studentId, player]));
    expect(seen.get(players[0]!.studentId)).toMatchObject({
      faults: { thumbStraight: true },
      isAbsent: false,
    });
    expect(seen.get(players[2]!.studentId)).toMatchObject({ isAbsent: true, checkId: null });
  });

  it('of two phones are put together, whichever arrives first, and the same twice changes nothing', async () => {
    const before = walkSchema.parse((await put([])).body).marks;
    const late = mark(2, { kind: 'fine' });
    const answer = walkSchema.parse((await put([late])).body);
    expect(answer.marks).toHaveLength(before.length + 1);
    expect(walkSchema.parse((await put([late])).body)).toEqual(answer);
    expect(walkSchema.parse((await put([straight(2)])).body).marks).toHaveLength(before.length + 2);
    // Who came late was there after all, with what both phones saw.
    const cora = (await lookOf(2))!;
    const verdicts = new Map(cora.measures.map(({ measure }) => [measure.id, measure.verdict]));
    expect(verdicts.get('thumbIpFlexion')).toBe('low');
    expect(verdicts.get('wristFlexion')).toBe('in');
  });

  it('take back a slip, and with the last mark of a player the look', async () => {
    const { marks } = walkSchema.parse((await put([])).body);
    const own = marks.filter(({ studentId }) => studentId === players[0]!.studentId);
    await put(own.map(({ id }) => mark(0, { kind: 'undone', mark: id })));
    expect(await lookOf(0)).toBeNull();
    const again = straight(0);
    await put([again]);
    expect((await lookOf(0))!.measures).toHaveLength(1);
  });

  it('leave away a look that a person took away', async () => {
    const id = lookIdOf({ id: walkId, day: DAY }, players[1]!.studentId);
    const removed = await studio.put(`/api/bin/${uuidv7()}`, { kind: 'check', ofId: id });
    expect(removed.status).toBe(200);
    await put([straight(1)]);
    expect(await lookOf(1)).toBeNull();
  });

  it('refuse a walk of no group, another day under the same id, and a mark of another walk', async () => {
    expect(await put([], { groupId: uuidv7() }, uuidv7())).toMatchObject({ status: 404 });
    expect(await put([], { day: '2026-03-11' })).toMatchObject({
      status: 409,
      body: { error: { where: 'id' } },
    });
    const [taken] = walkSchema.parse((await put([])).body).marks;
    const other = await put([taken!], { day: '2026-03-11' }, walkIdOf(groupId, '2026-03-11'));
    expect(other).toMatchObject({ status: 409, body: { error: { where: 'marks[0].id' } } });
    expect((await file()).walks).toHaveLength(1);
  });

  it('refuse an instrument of somebody else, and an answer that its question does not have', async () => {
    const before = await file();
    const foreign = { ...mark(2, { kind: 'fine' }), setupId: players[1]!.setupId };
    expect(await put([foreign])).toMatchObject({
      status: 404,
      body: { error: { where: 'marks[0].setupId' } },
    });
    const tap = { measure: 'littlePlace', answer: { kind: 'category', category: 'purple' } };
    expect(await put([mark(2, { kind: 'fine' }), mark(2, { kind: 'tap', tap })])).toMatchObject({
      status: 400,
      body: { error: { where: 'marks[1].tap' } },
    });
    expect(await file()).toEqual(before);
  });

  it('go by the instrument that was played, also where it was given up before they arrived', async () => {
    const cello = {
      ...players[2]!.body.setups[0]!,
      ...{ id: uuidv7(), instrument: 'cello' as const, holdId: 'cello' },
    };
    const student = { ...players[2]!.body, setups: [...players[2]!.body.setups, cello] };
    const path = `/api/students/${players[2]!.studentId}`;
    await studio.edit(path, student, 1);
    await studio.edit(path, players[2]!.body, 2);
    const day = '2026-02-25';
    const id = walkIdOf(groupId, day);
    // Over the stick is where a cello wants it, and where a violin does not.
    const tap = { measure: 'littlePlace', answer: { kind: 'category', category: 'over' } };
    const said = { ...mark(2, { kind: 'tap', tap }), setupId: cello.id };
    expect((await put([said], { day }, id)).status).toBe(200);
    const lookId = lookIdOf({ id, day }, players[2]!.studentId);
    const look = checkSchema.parse((await studio.get(`/api/checks/${lookId}`)).body);
    expect([look.setupId, look.grip.holdId]).toEqual([cello.id, 'cello']);
    expect(look.measures[0]!.measure.verdict).toBe('in');
    await studio.db('walks').where({ id }).delete();
  });

  it.each([
    ['an unknown fault', { kind: 'without', fault: 'thumbPurple' }, 'marks[0].fault'],
    ['an unknown sign', { kind: 'sign', sign: 'thumbPurple' }, 'marks[0].sign'],
    ['a mark of no kind', { kind: 'splendid' }, 'marks[0].kind'],
  ])('refuse %s, and keep nothing', async (_what, said, where) => {
    const before = await file();
    const answer = await put([mark(0, said)]);
    expect(answer).toMatchObject({
      status: 400,
      body: { error: { where: expect.stringContaining(where) } },
    });
    expect(await file()).toEqual(before);
  });

  it('go on where a player was taken away: their marks and seat go and come back with them', async () => {
    const [ada] = players;
    const binId = uuidv7();
    await studio.put(`/api/bin/${binId}`, { kind: 'student', ofId: ada!.studentId });
    const without = await file();
    expect(Object.keys(without.group.members)).toHaveLength(2);
    expect(JSON.stringify(without)).not.toContain(ada!.studentId);
    const fine = mark(2, { kind: 'fine' });
    expect((await put([straight(0), fine])).status).toBe(200);
    expect(JSON.stringify(await file())).not.toContain(ada!.studentId);
    // A teacher's edit that still names them keeps what else was written.
    const edited = await studio.edit(
      `/api/groups/${groupId}`,
      group({ name: 'Strings' }),
      without.group.version,
    );
    expect(edited).toMatchObject({ status: 200, body: { name: 'Strings' } });
    await post(`/api/bin/${binId}/back`);
    const back = await file();
    expect(Object.keys(back.group.members)).toContain(ada!.studentId);
    expect(back.newest!.marks.some(({ studentId }) => studentId === ada!.studentId)).toBe(true);
    expect(await lookOf(0)).not.toBeNull();
  });

  it('are taken away with their group, come back with it, and are erased with it, while the looks stay', async () => {
    const does = (what: string) => post(`/api/groups/${groupId}/${what}`);
    expect((await does('remove')).status).toBe(200);
    expect((await studio.get(`/api/groups/${groupId}`)).status).toBe(404);
    const { groups, removed } = groupListSchema.parse((await studio.get('/api/groups')).body);
    expect([groups, removed.map(({ id }) => id)]).toEqual([[], [groupId]]);
    expect(await put([straight(0)])).toMatchObject({
      status: 404,
      body: { error: { code: 'inBin' } },
    });
    expect((await does('back')).status).toBe(200);
    expect((await file()).walks).toHaveLength(1);
    expect((await does('erase')).status).toBe(200);
    expect((await studio.get(`/api/groups/${groupId}`)).status).toBe(404);
    for (const table of ['groups', 'group_members', 'walks', 'walk_marks', 'walk_players']) {
      expect([table, await studio.db(table)]).toEqual([table, []]);
    }
    expect(await studio.db('edits').where({ kind: 'group' })).toEqual([]);
    expect(await lookOf(2)).not.toBeNull();
  });
});
