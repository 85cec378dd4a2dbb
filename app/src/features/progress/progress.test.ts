import type { HandHistory, LogEntry, TrackedNumber } from '@open-palm/contract';
import { changeSince, familyWords, seriesWords, withUnit } from './changeWords';
import { EVERYTHING, followHistory } from './followed';
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
  workingOut: 0,
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

  it('compares only looks of the same kind: what differs between heel and point is no change', () => {
    const contexts = ['heel', 'point', 'heel', 'point'] as const;
    const little = (value: number): TrackedNumber => [
      'littlePipFlexion',
      null,
      value,
      4,
      25,
      70,
      'in',
    ];
    const looks = history(
      [40, 10, 42, 60].map((value) => [little(value)]),
      (i) => ({ context: contexts[i]! }),
    );
    const { checks } = followHistory(looks, [], student);
    // The newest was at the point: it is held against the point.
    expect(changeSince(checks, 'littlePipFlexion')).toMatchObject({ from: 10, to: 60 });
    // A newest look that has no like: the way in which most looked.
    expect(changeSince(checks.slice(0, 3), 'littlePipFlexion')).toMatchObject({
      from: 40,
      to: 42,
      code: 'noRealChange',
    });
    const two = followHistory({ ...looks, checks: looks.checks.slice(0, 2) }, [], student);
    expect(changeSince(two.checks, 'littlePipFlexion')).toBeNull();
    expect(familyWords(two, 'little', NOW)).toBe(
      'Looked at in different ways so far: not compared.',
    );
    expect(seriesWords(two, 'littlePipFlexion', NOW)).toBe(
      'Looked at in different ways so far: not compared.',
    );
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
