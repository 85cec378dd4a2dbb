import { WHOLE_HAND_TESTS } from '@open-palm/core/practice';
import { v7 as uuidv7 } from 'uuid';
import { takenOver, type Entry } from '../../foundation/api/sync/entry';
import { isMendable, leavableOf, mendableFields, mendedBody } from './mendableFields';

const ids = { studentId: uuidv7(), setupId: uuidv7() };

/** An entry that stopped, with the place that the studio pointed at. */
function stopped(kind: Entry['kind'], body: object, where = '') {
  const id = (body as { id?: string }).id ?? uuidv7();
  const entry = takenOver({ id, studentName: 'Ada', kind, body, pictures: [] }, 'here', 0)!;
  const stop = { status: 400, code: 'malformed', message: 'said', where, at: '' };
  const made = { ...entry, stop } as Entry;
  if (!isMendable(made)) throw new Error(`a ${kind} is not mended in place`);
  return made;
}

const promise = (due: string) =>
  stopped(
    'log',
    {
      id: uuidv7(),
      ...ids,
      madeAt: '2026-03-01T15:31:00Z',
      kind: 'promise',
      words: 'Shorter nails',
      due,
    },
    'due',
  );

const series = {
  timesS: [0, 0.1, 0.2],
  channels: { wristFlexion: [1, 2, 3], bowSkew: [1, 2, 3] },
};
const take = (where: string) =>
  stopped(
    'take',
    {
      ...ids,
      takenAt: '2026-03-01T15:30:00Z',
      context: 'playing-start',
      source: 'csv',
      series,
      cuts: [{ fromS: 0, toS: 0.1, direction: 'down' }],
      fingersSeen: null,
    },
    where,
  );

it('a note’s words and days can be put right, its ids and choices not', () => {
  const entry = promise('9999-12-31');
  expect(mendableFields(entry).map((field) => field.at)).toEqual(['madeAt', 'words', 'due']);
  expect(mendedBody(entry, { due: '2026-04-01' })).toEqual({
    body: { ...entry.body, due: '2026-04-01' },
  });
});

it('what is still wrong is told by the name of its field, and nothing is sent', () => {
  expect(mendedBody(promise('9999-12-31'), {})).toEqual({
    problem: expect.stringMatching(/^Due: the year must be between/),
  });
  expect(mendedBody(promise('2026-04-01'), { words: ' ' })).toEqual({
    problem: expect.stringMatching(/^Words: /),
  });
});

it('a moment keeps its hour when its day is put right', () => {
  const mended = mendedBody(promise('2026-04-01'), { madeAt: '2026-03-02' });
  expect(mended).toMatchObject({ body: { madeAt: '2026-03-02T15:31:00Z' } });
});

it('counts of a test are numbers, with a decimal comma too', () => {
  const entry = stopped('log', {
    id: uuidv7(),
    ...ids,
    madeAt: '2026-03-01T15:31:00Z',
    kind: 'test',
    checkId: null,
    test: WHOLE_HAND_TESTS[0]!.id,
    result: { angleDeg: 900 },
  });
  expect(mendedBody(entry, { 'result.angleDeg': '62,5' })).toMatchObject({
    body: { result: { angleDeg: 62.5 } },
  });
  expect(mendedBody(entry, { 'result.angleDeg': 'many' })).toHaveProperty('problem');
});

it('how the elbow was seen can be said anew, string by string', () => {
  const strings = ['G', 'D', 'A', 'E'].map((string) => ({ string, elbow: null }));
  const entry = stopped('crossing', { ...ids, seenAt: '2026-03-01T15:30:00Z', strings });
  expect(mendableFields(entry).map(({ label }) => label)).toContain('Elbow on the D string');
  expect(mendedBody(entry, {})).toHaveProperty('problem');
  expect(mendedBody(entry, { 'strings[1].elbow': 'level' })).toHaveProperty('body.strings.1', {
    string: 'D',
    elbow: 'level',
  });
});

it('a stroke goes without the channel, or the turns, that the studio points at', () => {
  expect(leavableOf(take('takenAt'))).toBeNull();
  const channel = take('series.channels.bowSkew');
  const without = mendedBody(channel, {}, leavableOf(channel));
  expect(without).toHaveProperty('body.series.channels', { wristFlexion: [1, 2, 3] });
  const turns = take('cuts[0].toS');
  expect(mendedBody(turns, {}, leavableOf(turns))).toMatchObject({ body: { cuts: null } });
});

it('a mark of a hand at rest is put right by its number, or left out', () => {
  const hand = stopped(
    'relaxedHand',
    {
      studentId: ids.studentId,
      takenAt: '2026-03-01T15:30:00Z',
      pictureId: uuidv7(),
      side: 'right',
      image: { width: 100, height: 100 },
      points: { indexTip: { x: 1e9, y: 2, sigma: 1 }, thumbTip: { x: 1, y: 2, sigma: 1 } },
    },
    'points.indexTip.x',
  );
  expect(mendedBody(hand, { 'points.indexTip.x': '90' })).toMatchObject({
    body: { points: { indexTip: { x: 90 } } },
  });
  const without = mendedBody(hand, {}, leavableOf(hand));
  expect(without).toHaveProperty('body.points', { thumbTip: { x: 1, y: 2, sigma: 1 } });
});
