import type { HandHistory, LogEntry, TrackedNumber } from '@open-palm/contract';
import { changeSince, familyWords, seriesWords, withUnit } from './changeWords';
import { bandPath, dotPath, whiskerPath } from './chartPaths';
import { EVERYTHING, followHistory } from './followed';
import { rememberedCues } from './screen/rememberedCues';
import { familyPoints, seriesOfFamily, seriesPoints } from './progressPoints';

const NOW = new Date(2026, 10, 26);
const student = { lesson: null, audits: false };
const id = (n: number) => `00000000-0000-7000-8000-${String(n).padStart(12, '0')}`;

const IN = { thumb: 'in', fingers: 'in', little: 'notSeen', wrist: 'notSeen' } as const;
const bend = (value: number): TrackedNumber => ['thumbIpFlexion', null, value, 5, 20, 60, 'in'];
const depth = (value: number, place: TrackedNumber[1] = null): TrackedNumber => [
  'indexDepth',
  place,
  value,
  0.15,
  1.1,
  1.9,
  'in',
];

/** Weekly looks from the numbers of each. */
const history = (
  looks: TrackedNumber[][],
  more: (i: number) => Partial<HandHistory['checks'][number]> = () => ({}),
): HandHistory => ({
  setupId: id(0),
  checks: looks.map((numbers, i) => ({
    id: id(i + 1),
    takenAt: new Date(Date.UTC(2026, 5, 3 + 7 * i, 15)).toISOString(),
    context: 'playing-start',
    standings: IN,
    numbers,
    grip: { holdId: 'violin-shallow', holdVersion: 2, settings: {}, bowSize: '4/4' },
    contacts: {
      thumbXMm: null,
      fingers: { index: null, middle: null, ring: null, little: null },
    },
    ...more(i),
  })),
});

describe('the weeks of a hold', () => {
  it('draws a family by its narrowest checkpoint, in steps of forming the hold afresh', () => {
    const { checks } = followHistory(
      history([
        [bend(40), depth(1.2)],
        [bend(24), depth(1.5)],
      ]),
      [],
      student,
    );
    const [first, second] = familyPoints(checks, 'fingers');
    expect(first).toMatchObject({ series: 'indexDepth', lo: 0, hi: null, state: 'in', sd: 1 });
    expect(first!.value).toBeCloseTo((1.2 - 1.1) / 0.15, 9);
    expect(second!.value).toBeCloseTo(0.4 / 0.15, 9);
    expect(familyPoints(checks, 'little')).toEqual([]);
    expect(seriesPoints(checks, 'thumbIpFlexion').map(({ value }) => value)).toEqual([40, 24]);
    expect(seriesOfFamily(checks, 'thumb')).toEqual(['thumbIpFlexion']);
  });

  it('says what really changed, what did not, and how little could not be told', () => {
    const moved = followHistory(
      history([
        [bend(22), depth(1.5)],
        [bend(40), depth(1.6)],
      ]),
      [],
      student,
    );
    expect(familyWords(moved, 'thumb', NOW)).toBe(
      'Real change since 3 June: bend of the last joint 22° → 40°.',
    );
    expect(familyWords(moved, 'fingers', NOW)).toBe('No real change since 3 June.');
    expect(seriesWords(moved, 'indexDepth', NOW)).toContain(
      '1.5 joints → 1.6 joints; less than 0.4 joints',
    );
    expect(familyWords(moved, 'wrist', NOW)).toBe('Not measured yet.');
    expect(withUnit(-4.4, 'thumbPlace')).toBe('−4 mm');
  });

  it('compares with then, or with the first look that saw it', () => {
    const { checks } = followHistory(
      history([[bend(22)], [bend(30), depth(1.2)], [bend(40), depth(1.8)]]),
      [],
      student,
    );
    expect(changeSince(checks, 'thumbIpFlexion', checks[1]!)).toMatchObject({ from: 30, to: 40 });
    expect(changeSince(checks, 'indexDepth', checks[0]!)).toMatchObject({ from: 1.2, to: 1.8 });
    expect(changeSince(checks, 'indexDepth', checks[2]!)).toBeNull();
  });

  it('follows only looks of one kind, and numbers of one place', () => {
    const mixed = history([[depth(1.2, 'heel'), depth(1.7, 'point')], [depth(1.5)]], (i) => ({
      context: i === 0 ? 'playing-start' : 'free',
    }));
    const values = (filter: Parameters<typeof followHistory>[3]) =>
      seriesPoints(followHistory(mixed, [], student, filter).checks, 'indexDepth').map(
        (p) => p.value,
      );
    expect(values(EVERYTHING)).toEqual([1.2, 1.5]);
    expect(values({ context: 'all', place: 'point' })).toEqual([1.7]);
    expect(values({ context: 'air', place: 'all' })).toEqual([1.5]);
    expect(values({ context: 'string', place: 'all' })).toEqual([]);
  });

  it('begins anew with a planned change, written down or seen in the grip', () => {
    const looks = Array.from({ length: 4 }, () => [bend(40)]);
    const planned: LogEntry = {
      id: id(90),
      studentId: id(91),
      setupId: id(0),
      madeAt: '2026-06-20T10:00:00.000Z',
      kind: 'planned',
      why: 'bow',
      on: '2026-06-16',
      word: null,
    };
    const written = followHistory(history(looks), [planned], student);
    expect(written.restarts).toMatchObject([{ why: 'bow' }]);
    expect(written.counted).toHaveLength(2);
    const grown = history(looks, (i) => ({
      grip: { ...history([[]]).checks[0]!.grip, bowSize: i < 3 ? '3/4' : '4/4' },
    }));
    expect(followHistory(grown, [], student)).toMatchObject({ restarts: [{ why: 'size' }] });
    expect(followHistory(grown, [], student).counted).toHaveLength(1);
  });
});

describe('the paths of a chart', () => {
  const y = (value: number) => 100 - value;
  const point = (x: number, value: number, lo: number | null, hi: number | null) => ({
    x,
    y: y(value),
    value,
    sd: 5,
    lo,
    hi,
  });

  it('hold every mark of a kind in one', () => {
    const two = [point(10, 20, 0, null), point(30, 40, 0, null)];
    expect(dotPath(two, 'disc', 4).match(/M/g)).toHaveLength(2);
    expect(dotPath(two, 'square', 4)).toContain('M6.3 76.3h');
    expect(whiskerPath(two, y, [0, 78])).toBe('M10.0 75.0V78.0M30.0 55.0V65.0');
  });

  it('draw the band as it was at each look: to the edge where it is open, not where there is none', () => {
    const band = (points: ReturnType<typeof point>[]) => bandPath(points, y, [0, 100], [10, 90]);
    expect(band([point(20, 5, 20, 60), point(40, 5, 20, 60)])).toBe('M0.0 40.0H100.0V80.0H0.0z');
    expect(band([point(20, 5, 20, null)])).toBe('M0.0 10.0H100.0V80.0H0.0z');
    expect(band([point(20, 5, 20, 60), point(40, 5, 30, 60)])).toBe(
      'M0.0 40.0H30.0V80.0H0.0zM30.0 40.0H100.0V70.0H30.0z',
    );
    expect(band([point(20, 5, null, null)])).toBe('');
  });
});

describe('cues that are remembered', () => {
  const said = (n: number, cue: string, outcome: 'worked' | 'notYet' | 'skip'): LogEntry => ({
    id: id(n),
    studentId: id(91),
    setupId: id(0),
    madeAt: `2026-06-${String(n).padStart(2, '0')}T10:00:00.000Z`,
    kind: 'cue',
    checkId: id(80),
    cause: 'thumbOnItsPad',
    cue,
    outcome,
  });

  it('are counted, the one that worked most often first, with its last time and effect', () => {
    const effect: LogEntry = {
      ...said(9, '', 'skip'),
      kind: 'cueWord',
      of: id(4),
      sound: 'better',
      ease: null,
      word: null,
    } as unknown as LogEntry;
    const log = [
      effect,
      said(5, 'b', 'notYet'),
      said(4, 'a', 'worked'),
      said(3, 'c', 'skip'),
      said(2, 'a', 'notYet'),
      said(1, 'a', 'worked'),
    ];
    expect(rememberedCues(log)).toEqual([
      { cue: 'a', worked: 2, lastWorked: '2026-06-04T10:00:00.000Z', notYet: 1, effect },
      { cue: 'b', worked: 0, lastWorked: null, notYet: 1, effect: null },
    ]);
  });
});
