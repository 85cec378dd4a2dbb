import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import {
  capturesFromFile,
  checkSchema,
  handFileSchema,
  readOpMeasureFile,
  type CheckInput,
} from '@open-palm/contract';
import { exampleCheck, GRIP, studentWithPicture, type ExampleIds } from '../../testing/examples';
import { openTestStudio, type TestStudio } from '../../testing/testStudio';

let studio: TestStudio;
let ids: ExampleIds;
beforeAll(async () => {
  studio = await openTestStudio();
  ids = await studentWithPicture(studio);
});
afterAll(() => studio.close());

const rowCounts = async () => {
  await studio.deriver.allSettled();
  return Promise.all(
    ['checks', 'captures', 'measures'].map(async (table) => {
      const [row] = await studio.db(table).count<{ n: number }[]>('* as n');
      return row!.n;
    }),
  );
};

describe('checks', () => {
  it('measures what it keeps, with the version of the hold', async () => {
    const id = uuidv7();
    const input = exampleCheck(ids);
    expect((await studio.put(`/api/checks/${id}`, input)).status).toBe(200);
    const check = checkSchema.parse((await studio.get(`/api/checks/${id}`)).body);
    expect(check).toMatchObject({ id, studentId: ids.studentId, grip: GRIP, context: 'free' });
    expect(check.captures).toEqual(input.captures);
    const index = check.measures.find(({ measure }) => measure.id === 'indexDepth')!;
    expect(index.measure).toMatchObject({ verdict: 'in', band: { lo: 1.1, hi: 1.9 } });
    expect(index.measure.kind === 'number' && index.measure.value).toBeCloseTo(1.5, 9);
    expect(index.sources).toEqual([{ capture: 0, measure: index.measure }]);
  });

  it('merges several pictures with answers by tap, each with its sources', async () => {
    const id = uuidv7();
    const one = exampleCheck(ids);
    const two = exampleCheck(ids);
    const input = {
      ...one,
      captures: [...one.captures, ...two.captures],
      taps: [
        { measure: 'thumbContact', answer: { kind: 'category', category: 'tip' } },
        { measure: 'indexDepth', answer: { kind: 'value', value: 2.6, sd: 0.15 } },
      ],
    };
    expect((await studio.put(`/api/checks/${id}`, input)).status).toBe(200);
    const check = checkSchema.parse((await studio.get(`/api/checks/${id}`)).body);
    expect(check).toMatchObject({ captures: input.captures, taps: input.taps });
    const of = (name: string) => check.measures.find(({ measure }) => measure.id === name)!;
    expect(of('thumbContact')).toMatchObject({ measure: { verdict: 'in' }, conflict: false });
    expect(of('indexDepth')).toMatchObject({ measure: { verdict: 'unsure' }, conflict: true });
    expect(of('indexDepth').sources.map(({ capture }) => capture)).toEqual([0, 1, null]);
  });

  it('keeps the hand fitted to two pictures, and shows the newest in the hand file', async () => {
    const twoViews = join(__dirname, '../../../../docs/examples/two-views.json');
    const file = readOpMeasureFile(JSON.parse(readFileSync(twoViews, 'utf8')));
    const id = uuidv7();
    const one = exampleCheck(ids);
    const [first] = one.captures;
    const captures = capturesFromFile(file).map((capture) => ({
      ...capture,
      id: uuidv7(),
      pictureId: first!.pictureId,
      place: null,
    }));
    // Two requests at once: while the hand is fitted, the same check comes again.
    const input = { ...one, takenAt: '2026-03-01T15:30:00.000Z', captures };
    const answers = await Promise.all([
      studio.put(`/api/checks/${id}`, input),
      studio.put(`/api/checks/${id}`, input),
    ]);
    expect(answers.map(({ status }) => status)).toEqual([200, 200]);
    expect(answers[0]!.body).toEqual(answers[1]!.body);
    const check = checkSchema.parse((await studio.get(`/api/checks/${id}`)).body);
    expect(check.fits).toHaveLength(1);
    expect(check.fits[0]).toMatchObject({ captures: [0, 1], side: 'right', misplaced: [] });
    const bend = check.measures.find(({ measure }) => measure.id === 'indexPipFlexion')!;
    expect(bend.sources.some(({ fitted }) => fitted?.length === 2)).toBe(true);
    const handFile = handFileSchema.parse(
      (await studio.get(`/api/students/${ids.studentId}`)).body,
    );
    expect(handFile.fittedHand).toMatchObject({ checkId: id, side: 'right' });
    expect(handFile.fittedHand!.pointsMm).toEqual(check.fits[0]!.pointsMm);
  });

  it('keeps a look without any picture', async () => {
    const id = uuidv7();
    const taps: CheckInput['taps'] = [{ measure: 'indexDepth', answer: { kind: 'fine' } }];
    await studio.put(`/api/checks/${id}`, exampleCheck(ids, { captures: [], taps }));
    const check = checkSchema.parse((await studio.get(`/api/checks/${id}`)).body);
    expect(check.measures.map(({ measure }) => measure)).toEqual([
      { kind: 'looked', id: 'indexDepth', family: 'fingers', unit: 'u', verdict: 'in' },
    ]);
    expect(check.contacts.fingers.index).toMatchObject({ u: 1.5, touching: true });
  });

  it('keeps a repeated write once and answers it the same', async () => {
    const id = uuidv7();
    const input = exampleCheck(ids);
    const first = await studio.put(`/api/checks/${id}`, input);
    const before = await rowCounts();
    const again = await studio.put(`/api/checks/${id}`, input);
    expect(again.body).toEqual(first.body);
    expect(await rowCounts()).toEqual(before);
  });

  it('refuses another check under a used id', async () => {
    const id = uuidv7();
    await studio.put(`/api/checks/${id}`, exampleCheck(ids));
    const other = exampleCheck(ids, { context: 'heel' });
    const answer = await studio.put(`/api/checks/${id}`, other);
    expect(answer.status).toBe(409);
    expect(answer.body).toMatchObject({ error: { code: 'conflict', where: 'id' } });
  });

  const spoiled = (spoil: (check: ReturnType<typeof exampleCheck>) => void) => () => {
    const check = exampleCheck(ids);
    spoil(check);
    return check;
  };

  it.each([
    [
      'an unknown student',
      spoiled((c) => (c.studentId = uuidv7())),
      404,
      'studentId',
      /no student/,
    ],
    [
      'an unknown picture',
      spoiled((c) => (c.captures[0]!.pictureId = uuidv7())),
      404,
      'captures[0].pictureId',
      /no picture/,
    ],
    [
      'an unknown hold',
      spoiled((c) => (c.grip = { ...GRIP, holdId: 'banjo' })),
      400,
      'grip.holdId',
      /violin-shallow/,
    ],
    [
      'an own hold that is not there',
      spoiled((c) => (c.grip = { ...GRIP, holdId: uuidv7() })),
      404,
      'grip.holdId',
      /no hold/,
    ],
    [
      'another student’s instrument',
      spoiled((c) => (c.setupId = uuidv7())),
      404,
      'setupId',
      /no instrument of this student/,
    ],
    [
      'a relaxed hand that is not there',
      spoiled((c) => (c.grip = { ...GRIP, relaxedHandId: uuidv7() })),
      404,
      'grip.relaxedHandId',
      /no relaxed hand/,
    ],
    [
      'an answer that is none',
      spoiled(
        (c) =>
          (c.taps = [{ measure: 'littlePlace', answer: { kind: 'category', category: 'asleep' } }]),
      ),
      400,
      'taps[0]',
      /answered by one of/,
    ],
    [
      'a point outside the picture',
      spoiled((c) => (c.captures[0]!.points.indexTip!.x = 4000)),
      400,
      'captures[0] hand[8]',
      /hand\[8\] \(index tip\) lies at 4000/,
    ],
    [
      'two equal points',
      spoiled((c) => (c.captures[0]!.points.indexTip = c.captures[0]!.points.indexDip!)),
      400,
      'captures[0] hand[8]',
      /same spot/,
    ],
    [
      'a stick without length',
      spoiled((c) => (c.captures[0]!.points.stickTipEnd = c.captures[0]!.points.stickHandEnd!)),
      400,
      'captures[0] bow.stickTipEnd',
      /well apart/,
    ],
    [
      'a frog of −46 mm',
      spoiled((c) => (c.captures[0]!.frogLength.mm = -46)),
      400,
      'captures[0] frogLengthMm',
      /longer than 0 mm/,
    ],
    [
      'a coordinate that is no number',
      spoiled((c) => (c.captures[0]!.points.indexTip!.x = NaN)),
      400,
      'captures[0].points.indexTip.x',
      /number/,
    ],
    ['neither picture nor answer', spoiled((c) => (c.captures = [])), 400, 'captures', /answer/],
    ['a day that is none', spoiled((c) => (c.takenAt = 'yesterday')), 400, 'takenAt', /./],
  ])(
    'refuses %s, saying what and where, and keeps nothing',
    async (_w, make, status, where, text) => {
      const before = await rowCounts();
      const id = uuidv7();
      const answer = await studio.put(`/api/checks/${id}`, make());
      expect(answer.status).toBe(status);
      expect(answer.body).toMatchObject({ error: { message: expect.stringMatching(text), where } });
      expect(await rowCounts()).toEqual(before);
      expect((await studio.get(`/api/checks/${id}`)).status).toBe(404);
    },
  );

  it('keeps nothing of a check whose picture is another one’s', async () => {
    const used = exampleCheck(ids);
    await studio.put(`/api/checks/${uuidv7()}`, used);
    const before = await rowCounts();
    // The capture's id is taken, which only shows once the check's own row is in.
    const answer = await studio.put(`/api/checks/${uuidv7()}`, { ...used, context: 'heel' });
    expect(answer.status).toBe(409);
    expect(answer.body).toMatchObject({ error: { code: 'conflict', where: 'captures[0].id' } });
    expect(await rowCounts()).toEqual(before);
  });
});
