import fc from 'fast-check';
import { v7 as uuidv7 } from 'uuid';
import {
  checkSchema,
  crossingListSchema,
  handFileSchema,
  reportSchema,
  logEntrySchema,
  leftOutOf,
  studentListSchema,
  ownHoldListSchema,
  takeListSchema,
} from '@open-palm/contract';
import { HAND_POINTS } from '@open-palm/core/hand';
import { holdById } from '@open-palm/core/holds';
import { PLACES, POINT_NAMES, VIEWS } from '@open-palm/core/measure';
import {
  exampleNote,
  exampleCheck,
  freshStudent,
  studentWithPicture,
  type ExampleIds,
} from './testing/examples';
import { openTestStudio, type TestStudio } from './testing/testStudio';

import { everyLogEntry } from './testing/everyLogEntry';

let studio: TestStudio;
let ids: ExampleIds;
beforeAll(async () => {
  studio = await openTestStudio();
  ids = await studentWithPicture(studio);
});
afterAll(() => studio.close());

const note = (more: object = {}) => exampleNote(ids, more);
const list = async () => studentListSchema.parse((await studio.get('/api/students')).body);
const handFile = async () =>
  handFileSchema.parse((await studio.get(`/api/students/${ids.studentId}`)).body);

describe('what is taken', () => {
  it.each([
    ['a note dated year 9999', () => note({ due: '9999-12-31' }), 'due'],
    ['a note made in year 1', () => note({ madeAt: '0001-01-01T00:00:00Z' }), 'madeAt'],
    ['a year of six digits', () => note({ due: '+010000-01-01' }), 'due'],
  ])('is not %s, and everybody’s Today stays readable', async (_what, make, where) => {
    const entry = make();
    const answer = await studio.put(`/api/log/${entry.id}`, entry);
    expect(answer).toMatchObject({ status: 400, body: { error: { where } } });
    expect(leftOutOf((await list()).students)).toBe(0);
  });

  it('is not a number beyond anything that can be measured', async () => {
    const check = exampleCheck(ids);
    check.captures[0]!.points.indexTip!.sigma = 1e30;
    const answer = await studio.put(`/api/checks/${uuidv7()}`, check);
    expect(answer).toMatchObject({
      status: 400,
      body: { error: { where: expect.stringContaining('sigma') } },
    });
  });

  it('can be read by the app’s own schemas, whatever it was', async () => {
    const text = (most: number) =>
      fc.string({ minLength: 1, maxLength: most, unit: 'grapheme' }).filter((t) => t.trim() !== '');
    const instant = fc
      .date({ min: new Date('1900-01-02'), max: new Date('2200-12-30'), noInvalidDate: true })
      .map((date) => date.toISOString());
    const number = fc.double({ min: -100_000, max: 100_000, noNaN: true });
    // Mostly inside of the picture: what lies outside is refused, and would prove little.
    const share = fc.oneof(
      { weight: 150, arbitrary: fc.double({ min: 0, max: 1, noNaN: true }) },
      fc.double({ min: -2, max: 3, noNaN: true }),
    );
    const mark = fc.tuple(share, share, fc.double({ min: 1e-6, max: 100_000, noNaN: true }));
    const picture = (
      marks: fc.Arbitrary<Record<string, readonly [x: number, y: number, sigma: number]>>,
    ) =>
      fc
        .record({
          image: fc.record({
            width: fc.integer({ min: 1, max: 20_000 }),
            height: fc.integer({ min: 1, max: 20_000 }),
          }),
          marks,
        })
        .map(({ image, marks }) => ({
          image,
          points: Object.fromEntries(
            Object.entries(marks).map(([name, [x, y, sigma]]) => [
              name,
              { x: x * image.width, y: y * image.height, sigma },
            ]),
          ),
        }));
    const side = fc.constantFrom('right', 'left');
    const captures = fc.array(
      fc.record({
        view: fc.constantFrom(...VIEWS),
        place: fc.option(fc.constantFrom(...PLACES)),
        side,
        picture: picture(fc.dictionary(fc.constantFrom(...POINT_NAMES), mark, { maxKeys: 8 })),
        frogLength: fc.record({
          mm: fc.double({ min: -10_000, max: 10_000, noNaN: true }),
          sdMm: fc.double({ min: 0, max: 100_000, noNaN: true }),
        }),
      }),
      { minLength: 1, maxLength: 3 },
    );
    // A hand at rest is taken whole, or is refused.
    const inside = fc.tuple(
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 1e-6, max: 100_000, noNaN: true }),
    );
    const hands = fc.record({
      takenAt: instant,
      side,
      picture: picture(
        fc.record(Object.fromEntries(HAND_POINTS.map((name) => [name, inside])), {
          noNullPrototype: true,
        }),
      ),
    });
    const looks = fc.record({
      takenAt: instant,
      context: fc.constantFrom('free', 'heel', 'playing-start'),
      taps: fc.array(
        fc.record({
          measure: fc.constantFrom('indexDepth', 'thumbIpFlexion', 'bowSkew'),
          answer: fc.record({
            kind: fc.constant('value'),
            value: number,
            sd: fc.double({ min: 1e-6, max: 100_000, noNaN: true }),
          }),
        }),
        { minLength: 1, maxLength: 3 },
      ),
    });
    const takes = fc.record({
      takenAt: instant,
      values: fc.array(fc.option(fc.double({ min: -180, max: 180, noNaN: true })), {
        minLength: 4,
        maxLength: 12,
      }),
      stepS: fc.double({ min: 0.01, max: 0.5, noNaN: true }),
    });
    const reports = fc.record({
      title: text(200),
      opening: text(1000),
      points: fc.array(text(1000), { minLength: 1, maxLength: 6 }),
      closing: text(1000),
      caution: text(1000),
      captions: fc.array(text(200), { maxLength: 12 }),
    });
    const crossings = fc.record({
      seenAt: instant,
      strings: fc
        .constantFrom('dropped', 'level', 'raised')
        .map((elbow) => ['G', 'D', 'A', 'E'].map((string) => ({ string, elbow }))),
    });
    const holdNames = text(60);
    const reportOf = uuidv7();
    await studio.put(`/api/checks/${reportOf}`, exampleCheck(ids));
    const entries = everyLogEntry(reportOf, { text, instant });
    let reportVersion = 0;
    const taken: number[] = [];
    const notedKinds = new Set<string>();
    await fc.assert(
      fc.asyncProperty(
        fc.tuple(entries, entries, entries, entries),
        looks,
        takes,
        text(80),
        reports,
        crossings,
        holdNames,
        captures,
        hands,
        async (log, look, take, name, report, crossing, holdName, pictures, hand) => {
          const [checkId, takeId, studentId, holdId, markedId, handId] = Array.from(
            { length: 6 },
            () => uuidv7(),
          ) as [string, string, string, string, string, string];
          const noted = await Promise.all(
            log.map((entry) => {
              const id = uuidv7();
              const whole = { ...note(), words: undefined, due: undefined, ...entry, id };
              return studio.put(`/api/log/${id}`, whole);
            }),
          );
          log.forEach(({ kind }, i) => {
            if (noted[i]!.status === 200) notedKinds.add(kind);
          });
          const answers = await Promise.all([
            studio.put(`/api/checks/${checkId}`, { ...exampleCheck(ids), captures: [], ...look }),
            studio.put(`/api/takes/${takeId}`, {
              studentId: ids.studentId,
              setupId: ids.setupId,
              takenAt: take.takenAt,
              context: 'playing-start',
              source: 'csv',
              series: {
                timesS: take.values.map((_, i) => i * take.stepS),
                channels: { wristFlexion: take.values },
              },
              cuts: null,
            }),
            studio.put(`/api/students/${studentId}`, { ...freshStudent(), name }),
            studio.edit(`/api/letters/${reportOf}`, report, reportVersion),
            studio.put(`/api/crossings/${uuidv7()}`, {
              studentId: ids.studentId,
              setupId: ids.setupId,
              ...crossing,
            }),
            studio.put(`/api/holds/${holdId}`, {
              ...holdById('violin-shallow'),
              id: holdId,
              version: 1,
              own: { basedOn: 'violin-shallow', name: holdName },
            }),
            studio.put(`/api/checks/${markedId}`, {
              ...exampleCheck(ids),
              captures: pictures.map(({ picture: seen, ...one }) => ({
                id: uuidv7(),
                pictureId: ids.pictureId,
                ...one,
                ...seen,
              })),
            }),
            studio.put(`/api/relaxed-hands/${handId}`, {
              studentId: ids.studentId,
              pictureId: ids.pictureId,
              takenAt: hand.takenAt,
              side: hand.side,
              ...hand.picture,
            }),
          ]);
          if (answers[3]!.status === 200) {
            reportVersion = reportSchema.parse(
              (await studio.get(`/api/letters/${reportOf}`)).body,
            ).version;
          }
          const seen = (await studio.get(`/api/crossings?setup=${ids.setupId}`)).body;
          expect(leftOutOf(crossingListSchema.parse(seen).crossings)).toBe(0);
          const own = (await studio.get('/api/holds')).body;
          expect(leftOutOf(ownHoldListSchema.parse(own).holds)).toBe(0);
          // Whatever is refused is refused with words, and never as a fault of the studio.
          for (const { status } of [...noted, ...answers]) expect([200, 400]).toContain(status);
          answers.forEach(({ status }, i) => {
            if (status === 200) taken[i] = (taken[i] ?? 0) + 1;
          });
          const { students } = await list();
          expect(leftOutOf(students)).toBe(0);
          for (const { open, tracks } of students)
            expect(leftOutOf(open) + leftOutOf(tracks)).toBe(0);
          const file = await handFile();
          expect([file.log, file.history, file.lastSeen, file.ownCues].map(leftOutOf)).toEqual([
            0, 0, 0, 0,
          ]);
          if (answers[0]!.status === 200) {
            checkSchema.parse((await studio.get(`/api/checks/${checkId}`)).body);
          }
          if (answers[6]!.status === 200) {
            checkSchema.parse((await studio.get(`/api/checks/${markedId}`)).body);
          }
          if (answers[7]!.status === 200) {
            expect(file.relaxedHand).not.toBeNull();
            // What is compared with it can be read as well.
            const judgedId = uuidv7();
            const grip = { ...exampleCheck(ids).grip, relaxedHandId: handId };
            await studio.put(`/api/checks/${judgedId}`, exampleCheck(ids, { grip }));
            checkSchema.parse((await studio.get(`/api/checks/${judgedId}`)).body);
          }
          const strokes = (await studio.get(`/api/takes?setup=${ids.setupId}`)).body;
          expect(leftOutOf(takeListSchema.parse(strokes).takes)).toBe(0);
        },
      ),
      { numRuns: 32, seed: 20261130, endOnFailure: true },
    );
    // Something of every kind was taken, or nothing was proven of it.
    expect(taken).toHaveLength(8);
    for (const times of taken) expect(times).toBeGreaterThan(0);
    expect(notedKinds.size).toBe(logEntrySchema.options.length);
  }, 60_000);
});
