import fc from 'fast-check';
import { FAMILIES } from '../measure';
import { familiesSeen, shareChange } from './groupChange';
import { minuteAlone, type PlayerToSee } from './minuteAlone';
import { PERFECT_EYE } from './roomShare';
import {
  freeSeats,
  resumedOrder,
  seatedOnce,
  seatsTakenTwice,
  walkingOrder,
  type Seated,
} from './seats';
import { pairCost, partnerPairs, threesOf, type PlayerBeside } from './together';

const at = (studentId: string, row: number, place: number): Seated => ({
  studentId,
  seat: { row, place },
});
const ids = (players: readonly { studentId: string }[]) =>
  players.map(({ studentId }) => studentId);

describe('the room', () => {
  it('is walked row by row, there and back; whoever has no seat comes last', () => {
    const room = [
      at('d', 1, 0),
      at('c', 1, 3),
      { studentId: 'e', seat: null },
      at('b', 0, 2),
      at('a', 0, 0),
    ];
    expect(ids(walkingOrder(room))).toEqual(['a', 'b', 'c', 'd', 'e']);
  });

  it('is gone on with where the walk before ended', () => {
    const room = ['a', 'b', 'c', 'd'].map((id, i) => at(id, 0, i));
    expect(ids(resumedOrder(room, new Set(['a', 'b'])))).toEqual(['c', 'd', 'a', 'b']);
    expect(ids(resumedOrder(room, new Set()))).toEqual(['a', 'b', 'c', 'd']);
    expect(ids(resumedOrder(room, new Set(['a', 'b', 'c', 'd'])))).toEqual(['a', 'b', 'c', 'd']);
  });

  it('has one player on a seat', () => {
    const room = [at('a', 0, 1), at('b', 0, 1), at('c', 1, 1), { studentId: 'd', seat: null }];
    expect(seatsTakenTwice(room)).toEqual([{ row: 0, place: 1 }]);
  });

  it('leaves a seat to whoever sat there before, and changes nobody else', () => {
    const on = (row: number, place: number) => ({ seat: { row, place } });
    const before = { a: on(0, 0), b: on(0, 1), c: { seat: null } };
    const both = { c: on(0, 1), a: on(0, 0), b: on(0, 1), d: on(2, 0), e: on(2, 0) };
    const once = { ...both, c: { seat: null }, e: { seat: null } };
    expect(seatedOnce(both, before)).toEqual(once);
    expect(seatedOnce(once, before)).toEqual(once);
  });

  it('has seats for as many as come, none of them taken', () => {
    fc.assert(
      fc.property(
        fc.nat(60),
        fc.array(fc.record({ row: fc.nat(3), place: fc.nat(7) })),
        (count, taken) => {
          const seats = freeSeats(count, taken);
          expect(seats).toHaveLength(count);
          const all = [...seats, ...taken].map(({ row, place }) => `${row} ${place}`);
          expect(new Set(all).size).toBe(seats.length + new Set(all.slice(count)).size);
        },
      ),
    );
  });
});

const seen = (...faults: string[]) => new Map(faults.map((fault) => [fault, true]));
const toSee = (studentId: string, more: Partial<PlayerToSee> = {}): PlayerToSee => ({
  studentId,
  hurts: false,
  faults: new Map(),
  unseenDays: 7,
  ...more,
});

describe('a minute alone', () => {
  it('is for pain first, then for what blocks later, then for whom nobody has looked at', () => {
    const alone = minuteAlone(
      [
        toSee('seen'),
        toSee('long', { unseenDays: 40 }),
        toSee('never', { unseenDays: null }),
        toSee('wrist', { faults: seen('wristLow') }),
        toSee('thumb', { faults: seen('thumbOnPad', 'wristLow') }),
        toSee('shared', { faults: seen('thumbStraight') }),
        toSee('hurts', { hurts: true }),
      ],
      ['thumbStraight'],
    );
    expect(alone).toEqual([
      { studentId: 'hurts', reason: { kind: 'pain' } },
      { studentId: 'thumb', reason: { kind: 'fault', fault: 'thumbOnPad' } },
      { studentId: 'wrist', reason: { kind: 'fault', fault: 'wristLow' } },
      { studentId: 'never', reason: { kind: 'unseen', days: null } },
      { studentId: 'long', reason: { kind: 'unseen', days: 40 } },
    ]);
  });

  it('is for five at most', () => {
    const many = Array.from({ length: 30 }, (_, i) => toSee(`${i}`, { unseenDays: 30 + i }));
    expect(ids(minuteAlone(many, []))).toEqual(['29', '28', '27', '26', '25']);
  });
});

const beside = (
  studentId: string,
  place: number,
  more: Partial<PlayerBeside> = {},
): PlayerBeside => ({
  studentId,
  seat: { row: 0, place },
  instrument: 'violin',
  bow: 'violin',
  faults: new Map(),
  ...more,
});

describe('three with the same fault', () => {
  it('are those who sit nearest, nobody twice, and none for what all work on', () => {
    const room = [0, 1, 2, 6, 7, 8, 12].map((place) =>
      beside(`${place}`, place, { faults: seen('thumbOnPad') }),
    );
    expect(threesOf(room, [])).toEqual([
      { fault: 'thumbOnPad', students: ['0', '1', '2'] },
      { fault: 'thumbOnPad', students: ['6', '7', '8'] },
    ]);
    expect(threesOf(room, ['thumbOnPad'])).toEqual([]);
  });
});

describe('partner pairs', () => {
  it('put neighbours with the same bow together', () => {
    const cello = { instrument: 'cello', bow: 'cello' } as const;
    const room = [beside('a', 0), beside('b', 2), beside('c', 1, cello), beside('d', 3, cello)];
    expect(partnerPairs(room)).toEqual([
      ['a', 'b'],
      ['c', 'd'],
    ]);
    expect(partnerPairs([beside('a', 0)])).toEqual([]);
  });

  const somebody = fc.record({
    seat: fc.option(fc.record({ row: fc.nat(2), place: fc.nat(4) })),
    kind: fc.constantFrom(
      { instrument: 'violin', bow: 'violin' } as const,
      { instrument: 'viola', bow: 'violin' } as const,
      { instrument: 'cello', bow: 'cello' } as const,
    ),
    faults: fc.subarray(['thumbStraight', 'wristLow']),
  });

  it('cost as little as any way to pair them, found by trying all', () => {
    fc.assert(
      fc.property(fc.array(somebody, { minLength: 2, maxLength: 8 }), (people) => {
        const room = people.map(({ seat, kind, faults }, i) => ({
          ...beside(`${i}`, 0, kind),
          seat,
          faults: seen(...faults),
        }));
        const of = new Map(room.map((player) => [player.studentId, player]));
        const pairs = partnerPairs(room);
        expect(pairs).toHaveLength(Math.floor(room.length / 2));
        expect(new Set(pairs.flat()).size).toBe(pairs.length * 2);
        const cost = pairs.reduce((sum, [a, b]) => sum + pairCost(of.get(a)!, of.get(b)!), 0);
        expect(cost).toBeLessThanOrEqual(cheapest(room) + 0.01 * pairs.length);
      }),
      { numRuns: 150 },
    );
  });
});

/** The least cost of pairing all of them, all but one where they are odd. */
function cheapest(room: readonly PlayerBeside[], mayLeave = room.length % 2 === 1): number {
  const [first, ...others] = room;
  if (!first || (others.length === 0 && mayLeave)) return 0;
  const paired = others.map(
    (other) =>
      pairCost(first, other) +
      cheapest(
        others.filter((one) => one !== other),
        mayLeave,
      ),
  );
  return Math.min(...paired, ...(mayLeave ? [cheapest(others, false)] : []));
}

describe('what a group has changed', () => {
  it('is the difference of two shares by the published example', () => {
    // Newcombe 1998, Statistics in Medicine 17:873, table II, method 10: 56/70 against 48/80.
    const change = shareChange(
      { shown: 48, seen: 80, room: Infinity },
      { shown: 56, seen: 70, room: Infinity },
      PERFECT_EYE,
      0.95,
    );
    expect(change.by).toBeCloseTo(0.2, 9);
    expect(change.low).toBeCloseTo(0.0524, 4);
    expect(change.high).toBeCloseTo(0.3339, 4);
    expect(change.isReal).toBe(true);
  });

  it('is not real between two walks of which one saw few', () => {
    const before = { shown: 14, seen: 20, room: 22 };
    expect(shareChange(before, { shown: 3, seen: 20, room: 22 }).isReal).toBe(true);
    expect(shareChange(before, { shown: 1, seen: 3, room: 22 }).isReal).toBe(false);
    expect(shareChange(before, before)).toMatchObject({ by: 0, isReal: false });
  });

  it('is drawn by family: what nobody spoke of was not looked at', () => {
    const families = familiesSeen(
      new Map([
        ['thumbStraight', true],
        ['thumbOnPad', false],
        ['wristLow', false],
      ]),
    );
    expect(families).toEqual({ thumb: 'out', fingers: 'notSeen', little: 'notSeen', wrist: 'in' });
    expect(Object.keys(families)).toEqual([...FAMILIES]);
  });
});
