import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { v7 as uuidv7 } from 'uuid';
import {
  exampleCheck,
  examplePicture,
  studentWithPicture,
  type ExampleIds,
} from './testing/examples';
import { openTestStudio, type TestStudio } from './testing/testStudio';

let studio: TestStudio;
let ids: ExampleIds;
beforeAll(async () => {
  studio = await openTestStudio();
  ids = await studentWithPicture(studio);
});
afterAll(() => studio.close());

const look = exampleCheck;
const relaxed = () => {
  const [capture] = look(ids).captures;
  const points = Object.entries(capture!.points).filter(([name]) => !/^(stick|frog)/.test(name));
  return {
    studentId: ids.studentId,
    takenAt: '2026-03-01T15:33:00Z',
    pictureId: ids.pictureId,
    side: 'right',
    image: capture!.image,
    points: Object.fromEntries(points),
  };
};
const note = (id: string, words: string) => ({
  id,
  studentId: ids.studentId,
  setupId: ids.setupId,
  madeAt: '2026-03-01T15:31:00Z',
  kind: 'promise',
  words,
  due: '2026-03-09',
});
const crossing = (elbow: string) => ({
  studentId: ids.studentId,
  setupId: ids.setupId,
  seenAt: '2026-03-01T15:32:00Z',
  strings: ['G', 'D', 'A', 'E'].map((string) => ({ string, elbow })),
});

describe('what never changes', () => {
  it.each<[string, (id: string) => object, (id: string) => object]>([
    ['checks', () => look(ids), () => look(ids, { context: 'heel' })],
    ['relaxed-hands', () => relaxed(), () => ({ ...relaxed(), takenAt: '2026-03-02T15:33:00Z' })],
    ['log', (id) => note(id, 'Shorter nails'), (id) => note(id, 'Longer nails')],
    ['crossings', () => crossing('level'), () => crossing('raised')],
  ])(
    'in %s: twins in the same moment are both answered, another body under the id touches nothing',
    async (path, make, other) => {
      const id = uuidv7();
      const [body, another] = [make(id), other(id)];
      const twins = await Promise.all(
        Array.from({ length: 8 }, () => studio.put(`/api/${path}/${id}`, body)),
      );
      expect(twins.map(({ status }) => status)).toEqual(Array(8).fill(200));
      const rows = () => studio.db(TABLES[path]!).where({ id });
      const before = await rows();
      const refused = await studio.put(`/api/${path}/${id}`, another);
      expect(refused).toMatchObject({
        status: 409,
        body: { error: { code: 'conflict', where: 'id' } },
      });
      expect(await rows()).toEqual(before);
      // What is written in another order is the same.
      const turned = Object.fromEntries(Object.entries(body).reverse());
      expect((await studio.put(`/api/${path}/${id}`, turned)).status).toBe(200);
    },
  );

  it('is known by what was received: a default that came later makes no other body of it', async () => {
    const id = uuidv7();
    const { signs: _, readiness: __, ...asAnOlderAppSends } = look(ids);
    await studio.put(`/api/checks/${id}`, asAnOlderAppSends);
    expect((await studio.put(`/api/checks/${id}`, asAnOlderAppSends)).status).toBe(200);
    const kept = (await studio.db('checks').where({ id }).first('body_sha256')).body_sha256;
    expect(kept).toMatch(/^r1:[0-9a-f]{64}$/);
  });

  it('in pictures: fifty in the same moment are all answered alike', async () => {
    const id = uuidv7();
    const bytes = await examplePicture();
    const answers = await Promise.all(
      Array.from({ length: 50 }, () => studio.putBytes(`/api/pictures/${id}`, bytes)),
    );
    expect(answers.map(({ status }) => status)).toEqual(Array(50).fill(200));
    expect(new Set(answers.map(({ body }) => JSON.stringify(body))).size).toBe(1);
  });

  it('in pictures: of two bodies under one id the one that has the row has the file too', async () => {
    for (let round = 0; round < 6; round += 1) {
      const id = uuidv7();
      const sizes = [
        [40, 60],
        [80, 120],
      ] as const;
      const bodies = await Promise.all(sizes.map(([w, h]) => plainPicture(w, h)));
      const answers = await Promise.all(
        bodies.map((bytes) => studio.putBytes(`/api/pictures/${id}`, bytes)),
      );
      expect(answers.map(({ status }) => status).sort()).toEqual([200, 409]);
      const row = await studio.db('pictures').where({ id }).first();
      const file = readFileSync(join(studio.pictureDir, `${id}.jpg`));
      expect(await sharp(file).metadata()).toMatchObject({ width: row.width, height: row.height });
      expect(file.length).toBe(row.bytes);
    }
  });
});

const TABLES: Readonly<Record<string, string>> = {
  checks: 'checks',
  'relaxed-hands': 'relaxed_hands',
  log: 'log_entries',
  crossings: 'crossings',
};

const plainPicture = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: '#a86' } })
    .jpeg()
    .toBuffer();
