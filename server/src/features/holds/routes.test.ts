import { v7 as uuidv7 } from 'uuid';
import { checkSchema, ownHoldListSchema } from '@open-palm/contract';
import { holdById, type Hold } from '@open-palm/core/holds';
import { exampleCheck, freshStudent, GRIP, studentWithPicture } from '../../testing/examples';
import { openTestStudio, type TestStudio } from '../../testing/testStudio';

let studio: TestStudio;
beforeAll(async () => (studio = await openTestStudio()));
afterAll(() => studio.close());

/** A teacher's copy of the usual violin hold with another band for the index. */
const ownHold = (id: string, version: number, indexDepth: { lo: number; hi: number }): Hold => {
  const basedOn = 'violin-shallow';
  const hold = holdById(basedOn);
  return {
    ...hold,
    id,
    version,
    own: { basedOn, name: 'Quayside violin' },
    checkpoints: { ...hold.checkpoints, indexDepth: { band: indexDepth, standing: 'own' } },
  };
};

const put = (hold: Hold) => studio.put(`/api/holds/${hold.id}`, hold);

describe('own holds', () => {
  it('keeps every version: what was judged by an earlier one stays as it was', async () => {
    const id = uuidv7();
    const ids = await studentWithPicture(studio);
    expect((await put(ownHold(id, 1, { lo: 1.1, hi: 1.9 }))).status).toBe(200);
    const [first, second] = [uuidv7(), uuidv7()];
    const gripBy = (holdVersion: number) => ({ grip: { ...GRIP, holdId: id, holdVersion } });
    await studio.put(`/api/checks/${first}`, exampleCheck(ids, gripBy(1)));
    await put(ownHold(id, 2, { lo: 2.2, hi: 2.9 }));
    await studio.put(`/api/checks/${second}`, exampleCheck(ids, gripBy(2)));
    const verdictIn = async (checkId: string) => {
      const check = checkSchema.parse((await studio.get(`/api/checks/${checkId}`)).body);
      const index = check.measures.find(({ measure }) => measure.id === 'indexDepth')!;
      return [check.grip.holdVersion, index.measure.verdict];
    };
    expect(await verdictIn(first)).toEqual([1, 'in']);
    expect(await verdictIn(second)).toEqual([2, 'low']);
    // A look taken before the change and sent after it is judged by what was shown then.
    const late = uuidv7();
    await studio.put(`/api/checks/${late}`, exampleCheck(ids, gripBy(1)));
    expect(await verdictIn(late)).toEqual([1, 'in']);
  });

  it('gives the newest version of each, and the same answer to a repeated write', async () => {
    const id = uuidv7();
    const hold = ownHold(id, 1, { lo: 1, hi: 2 });
    const answers = [await put(hold), await put(hold)];
    expect(answers[1]!.body).toEqual(answers[0]!.body);
    await put(ownHold(id, 2, { lo: 1.2, hi: 2 }));
    const { holds } = ownHoldListSchema.parse((await studio.get('/api/holds')).body);
    const found = holds.filter((own) => own.id === id);
    expect(found).toHaveLength(1);
    expect(found[0]).toMatchObject({ version: 2, own: { name: 'Quayside violin' } });
  });

  it.each<[string, Partial<Hold>, number, string, RegExp]>([
    [
      'a band beyond anatomy',
      ownHold(uuidv7(), 1, { lo: 1, hi: 9 }),
      400,
      'checkpoints.indexDepth',
      /beyond what is possible/,
    ],
    [
      'a band upside down',
      ownHold(uuidv7(), 1, { lo: 2, hi: 1 }),
      400,
      'checkpoints.indexDepth.band',
      /begins below its end/,
    ],
    ['a jump in versions', ownHold(uuidv7(), 3, { lo: 1, hi: 2 }), 409, 'version', /is 1, not 3/],
    ['a shipped id', { ...ownHold('violin-shallow', 3, { lo: 1, hi: 2 }) }, 400, 'id', /UUID/],
    [
      'a copy of nothing',
      { ...ownHold(uuidv7(), 1, { lo: 1, hi: 2 }), own: { basedOn: 'banjo', name: 'x' } },
      400,
      'own.basedOn',
      /violin-shallow/,
    ],
  ])(
    'refuses %s, saying what and where, and keeps nothing',
    async (_w, body, status, where, text) => {
      const answer = await studio.put(`/api/holds/${body.id}`, body);
      expect(answer.status).toBe(status);
      expect(answer.body).toMatchObject({ error: { message: expect.stringMatching(text), where } });
      const { holds } = ownHoldListSchema.parse((await studio.get('/api/holds')).body);
      expect(holds.map((hold) => hold.id)).not.toContain(body.id);
    },
  );

  it('lets a student point to one, on its own instrument only', async () => {
    const hold = ownHold(uuidv7(), 1, { lo: 1, hi: 2 });
    await put(hold);
    const student = freshStudent();
    const on = (instrument: 'violin' | 'cello', holdId = hold.id) => ({
      ...student,
      setups: [{ ...student.setups[0]!, instrument, holdId }],
    });
    const save = (body: unknown) => studio.put(`/api/students/${uuidv7()}`, body);
    expect(await save(on('cello'))).toMatchObject({
      status: 400,
      body: { error: { where: 'setups[0].holdId', message: /another instrument/ } },
    });
    expect(await save(on('violin', uuidv7()))).toMatchObject({ status: 404 });
    expect(await save(on('violin'))).toMatchObject({ status: 200 });
  });
});
