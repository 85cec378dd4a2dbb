import type { MergedMeasure } from '@open-palm/core/measure';
import type { LogEntry, TrackedNumber } from '@open-palm/contract';
import { formingErrors, restartsOf, scoredNumber, trackedCheck, trackedNumbers } from './tracked';

const shared = {
  id: '00000000-0000-7000-8000-000000000001',
  studentId: '00000000-0000-7000-8000-000000000002',
  setupId: '00000000-0000-7000-8000-000000000003',
  madeAt: '2026-06-01T10:00:00.000Z',
};

const merged = (more: object, conflict = false): MergedMeasure =>
  ({
    measure: {
      kind: 'number',
      id: 'indexDepth',
      family: 'fingers',
      unit: 'u',
      verdict: 'in',
      value: 1.50049,
      sd: 0.15,
      band: { lo: 1.1, hi: 1.9 },
      decidable: true,
      implausible: false,
      retake: null,
      ...more,
    },
    place: null,
    sources: [],
    conflict,
  }) as MergedMeasure;

describe('numbers that are followed', () => {
  it('are short, and leave out what is implausible, contradicts itself, or is no number', () => {
    expect(
      trackedNumbers([
        merged({}),
        merged({ implausible: true }),
        merged({}, true),
        merged({ kind: 'looked' }),
        merged({ band: null, verdict: 'none' }),
      ]),
    ).toEqual([
      ['indexDepth', null, 1.5, 0.15, 1.1, 1.9, 'in'],
      ['indexDepth', null, 1.5, 0.15, null, null, 'none'],
    ]);
  });

  it('have the error that a re-form test told, else the default; ratios have none', () => {
    const score = (errors = {}) =>
      scoredNumber(['thumbPlace', null, 2, 1, -4, 8, 'in'], errors)?.sem;
    expect(score()).toBe(3);
    expect(score({ thumbPlace: 1.5 })).toBe(1.5);
    expect(scoredNumber(['gapEvenness', null, 0.1, 0.05, null, null, 'none'], {})).toBeNull();
  });

  it('stand under their place where they move along the bow, the first of a look', () => {
    const { measures, day } = trackedCheck(
      {
        takenAt: '2026-03-01T23:30:00.000Z',
        context: 'free',
        standings: { thumb: 'in', fingers: 'in', little: 'in', wrist: 'in' },
        numbers: [
          ['wristFlexion', 'heel', 20, 5, 0, 35, 'in'],
          ['wristFlexion', 'point', -20, 5, -30, 0, 'in'],
          ['indexDepth', 'heel', 1.4, 0.1, 1.1, 1.9, 'in'],
          ['indexDepth', 'point', 1.7, 0.1, 1.1, 1.9, 'in'],
        ],
      },
      'Europe/Berlin',
      {},
    );
    expect(Object.entries(measures).map(([series, { value }]) => [series, value])).toEqual([
      ['wristFlexion@heel', 20],
      ['wristFlexion@point', -20],
      ['indexDepth', 1.4],
    ]);
    // Half past midnight in Berlin.
    expect(day).toBe(Date.UTC(2026, 2, 2) / 86_400_000);
  });
});

describe('the error of forming the hold afresh', () => {
  const test = (thumbs: number[]): LogEntry => ({
    ...shared,
    kind: 'test',
    checkId: null,
    test: 're-form',
    result: {
      placements: thumbs.map((thumb) => ({
        seconds: 3,
        xMm: { thumb, index: 26, middle: 6 + thumb, ring: -9, little: -27 },
      })),
    },
  });

  it('is pooled over tests of five placements, for every place they tell of', () => {
    const errors = formingErrors([test([0, 2, 4, 2, 2]), test([10, 12, 14, 12, 12])]);
    expect(errors.thumbPlace).toBeCloseTo(Math.sqrt(16 / 8), 9);
    expect(errors.gap12).toBeCloseTo(Math.sqrt(16 / 8), 9);
    // No finger can be set down better than a quarter of the default.
    expect(errors.spread).toBe(0.75);
  });

  it('is not known from fewer', () => {
    expect(formingErrors([test([0, 2, 4, 2])])).toEqual({});
    expect(formingErrors([])).toEqual({});
  });
});

describe('planned changes', () => {
  const dayOf = {
    instant: (at: string) => Number(at),
    date: (date: string) => Number(date.slice(8)),
  };
  const grip = { holdId: 'violin-shallow', holdVersion: 2, settings: {}, bowSize: '3/4' as const };

  it('are those that were noted, and those that show in what looks were judged by', () => {
    const looks = [
      { takenAt: '1', grip, numbers: [] },
      { takenAt: '5', grip, numbers: [] },
      { takenAt: '9', grip: { ...grip, bowSize: '4/4' as const }, numbers: [] },
      {
        takenAt: '14',
        grip: { ...grip, bowSize: '4/4' as const, holdId: 'violin-deep' },
        numbers: [],
      },
    ];
    const noted: LogEntry = {
      ...shared,
      kind: 'planned',
      why: 'bow',
      on: '2026-06-11',
      word: null,
    };
    expect(restartsOf(looks, [noted], dayOf)).toEqual([
      { day: 9, why: 'size' },
      { day: 11, why: 'bow' },
      { day: 14, why: 'school' },
    ]);
    expect(restartsOf(looks.slice(0, 2), [], dayOf)).toEqual([]);
    const chosen = (settings: Record<string, string>) => ({
      takenAt: '1',
      grip: { ...grip, settings },
      numbers: [],
    });
    const same = [chosen({ a: '1', b: '2' }), chosen({ b: '2', a: '1' })];
    expect(restartsOf(same, [], dayOf)).toEqual([]);
    expect(restartsOf([same[0]!, chosen({ a: '1', b: '3' })], [], dayOf)).toHaveLength(1);
  });

  it('are none where the hold only has a newer version: just the series whose bands it moved begin anew', () => {
    const depth = (hi: number): TrackedNumber => ['indexDepth', null, 1.5, 0.1, 1.1, hi, 'in'];
    const bend = (lo: number): TrackedNumber => ['thumbIpFlexion', null, 35, 4, lo, 60, 'in'];
    const look = (at: string, holdVersion: number, ...numbers: TrackedNumber[]) => ({
      takenAt: at,
      grip: { ...grip, holdVersion },
      numbers,
    });
    const looks = [
      look('1', 2, depth(1.9), bend(20)),
      // A hand that was measured anew moves its bands within one version.
      look('3', 2, depth(1.95), bend(20)),
      look('5', 3, depth(2.1)),
      look('7', 3, depth(2.1), bend(20)),
      look('9', 3, depth(2.1), bend(20)),
    ];
    expect(restartsOf(looks, [], dayOf)).toEqual([
      { day: 5, why: 'bands', series: ['indexDepth'] },
    ]);
    // Seen again only later, it begins anew then.
    const late = [...looks.slice(0, 3), look('8', 3, bend(15))];
    expect(restartsOf(late, [], dayOf).at(-1)).toEqual({
      day: 8,
      why: 'bands',
      series: ['thumbIpFlexion'],
    });
  });
});
