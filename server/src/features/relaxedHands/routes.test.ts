import { v7 as uuidv7 } from 'uuid';
import { checkSchema, handFileSchema, type RelaxedHandInput } from '@open-palm/contract';
import { FINGER_CHAIN, FINGERS } from '@open-palm/core/hand';
import { exampleCheck, GRIP, studentWithPicture, type ExampleIds } from '../../testing/examples';
import { openTestStudio, type TestStudio } from '../../testing/testStudio';

let studio: TestStudio;
let ids: ExampleIds;
beforeAll(async () => {
  studio = await openTestStudio();
  ids = await studentWithPicture(studio);
});
afterAll(() => studio.close());

/** A hand hanging straight down, its fingers 40 px apart, their bones 50, 30 and 20 px long. */
function relaxedHand(): RelaxedHandInput {
  const points: RelaxedHandInput['points'] = {};
  FINGERS.forEach((finger, i) =>
    FINGER_CHAIN[finger].forEach((name, joint) => {
      points[name] = { x: 300 - 40 * i, y: 100 + [0, 50, 80, 100][joint]!, sigma: 2 };
    }),
  );
  return {
    studentId: ids.studentId,
    takenAt: '2026-03-01T15:30:00.000Z',
    pictureId: ids.pictureId,
    side: 'right',
    image: { width: 600, height: 400 },
    points,
  };
}

describe('the relaxed hand', () => {
  it('stands in the hand file, and gaps are then compared with it', async () => {
    const id = uuidv7();
    expect((await studio.put(`/api/relaxed-hands/${id}`, relaxedHand())).status).toBe(200);
    const handFile = handFileSchema.parse(
      (await studio.get(`/api/students/${ids.studentId}`)).body,
    );
    expect(handFile.relaxedHand).toEqual({ ...relaxedHand(), id });
    const checkId = uuidv7();
    const grip = { ...GRIP, relaxedHandId: id };
    await studio.put(`/api/checks/${checkId}`, exampleCheck(ids, { grip }));
    const check = checkSchema.parse((await studio.get(`/api/checks/${checkId}`)).body);
    const value = (name: string) => {
      const found = check.measures.find(({ measure }) => measure.id === name)?.measure;
      return found?.kind === 'number' ? found.value : NaN;
    };
    // 40 px are 0.8 of the middle finger's first phalanx, which measures 44.6 / 92.3 of the finger's 100 mm.
    expect(value('gapRatio12')).toBeCloseTo(value('gap12') / ((0.8 * 44.6 * 100) / 92.3), 6);
  });

  it('gives the same answer to a repeated write and refuses another under its id', async () => {
    const id = uuidv7();
    const first = await studio.put(`/api/relaxed-hands/${id}`, relaxedHand());
    expect((await studio.put(`/api/relaxed-hands/${id}`, relaxedHand())).body).toEqual(first.body);
    const other = { ...relaxedHand(), side: 'left' };
    expect((await studio.put(`/api/relaxed-hands/${id}`, other)).status).toBe(409);
  });

  it('refuses a hand with points missing, naming each', async () => {
    const hand = relaxedHand();
    delete hand.points.ringDip;
    const answer = await studio.put(`/api/relaxed-hands/${uuidv7()}`, hand);
    expect(answer).toMatchObject({
      status: 400,
      body: { error: { code: 'notMarked', where: 'ringDip' } },
    });
  });

  it('refuses an unknown student and an unknown picture', async () => {
    const at = async (change: object) =>
      (await studio.put(`/api/relaxed-hands/${uuidv7()}`, { ...relaxedHand(), ...change })).body;
    expect(await at({ studentId: uuidv7() })).toMatchObject({ error: { where: 'studentId' } });
    expect(await at({ pictureId: uuidv7() })).toMatchObject({ error: { where: 'pictureId' } });
  });
});
