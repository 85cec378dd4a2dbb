import { v7 as uuidv7 } from 'uuid';
import { groupFileSchema, groupListSchema } from '@open-palm/contract';
import { walkIdOf } from '@open-palm/records/row';
import { post as postTo } from '../../erase/testing/asking';
import { groupOfThree } from '../../testing/groupOfThree';
import { openTestStudio, type TestStudio } from '../../testing/testStudio';

const DAY = '2026-03-04';
let studio: TestStudio;
let three: Awaited<ReturnType<typeof groupOfThree>>;
beforeAll(async () => {
  studio = await openTestStudio();
  three = await groupOfThree(studio);
});
afterAll(() => studio.close());

describe('groups', () => {
  it('are kept with who plays in them and where they sit, in versions that are put together', async () => {
    const { group, groupId, members } = three;
    const first = await studio.put(`/api/groups/${groupId}`, group());
    expect(first).toMatchObject({ status: 200, body: { ...group(), id: groupId, version: 1 } });
    const two = [
      studio.edit(`/api/groups/${groupId}`, group({ name: 'Wednesday group' }), 1),
      studio.edit(`/api/groups/${groupId}`, group({ layout: 'rows' }), 1),
    ];
    for (const answer of await Promise.all(two)) expect(answer.status).toBe(200);
    const { groups } = groupListSchema.parse((await studio.get('/api/groups')).body);
    expect(groups).toHaveLength(1);
    expect(groups[0]).toMatchObject({
      lastDay: null,
      group: { name: 'Wednesday group', layout: 'rows', members: members },
    });
  });

  it.each([
    [
      'two on a seat',
      () => ({
        members: Object.fromEntries(
          Object.entries(three.members).map(([id, one]) => [
            id,
            { ...one, seat: { row: 1, place: 2 } },
          ]),
        ),
      }),
      400,
      /members\.[0-9a-f-]+\.seat/,
      /two sit on seat 3 of row 2/,
    ],
    [
      'somebody on an instrument that they never had',
      () => ({
        members: {
          [three.players[0]!.studentId]: { setupId: three.players[1]!.setupId, seat: null },
        },
      }),
      404,
      /members\.[0-9a-f-]+\.setupId/,
      /no instrument of this student/,
    ],
    ['no name', () => ({ name: ' ' }), 400, /name/, /name is needed/],
  ])('refuse %s, saying where, and change nothing', async (_what, more, status, where, text) => {
    const { group, groupId, file } = three;
    const before = await file();
    const answer = await studio.edit(`/api/groups/${groupId}`, group(more()), before.group.version);
    expect(answer).toMatchObject({
      status,
      body: {
        error: { where: expect.stringMatching(where), message: expect.stringMatching(text) },
      },
    });
    expect((await file()).group).toEqual(before.group);
  });

  it('have nobody on a seat that another phone gave away meanwhile', async () => {
    const { players, group } = three;
    const [ada, ben] = players.map(({ studentId }) => studentId);
    const id = uuidv7();
    const free = Object.fromEntries(
      players.map(({ studentId, setupId }) => [studentId, { setupId, seat: null }]),
    );
    await studio.put(`/api/groups/${id}`, group({ members: free }));
    const seat = { row: 2, place: 3 };
    for (const studentId of [ada!, ben!]) {
      const members = { ...free, [studentId]: { ...free[studentId]!, seat } };
      expect(await studio.edit(`/api/groups/${id}`, group({ members }), 1)).toMatchObject({
        status: 200,
      });
    }
    const kept = groupFileSchema.parse((await studio.get(`/api/groups/${id}`)).body).group;
    expect(kept.members[ada!]!.seat).toEqual(seat);
    expect(kept.members[ben!]!.seat).toBeNull();
    await postTo(studio, `/api/groups/${id}/erase`, {});
  });

  it('may have nobody in them', async () => {
    const id = uuidv7();
    expect((await studio.put(`/api/groups/${id}`, three.group({ members: {} }))).status).toBe(200);
    await postTo(studio, `/api/groups/${id}/erase`, {});
  });

  describe('of which somebody was taken away', () => {
    const away = async () => {
      const { players, group } = three;
      const [ada, ben] = players.map(({ studentId }) => studentId);
      const id = uuidv7();
      const path = `/api/groups/${id}`;
      await studio.put(path, group());
      const mark = { id: uuidv7(), studentId: ada, setupId: players[0]!.setupId, kind: 'fine' };
      await studio.put(`/api/walks/${walkIdOf(id, DAY)}`, {
        ...{ groupId: id, day: DAY, fromMemory: false },
        marks: [{ ...mark, at: `${DAY}T14:30:00.000Z` }],
      });
      const binId = uuidv7();
      const taken = await studio.put(`/api/bin/${binId}`, { kind: 'student', ofId: ada });
      expect(taken.status).toBe(200);
      const back = async () => {
        expect(await postTo(studio, `/api/bin/${binId}/back`, {})).toMatchObject({ status: 200 });
        const answer = await studio.get(path);
        return answer.status === 200 ? groupFileSchema.parse(answer.body).group : null;
      };
      return { ada: ada!, ben: ben!, id, path, back, members: { ...three.members } };
    };

    it('have them back where they were edited meanwhile', async () => {
      const { ada, path, back, members } = await away();
      const edited = await studio.edit(path, three.group({ name: 'Strings' }), 1);
      expect(edited.status).toBe(200);
      const group = await back();
      expect(group).toMatchObject({ name: 'Strings' });
      expect(group!.members[ada]).toEqual(members[ada]);
    });

    it('have them back without a seat where somebody else sits there now', async () => {
      const { ada, ben, path, back, members } = await away();
      const { [ada]: hers, ...others } = members;
      const moved = { ...others, [ben]: { ...others[ben]!, seat: hers!.seat } };
      expect((await studio.edit(path, three.group({ members: moved }), 1)).status).toBe(200);
      const group = await back();
      expect(group!.members[ada]!.seat).toBeNull();
      expect(group!.members[ben]!.seat).toEqual(hers!.seat);
    });

    it('do not keep them from coming back where the group was erased', async () => {
      const { ada, id, back } = await away();
      await postTo(studio, `/api/groups/${id}/erase`, {});
      expect(await back()).toBeNull();
      expect((await studio.get(`/api/students/${ada}`)).status).toBe(200);
      expect(await studio.db('edits').where({ kind: 'group', of_id: id })).toEqual([]);
    });
  });
});
