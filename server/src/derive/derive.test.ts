import { v7 as uuidv7 } from 'uuid';
import {
  checkSchema,
  handFileSchema,
  historySchema,
  studentListSchema,
  type Shown,
} from '@open-palm/contract';
import { DERIVED_CODE } from '@open-palm/core/derivedCode';
import { inTransaction } from '../db/inTransaction';
import { exampleCheck, GRIP, studentWithPicture, type ExampleIds } from '../testing/examples';
import { openTestStudio, type TestStudio } from '../testing/testStudio';
import { countPending, markPending, staleSetups } from './repo';

let studio: TestStudio;
let ids: ExampleIds;
beforeEach(async () => {
  studio = await openTestStudio();
  ids = await studentWithPicture(studio);
});
afterEach(() => studio.close());

const keep = async (more: object = {}) => {
  const id = uuidv7();
  const answer = await studio.put(`/api/checks/${id}`, exampleCheck(ids, more));
  expect([answer.status, answer.body]).toEqual([200, { id }]);
  return id;
};
const load = async (id: string) => checkSchema.parse((await studio.get(`/api/checks/${id}`)).body);
const depthOf = async (id: string) => {
  const found = (await load(id)).measures.find(({ measure }) => measure.id === 'indexDepth')!;
  return found.measure.kind === 'number' ? found.measure.value : null;
};
const handFile = async () =>
  handFileSchema.parse((await studio.get(`/api/students/${ids.studentId}`)).body);
const newestDepth = async () => {
  const { lastSeen } = await handFile();
  const { latest } = lastSeen.find((seen) => seen.latest.merged.measure.id === 'indexDepth')!;
  return latest.merged.measure.kind === 'number' ? latest.merged.measure.value : null;
};
/** As if other code had worked everything out, with another depth for every index finger. */
const asByOtherCode = async (depth: number) => {
  await studio.deriver.allSettled();
  await studio.db('checks').update({ derived_code: DERIVED_CODE + 1000 });
  await studio.db.raw(
    `update measures set value_json = json_set(value_json, '$.measure.value', ?)
     where measure_id = 'indexDepth'`,
    [depth],
  );
};
const renew = async () => {
  const looks = await inTransaction(studio.db, (trx) => markPending(trx, 'otherCode'));
  await studio.deriver.allSettled();
  return looks;
};

describe('what is worked out of facts', () => {
  it('is there when it is first read, and can be thrown away and built anew', async () => {
    const id = await keep();
    expect(await depthOf(id)).toBeCloseTo(1.5, 9);
    const before = await handFile();
    await studio.db('measures').delete();
    await studio.db('tracks').delete();
    await inTransaction(studio.db, (trx) => markPending(trx, 'all'));
    await studio.deriver.allSettled();
    expect(await handFile()).toEqual(before);
  });

  it('is worked out anew when the code that does it moves; what was told then stays with its look', async () => {
    const id = await keep();
    await asByOtherCode(1.8);
    expect(await renew()).toBe(1);
    expect(await depthOf(id)).toBe(1.8);
    expect(await newestDepth()).toBeCloseTo(1.5, 9);
    // A second move of the code leaves what was told first.
    await asByOtherCode(1.7);
    await renew();
    expect(await depthOf(id)).toBe(1.8);
    expect(await renew()).toBe(0);
  });

  it('never mixes two versions of the code in one series', async () => {
    for (const at of [1, 2, 3]) await keep({ takenAt: `2026-02-0${at}T10:00:00Z` });
    await asByOtherCode(1.8);
    await inTransaction(studio.db, (trx) => markPending(trx, 'otherCode'));
    await keep({ takenAt: '2026-02-04T10:00:00Z' });
    await studio.deriver.allSettled();
    const codes = await studio.db('checks').distinct('derived_code').pluck('derived_code');
    expect(codes).toEqual([DERIVED_CODE]);
    expect((await handFile()).lastSeen.length).toBeGreaterThan(0);
  });

  it('keeps what a device says that it told, whatever is worked out later', async () => {
    const { measures } = await load(await keep());
    const told: Shown = {
      code: 7,
      measures: measures.map((merged) =>
        merged.measure.id === 'indexDepth' && merged.measure.kind === 'number'
          ? { ...merged, measure: { ...merged.measure, value: 1.62 } }
          : merged,
      ),
    };
    const id = await keep({ told });
    expect(await depthOf(id)).toBe(1.62);
    expect(await newestDepth()).toBeCloseTo(1.5, 9);
  });

  it('judges a look by the version of the hold that it names', async () => {
    const onThePad = { measure: 'thumbContact', answer: { kind: 'category', category: 'pad' } };
    const verdictBy = async (holdVersion: number) => {
      const id = await keep({ captures: [], taps: [onThePad], grip: { ...GRIP, holdVersion } });
      const check = await load(id);
      expect(check.grip.holdVersion).toBe(holdVersion);
      return check.measures[0]!.measure.verdict;
    };
    // The first version did not judge what of the thumb touches.
    expect([await verdictBy(1), await verdictBy(2)]).toEqual(['none', 'high']);
    const unknown = exampleCheck(ids, { grip: { ...GRIP, holdVersion: 99 } });
    const answer = await studio.put(`/api/checks/${uuidv7()}`, unknown);
    expect(answer).toMatchObject({ status: 404, body: { error: { where: 'grip.holdVersion' } } });
  });

  it('goes on without a look that cannot be worked out, which is kept and told', async () => {
    const bad = await keep();
    await studio.deriver.allSettled();
    await studio.db('checks').where({ id: bad }).update({ hold_version: 77 });
    const good = await keep();
    await inTransaction(studio.db, (trx) => markPending(trx, 'all'));
    await studio.deriver.allSettled();
    expect(await countPending(studio.db)).toBe(0);
    expect((await load(good)).measures.length).toBeGreaterThan(5);
    expect((await load(bad)).captures).toHaveLength(1);
    expect((await studio.get('/api/studio')).body).toMatchObject({
      unworkable: 1,
      pendingLooks: 0,
    });
    expect(studio.logged).toContainEqual(expect.objectContaining({ checkId: bad }));
  });

  it('is taken up again by the next start when the studio was closed before it was done', async () => {
    await keep();
    await studio.deriver.close();
    const left = await staleSetups(studio.db);
    expect(left.length).toBeLessThanOrEqual(1);
  });

  it('tells no look of which nothing is worked out yet as one that saw nothing', async () => {
    const history = async () =>
      historySchema.parse((await studio.get(`/api/students/${ids.studentId}/history`)).body);
    const told = await keep({ takenAt: '2026-02-01T10:00:00Z' });
    const waits = await keep({ takenAt: '2026-02-02T10:00:00Z' });
    await studio.deriver.allSettled();
    const whole = await history();
    expect([whole.workingOut, whole.checks.map(({ id }) => id)]).toEqual([0, [told, waits]]);
    // As it is where it takes longer than one waits for an answer.
    const columns = { pending: 1, derived_code: null, numbers_json: '[]' };
    await studio.db('checks').where({ id: waits }).update(columns);
    const part = await history();
    expect([part.workingOut, part.checks]).toEqual([1, whole.checks.slice(0, 1)]);
    // What other code has worked out is told until it is worked out anew.
    await studio
      .db('checks')
      .where({ id: waits })
      .update({ derived_code: DERIVED_CODE - 1 });
    expect((await history()).checks).toHaveLength(2);
  });

  it('says nothing of a first look that is still worked out, least of all that there is none', async () => {
    await studio.deriver.allSettled();
    const tracksOf = async () => {
      const { students } = studentListSchema.parse((await studio.get('/api/students')).body);
      return students.find(({ student }) => student.id === ids.studentId)!.tracks;
    };
    expect(await tracksOf()).toMatchObject([{ lastOn: null }]);
    await keep();
    await studio.deriver.allSettled();
    // As it is while the look waits.
    await studio.db('checks').update({ pending: 1 });
    await studio.db('tracks').update({
      body_json: studio.db.raw(`json_set(body_json, '$.lastOn', null)`),
    });
    expect(await tracksOf()).toEqual([]);
  });
});
