import type { LogEntry, TrackedNumber } from '@open-palm/contract';
import { FAMILIES, type Context, type Family, type Standing } from '@open-palm/core/measure';
import { heldAt, thenAndNow } from './heldAt';
import { termChart, TERM_CHART } from './termChart';
import { termFacts, type TermLook } from './termFacts';
import { trackedCheck } from '../track';

const NONE = { thumbXMm: null, fingers: {} } as unknown as TermLook['kept']['contacts'];
const TERM = { from: '2026-09-01', until: '2026-11-30' };

/** A look on a day of the term. */
function look(
  day: string,
  numbers: TrackedNumber[],
  standings: Partial<Record<Family, Standing>> = {},
  context: Context = 'supported',
): TermLook {
  const kept = {
    takenAt: `2026-${day}T15:00:00.000Z`,
    context,
    contacts: NONE,
    numbers,
    standings: {
      ...(Object.fromEntries(FAMILIES.map((family) => [family, 'notSeen'])) as Record<
        Family,
        Standing
      >),
      ...standings,
    },
  };
  return { kept, tracked: trackedCheck(kept, 'UTC', {}) };
}

/** A thumb wanted between 15 and 60 degrees. */
const thumb = (deg: number, verdict: TrackedNumber[6]): TrackedNumber => [
  'thumbIpFlexion',
  null,
  deg,
  5,
  15,
  60,
  verdict,
];

const facts = (looks: TermLook[], log: LogEntry[] = [], drifting: Family[] = [], zone = 'UTC') =>
  termFacts(looks, drifting, log, TERM, zone);

describe('what a term tells', () => {
  it('names what is gone, by what was to be seen of it', () => {
    const told = facts([
      look('09-10', [thumb(-5, 'low')], { thumb: 'out' }),
      look('11-20', [thumb(35, 'in')], { thumb: 'in' }),
      look('11-21', [], { thumb: 'in' }),
      look('11-22', [], { thumb: 'in' }),
    ]);
    expect(told.changes).toEqual([
      {
        family: 'thumb',
        measure: 'thumbIpFlexion',
        place: null,
        sign: 'thumbStraight',
        kind: 'gone',
        from: -5,
        to: 35,
      },
    ]);
    expect(told.families).toMatchObject({ thumb: 'betterIn', wrist: 'notSeen' });
  });

  it.each([
    ['less where the last look leaves it open', -30, 'low', 14, 'unsure', 'less', 'thumbStraight'],
    ['more of what was there', 10, 'low', -30, 'low', 'more', 'thumbStraight'],
    ['new where it was in', 30, 'in', -20, 'low', 'new', 'thumbStraight'],
    ['new on the other side', -10, 'low', 85, 'high', 'new', 'thumbClamped'],
  ] as const)('tells %s', (_, from, began, to, ended, kind, sign) => {
    const { changes } = facts([
      look('09-10', [thumb(from, began)]),
      look('11-20', [thumb(to, ended)]),
    ]);
    expect(changes).toMatchObject([{ kind, sign }]);
  });

  it.each([
    ['what forming the hold afresh may bring', 12, 'low', 17, 'in'],
    ['what no look surely saw out', 14, 'unsure', 45, 'in'],
    ['what may be out now', 45, 'in', 14, 'unsure'],
    ['what stayed within the band', 20, 'in', 55, 'in'],
  ] as const)('does not tell %s', (_, from, began, to, ended) => {
    const { changes } = facts([
      look('09-10', [thumb(from, began)]),
      look('11-20', [thumb(to, ended)]),
    ]);
    expect(changes).toEqual([]);
  });

  it('compares a wrist with itself at the same place of the bow only', () => {
    const wrist = (place: 'heel' | 'point', deg: number, verdict: TrackedNumber[6]) =>
      ['wristFlexion', place, deg, 3, 0, 35, verdict] as TrackedNumber;
    const { changes } = facts([
      look('09-10', [wrist('heel', 70, 'high')]),
      look('10-10', [wrist('point', 10, 'in')]),
      look('11-10', [wrist('heel', 20, 'in')]),
    ]);
    expect(changes).toMatchObject([{ measure: 'wristFlexion', place: 'heel', kind: 'gone' }]);
  });

  it('compares only looks of the same kind: straight at the heel and round at the point is no change', () => {
    const little = (deg: number, verdict: TrackedNumber[6]): TrackedNumber => [
      'littlePipFlexion',
      null,
      deg,
      5,
      20,
      70,
      verdict,
    ];
    const heel = (day: string, deg: number) => look(day, [little(deg, 'low')], {}, 'heel');
    const point = (day: string, deg: number) => look(day, [little(deg, 'in')], {}, 'point');
    expect(facts([heel('09-10', 0), point('11-20', 40)]).changes).toEqual([]);
    const told = facts([
      heel('09-10', -20),
      point('09-17', 40),
      point('11-13', 42),
      heel('11-20', 15),
    ]);
    expect(told.changes).toMatchObject([{ place: 'heel', kind: 'less', from: -20, to: 15 }]);
  });

  it('tells nothing of what goes one way in some looks and the other way in others', () => {
    const playing = (day: string, deg: number, verdict: TrackedNumber[6]) =>
      look(day, [thumb(deg, verdict)], {}, 'playing-start');
    const { changes } = facts([
      look('09-10', [thumb(-20, 'low')]),
      playing('09-10', 40, 'in'),
      look('11-20', [thumb(30, 'in')]),
      playing('11-20', -10, 'low'),
    ]);
    expect(changes).toEqual([]);
  });

  it.each([
    ['slipping', ['in', 'in'], ['thumb']],
    ['steadyIn', ['out', 'in', 'in', 'in'], []],
    ['steadyIn', ['in', 'unsure', 'in'], []],
    ['steadyUnsure', ['in', 'unsure', 'unsure'], []],
    ['steadyOut', ['in', 'out', 'unsure', 'out'], []],
    ['sometimes', ['out', 'in', 'out'], []],
    ['notJudged', ['none', 'none'], []],
    ['once', ['in'], []],
  ] as [string, Standing[], Family[]][])(
    'calls a family %s by its last looks',
    (word, stood, drifts) => {
      const looks = stood.map((thumbs, i) => look(`09-1${i}`, [], { thumb: thumbs }));
      expect(facts(looks, [], drifts).families.thumb).toBe(word);
    },
  );

  it('takes a family that was better and worse for both', () => {
    const mcp = (deg: number, verdict: TrackedNumber[6]): TrackedNumber => [
      'thumbMcpFlexion',
      null,
      deg,
      5,
      0,
      50,
      verdict,
    ];
    const { families } = facts([
      look('09-10', [thumb(-20, 'low'), mcp(20, 'in')], { thumb: 'out' }),
      look('11-20', [thumb(30, 'in'), mcp(-30, 'low')], { thumb: 'out' }),
    ]);
    expect(families.thumb).toBe('mixed');
  });
});

describe('what lessons and practice of a term tell', () => {
  const shared = { studentId: 's', setupId: 'v' };
  const cue = (id: string, day: string, outcome: 'worked' | 'notYet'): LogEntry => ({
    ...shared,
    id: `${id} ${day}`,
    kind: 'cue',
    madeAt: `2026-${day}T15:00:00.000Z`,
    checkId: 'c',
    cause: null,
    cue: id,
    outcome,
  });
  const plan = { ...shared, id: 'p', kind: 'plan', madeAt: '2026-09-01T10:00:00.000Z' } as LogEntry;
  const done = (day: string, seconds: number, result: 'done' | 'hurt' = 'done') => ({
    day: `2026-${day}`,
    drill: 'pencil-form',
    stage: 1,
    turn: 1,
    seconds,
    result,
  });
  const log = (
    entries: ReturnType<typeof done>[],
    via: 'card' | 'together' = 'card',
  ): LogEntry => ({
    ...shared,
    id: `log ${via}`,
    kind: 'practised',
    madeAt: '2026-11-01T10:00:00.000Z',
    of: 'p',
    via,
    entries,
  });

  it('keeps to cues that worked, and to the term', () => {
    const told = facts(
      [],
      [
        cue('b', '11-03', 'worked'),
        cue('a', '10-20', 'worked'),
        cue('a', '10-13', 'worked'),
        cue('c', '10-06', 'notYet'),
        cue('d', '08-20', 'worked'),
      ],
    );
    expect(told.worked).toEqual(['a', 'b']);
    expect(told.practised).toBeNull();
  });

  it('counts what was said by the calendar of the lesson: an evening far in the west is still today', () => {
    const evening = { ...cue('a', '12-01', 'worked'), madeAt: '2026-12-01T02:00:00.000Z' };
    expect(facts([], [evening], [], 'America/Los_Angeles').worked).toEqual(['a']);
    expect(facts([], [evening]).worked).toEqual([]);
  });

  it('counts days and minutes at home, of that time, and nothing that hurt', () => {
    const turns = [
      done('08-30', 600),
      done('09-05', 120),
      done('09-06', 90),
      done('09-07', 60, 'hurt'),
    ];
    const told = facts([], [log([done('09-08', 600)], 'together'), log(turns), plan]);
    // 210 seconds are three and a half minutes.
    expect(told.practised).toEqual({ days: 2, minutes: 4 });
  });
});

describe('a hold at the two ends of a term', () => {
  const looks = [
    look('09-10', [thumb(-5, 'low')]),
    look('09-17', [thumb(5, 'low'), ['littlePipFlexion', null, 10, 5, 20, 70, 'low']]),
    look('11-13', [['littlePipFlexion', null, 40, 5, 20, 70, 'in']]),
    look('11-20', [thumb(35, 'in')]),
  ];

  it('is drawn from the looks nearest to each, the nearest first, and no look tells of both', () => {
    expect(thenAndNow(looks)).toMatchObject({
      then: { measures: { thumbIpFlexion: -5, littlePipFlexion: 10 } },
      now: { measures: { thumbIpFlexion: 35, littlePipFlexion: 40 } },
    });
    expect(thenAndNow(looks.slice(0, 1))).toBeNull();
  });

  it('has no value of one place of the bow', () => {
    const wrist = look('09-10', [['wristFlexion', 'heel', 30, 3, 0, 35, 'in']]);
    expect(heldAt([wrist]).measures).toEqual({});
  });
});

describe('a chart of a term', () => {
  const at = (when: number, value: number, state: 'in' | 'out' | 'unsure') => ({
    at: when,
    value,
    sd: 0.5,
    state,
  });

  it('has what is in above its edge and what is out below, from its first day to its last', () => {
    const { marks, edge, band, halves } = termChart([
      at(0, 2, 'in'),
      at(0.5, 0, 'unsure'),
      at(1, -3, 'out'),
    ]);
    const y = (path: string) => Number(/M[\d.]+ ([\d.]+)/.exec(path)![1]);
    expect(y(marks.in)).toBeLessThan(y(edge));
    expect(y(marks.out)).toBeGreaterThan(y(edge));
    expect(y(marks.unsure)).toBeCloseTo(y(edge));
    expect(halves).not.toBe('');
    expect(band).toContain(`H${TERM_CHART.width}`);
    expect(marks.in.startsWith('M4.0')).toBe(true);
    expect(marks.out).toContain(`M${TERM_CHART.width - 8 - 3.7}`.slice(0, 5));
  });
});
