import { existsSync } from 'node:fs';
import { v7 as uuidv7 } from 'uuid';
import { FINGER_CHAIN, FINGERS } from '@open-palm/core/hand';
import { pictureFile } from './references/pictureFile';
import { exampleCheck, examplePicture, studentWithPicture } from './testing/examples';
import { openTestStudio, type TestStudio } from './testing/testStudio';

let studio: TestStudio;
beforeAll(async () => (studio = await openTestStudio()));
afterAll(() => studio.close());

it('keeps no photograph of a student whose guardian does not let it, whatever device sends it, and keeps looks by touch', async () => {
  const ids = await studentWithPicture(studio);
  const [kept, look] = [uuidv7(), exampleCheck(ids)];
  expect((await studio.put(`/api/checks/${kept}`, look)).status).toBe(200);
  const { body } = await studio.get('/api/students');
  const [{ student }] = (
    body as unknown as { students: [{ student: { id: string; version: number } }] }
  ).students;
  const { id: _, version, ...before } = student;
  const withheld = { ...before, photos: 'withheld' };
  expect((await studio.edit(`/api/students/${ids.studentId}`, withheld, version)).status).toBe(200);

  const sent = uuidv7();
  const answer = await studio.put(`/api/checks/${sent}`, exampleCheck(ids));
  expect(answer).toMatchObject({
    status: 403,
    body: { error: { code: 'consent', message: expect.stringContaining('not photographed') } },
  });
  expect((await studio.get(`/api/checks/${sent}`)).status).toBe(404);
  // A photograph comes before its look: refused with it, it goes again; one of a kept look is in the bin.
  const early = uuidv7();
  expect((await studio.putBytes(`/api/pictures/${early}`, await examplePicture())).status).toBe(
    200,
  );
  expect(existsSync(pictureFile(studio.pictureDir, early))).toBe(true);
  const after = { ...ids, pictureId: early };
  expect((await studio.put(`/api/checks/${uuidv7()}`, exampleCheck(after))).status).toBe(403);
  expect(existsSync(pictureFile(studio.pictureDir, early))).toBe(false);
  expect((await studio.get(`/api/pictures/${early}`)).status).toBe(404);
  expect((await studio.get(`/api/pictures/${ids.pictureId}`)).status).toBe(404);
  expect(existsSync(pictureFile(studio.pictureDir, ids.pictureId))).toBe(true);
  const hand = {
    studentId: ids.studentId,
    takenAt: '2026-03-01T15:30:00.000Z',
    pictureId: ids.pictureId,
    side: 'right',
    image: { width: 600, height: 400 },
    points: Object.fromEntries(
      FINGERS.flatMap((finger, i) =>
        FINGER_CHAIN[finger].map((name, joint) => [
          name,
          { x: 300 - 40 * i, y: 100 + [0, 50, 80, 100][joint]!, sigma: 2 },
        ]),
      ),
    ),
  };
  expect(await studio.put(`/api/relaxed-hands/${uuidv7()}`, hand)).toMatchObject({
    status: 403,
    body: { error: { code: 'consent' } },
  });
  const byTouch = exampleCheck(ids, {
    captures: [],
    taps: [{ measure: 'indexDepth', answer: { kind: 'value', value: 1.5, sd: 0.3 } }],
  });
  expect((await studio.put(`/api/checks/${uuidv7()}`, byTouch)).status).toBe(200);
  // What was acknowledged before is known again, and nobody else's photographs are touched.
  expect((await studio.put(`/api/checks/${kept}`, look)).status).toBe(200);
  const other = await studentWithPicture(studio);
  expect((await studio.put(`/api/checks/${uuidv7()}`, exampleCheck(other))).status).toBe(200);
});
