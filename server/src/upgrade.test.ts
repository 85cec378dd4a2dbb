import {
  checkSchema,
  handFileSchema,
  studentListSchema,
  takeListSchema,
} from '@open-palm/contract';
import { beforeId, studioBefore } from './testing/studioBefore';
import { openTestStudio, type TestStudio } from './testing/testStudio';
import writes from './testing/before/writes.json';

const id = beforeId;

let studio: TestStudio;
beforeAll(async () => {
  studio = await openTestStudio({ folder: studioBefore() });
});
afterAll(() => studio.close());

describe('a studio of the version before', () => {
  it('opens with all that is in it, its look with the very values and verdicts that were told', async () => {
    const list = studentListSchema.parse((await studio.get('/api/students')).body);
    expect(list.students.map(({ student }) => student.name)).toEqual(['Wilma Harrow']);
    const check = checkSchema.parse((await studio.get(`/api/checks/${id(4)}`)).body);
    expect(check.measures).toEqual(writes.measures);
    const file = handFileSchema.parse((await studio.get(`/api/students/${id(1)}`)).body);
    expect(file.history).toHaveLength(1);
    expect(file.relaxedHand!.id).toBe(id(6));
    expect(file.log.map((entry) => entry.id)).toEqual([id(8)]);
    expect(file.ownHolds.map((hold) => hold.id)).toEqual([id(10)]);
    const { takes } = takeListSchema.parse((await studio.get(`/api/takes?setup=${id(2)}`)).body);
    expect(takes.map((take) => [take.id, take.version])).toEqual([[id(7), 1]]);
    expect((await studio.get(`/api/pictures/${id(3)}`)).status).toBe(200);
  });

  it('has a drawn hand of its look, and a small one for the list', async () => {
    await studio.deriver.allSettled();
    const check = checkSchema.parse((await studio.get(`/api/checks/${id(4)}`)).body);
    expect(check.pose!.values).toHaveLength(27);
    expect(check.measures).toEqual(writes.measures);
    const list = studentListSchema.parse((await studio.get('/api/students')).body);
    expect(list.students[0]!.badge!.drawing.hand.outline).toMatch(/^M/);
  });

  it.each([
    ['checks', id(4), writes.look],
    ['relaxed-hands', id(6), writes.relaxed],
    ['log', id(8), writes.log],
    ['crossings', id(9), writes.crossing],
    ['takes', id(7), writes.take],
    ['holds', id(10), writes.hold],
  ])(
    'knows a repeated write of %s again, and refuses another body under its id',
    async (path, of, body) => {
      const at = `/api/${path}/${of}`;
      expect((await studio.put(at, body)).status).toBe(200);
      // In another order of keys too, as another device may write it.
      const turned = Object.fromEntries(Object.entries(body).reverse());
      expect((await studio.put(at, turned)).status).toBe(200);
    },
  );

  it.each([
    ['checks', id(4), { ...writes.look, context: 'heel' }],
    ['log', id(8), { ...writes.log, words: 'Longer nails' }],
    ['crossings', id(9), { ...writes.crossing, seenAt: '2026-03-02T15:32:00Z' }],
  ])('refuses another body under an id of %s', async (path, of, body) => {
    expect((await studio.put(`/api/${path}/${of}`, body)).status).toBe(409);
  });

  it('takes edits of what was written before edits were noted, and brings two of them together', async () => {
    const at = `/api/students/${id(1)}`;
    expect((await studio.edit(at, { ...writes.student, birthYear: 2013 }, 1)).status).toBe(200);
    const second = await studio.edit(at, { ...writes.student, level: 'advanced' }, 1);
    expect(second.body).toMatchObject({ birthYear: 2013, level: 'advanced', version: 3 });
  });
});
