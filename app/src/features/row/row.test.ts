import type { GroupFile, StudentListItem, Walked } from '@open-palm/contract';
import { holdById, type Hold } from '@open-palm/core/holds';
import { answerOfFault, type RowMark } from '@open-palm/core/row';
import { walkIdOf } from '@open-palm/records/row';
import { groupChanges } from './groupChanges';
import { movedTo } from './movedTo';
import { planPage } from './planPage';
import { lastSeenIn, roomOf, standingsIn, unseenDaysOf, type Player } from './room';
import { seatRise, seatRows } from './seatRows';
import { readRoom } from './shared';
import { shownNames } from './useHiddenNames';
import { firstOpen, markOfStanding, walkCounts, walkOrder } from './walkOrder';
import { walksWithMarks } from './walksWithMarks';

const NOW = new Date('2026-12-02T16:00:00.000Z');
const hold = holdById('violin-shallow');

const item = (id: string, name: string, more: object = {}): StudentListItem =>
  ({
    student: {
      id,
      name,
      middleFingerMm: null,
      bands: 'on',
      setups: [
        {
          id: `${id}'s`,
          instrument: 'violin',
          holdId: 'violin-shallow',
          bowSize: '4/4',
          settings: {},
        },
      ],
    },
    lastCheckAt: null,
    open: [],
    ...more,
  }) as unknown as StudentListItem;

const player = (id: string, place: number, more: Partial<Player> = {}): Player => {
  const of = item(id, `${id} Name`);
  return {
    studentId: id,
    name: of.student.name,
    item: of,
    setup: of.student.setups[0]!,
    hold,
    seat: { row: 0, place },
    hurts: false,
    ...more,
  };
};
const room = ['a', 'b', 'c', 'd'].map((id, place) => player(id, place));

let count = 0;
const mark = (studentId: string, said: object): RowMark => {
  count += 1;
  const at = `2026-12-02T15:${String(10 + count)}:00.000Z`;
  return { id: `m${count}`, at, studentId, setupId: `${studentId}'s`, ...said } as RowMark;
};
const straight = (studentId: string) => mark(studentId, answerOfFault('thumbStraight', hold)!);
const fine = (studentId: string) => mark(studentId, { kind: 'fine' });
const walked = (day: string, ...players: Partial<Walked['players'][number]>[]): Walked => ({
  id: walkIdOf('g', day),
  day,
  fromMemory: false,
  players: players.map((one) => ({
    studentId: '',
    isAbsent: false,
    faults: {},
    at: `${day}T15:30:00.000Z`,
    checkId: null,
    ...one,
  })),
});

describe('a room', () => {
  it('has its players in walking order, and tells whose instrument is gone', () => {
    const members = {
      b: { setupId: "b's", seat: { row: 0, place: 0 } },
      a: { setupId: "a's", seat: { row: 0, place: 1 } },
      c: { setupId: 'sold', seat: null },
      gone: { setupId: 'x', seat: null },
    };
    const hurt = item('b', 'Ben', { open: [{ kind: 'hurt' }] });
    const { players, strangers } = roomOf(
      { members },
      [item('a', 'Ada'), hurt, item('c', 'Cora')],
      [],
    );
    expect(players.map(({ studentId, hurts }) => [studentId, hurts])).toEqual([
      ['b', true],
      ['a', false],
    ]);
    expect(strangers.map(({ student }) => student.id)).toEqual(['c']);
  });

  it('is as wide and deep as its seats, and an arc comes forward at its ends', () => {
    expect(seatRows(room)).toEqual({ rows: 1, places: 4 });
    expect(seatRows(room, 1)).toEqual({ rows: 2, places: 5 });
    expect(seatRows([player('a', 11)], 1).places).toBe(12);
    expect([0, 2, 4].map((place) => seatRise(place, 5))).toEqual([14, 0, 14]);
  });

  it('lets two players change seats', () => {
    const members = {
      a: { setupId: 's', seat: { row: 0, place: 0 } },
      b: { setupId: 't', seat: null },
    };
    const moved = movedTo(members, 'b', { row: 0, place: 0 });
    expect(moved).toEqual({
      a: { setupId: 's', seat: null },
      b: { setupId: 't', seat: { row: 0, place: 0 } },
    });
    expect(movedTo(members, 'nobody', { row: 0, place: 0 })).toBe(members);
  });

  it('calls players by first names that tell them apart', () => {
    const names = shownNames([
      { studentId: '1', name: 'Ada Moor' },
      { studentId: '2', name: 'Ada Pell' },
      { studentId: '3', name: 'Ben' },
      { studentId: '4', name: 'Cora Pell' },
      { studentId: '5', name: 'Cora Penn' },
    ]);
    expect([...names.values()]).toEqual(['Ada M.', 'Ada P.', 'Ben', 'Cora Pell', 'Cora Penn']);
  });
});

describe('a walk', () => {
  it('goes on with whom the last one missed, and ends where nobody is open', () => {
    const before = [
      walked('2026-11-25', { studentId: 'a' }, { studentId: 'b' }, { studentId: 'c', at: null }),
    ];
    expect(walkOrder(room, before, '2026-12-02').map(({ studentId }) => studentId)).toEqual([
      'c',
      'd',
      'a',
      'b',
    ]);
    const standings = standingsIn(room, [fine('a'), mark('b', { kind: 'absent' })]);
    expect(firstOpen(room, standings)).toBe(2);
    expect(walkCounts(room, standings)).toEqual({ looked: 1, absent: 1, rest: 2 });
    const all = standingsIn(
      room,
      room.map(({ studentId }) => fine(studentId)),
    );
    expect(firstOpen(room, all)).toBe(4);
  });

  it('marks untouched players as not looked at, never as fine', () => {
    const standings = standingsIn(room, [straight('a'), fine('b')]);
    expect(room.map(({ studentId }) => markOfStanding(standings.get(studentId)!))).toEqual([
      'out',
      'in',
      'notSeen',
      'notSeen',
    ]);
  });

  it('that waits on this device is put over what the studio knows of the same day', () => {
    const id = walkIdOf('g', '2026-12-02');
    const kept = walked('2026-12-02', { studentId: 'd', faults: { thumbStraight: false } });
    const file = {
      walks: [kept],
      newest: { id, groupId: 'g', day: '2026-12-02', fromMemory: false, marks: [fine('a')] },
    } as unknown as GroupFile;
    const here = [
      { id, groupId: 'g', day: '2026-12-02', fromMemory: false, marks: [straight('b')] },
    ];
    const walks = walksWithMarks(file, room, here);
    expect(walks).toHaveLength(1);
    const seen = new Map(walks[0]!.players.map((one) => [one.studentId, one.faults]));
    expect([...seen.keys()].sort()).toEqual(['a', 'b', 'd']);
    expect(seen.get('b')).toMatchObject({ thumbStraight: true });
    expect(walksWithMarks(file, room, [])).toEqual([kept]);
  });
});

describe('what a room comes to', () => {
  const many = Array.from({ length: 8 }, (_, i) =>
    player(`p${i}`, i, i === 7 ? { hurts: true } : {}),
  );
  const walk = walked(
    '2026-11-25',
    ...many.map(({ studentId }, i) => ({
      studentId,
      faults: { thumbStraight: i < 6, indexDeep: i === 6 },
    })),
  );

  it('is what most of it share, and who needs a minute, pain first', () => {
    const reading = readRoom(many, [walk], NOW);
    expect(reading.shared.map(({ count: { fault } }) => fault)).toEqual(['thumbStraight']);
    expect(reading.shared[0]!.cues[0]).toMatchObject({ cue: 'bend-before-touching', players: 8 });
    expect(reading.alone.map(({ studentId, reason }) => [studentId, reason.kind])).toEqual([
      ['p7', 'pain'],
      ['p6', 'fault'],
    ]);
  });

  it('counts each player by the newest walk of three weeks that came to them', () => {
    const older = walked('2026-11-18', { studentId: 'a', faults: { thumbStraight: true } });
    const newer = walked(
      '2026-11-25',
      { studentId: 'b', faults: {} },
      { studentId: 'a', at: null },
    );
    const seen = lastSeenIn(room, [newer, older], Date.parse('2026-11-12'));
    expect(seen.get('a')).toMatchObject({ at: older.players[0]!.at });
    expect(seen.get('c')!.at).toBeNull();
    expect(lastSeenIn(room, [older], Date.parse('2026-11-20')).get('a')!.at).toBeNull();
    const looked = player('a', 0, {
      item: item('a', 'A', { lastCheckAt: '2026-12-01T10:00:00.000Z' }),
    });
    expect([unseenDaysOf(looked, [older], NOW), unseenDaysOf(room[1]!, [older], NOW)]).toEqual([
      1,
      null,
    ]);
  });

  it('has really changed only by what many comparisons at once do not explain', () => {
    const share = (day: string, shown: number) =>
      walked(
        day,
        ...many.map(({ studentId }, i) => ({
          studentId,
          faults: { thumbStraight: i < shown, indexDeep: i < 1 },
        })),
      );
    const changes = groupChanges([share('2026-11-25', 0), share('2026-06-24', 8)], many)!;
    expect([changes.from.day, changes.to.day]).toEqual(['2026-06-24', '2026-11-25']);
    expect(changes.changes.map(({ fault, change }) => [fault, change.isReal])).toEqual([
      ['thumbStraight', true],
      ['indexDeep', false],
    ]);
    expect(groupChanges([share('2026-11-25', 3)], many)).toBeNull();
    // A walk past a single stand says nothing of the room.
    const few = walked('2026-12-01', { studentId: 'p0', faults: { thumbStraight: true } });
    expect(groupChanges([few, share('2026-11-25', 3)], many)).toBeNull();
  });
});

describe('a seat plan on paper', () => {
  const players = [player('a', 0, { hurts: true }), player('b', 1), player('c', 2, { seat: null })];
  const group = { name: 'Strings & bows' } as Parameters<typeof planPage>[0]['group'];
  const walk = walked('2026-11-25', { studentId: 'b', faults: { indexDeep: true } });
  const page = (withNotes: boolean) =>
    planPage({
      group,
      players,
      nameOf: ({ studentId }) => studentId.toUpperCase(),
      notes: withNotes
        ? {
            reading: readRoom(players, [walk], NOW),
            standings: new Map(
              players.map(({ studentId }) => [
                studentId,
                {
                  isAbsent: false,
                  isLookedAt: studentId === 'b',
                  faults: new Map([['indexDeep', studentId === 'b']]),
                },
              ]),
            ),
          }
        : null,
    });

  it('has names and instruments and nothing that is private', () => {
    const html = page(false);
    expect(html).toContain('<h1>Strings &amp; bows</h1>');
    expect(html).toMatch(/<td>A<small>Violin<\/small><\/td><td>B<small>Violin<\/small><\/td>/);
    expect(html).toContain('<p>C</p>');
    expect(html).not.toMatch(/index|hurt|pain/i);
  });

  it('with notes tells what was seen, and even then neither pain nor who is given a minute', () => {
    const html = page(true);
    expect(html).toContain('<em>The index is deep</em>');
    expect(html).toContain('<em>not looked at</em>');
    expect(html).not.toMatch(/hurt|pain|minute/i);
  });
});

it('knows every hold that a group can play', () => {
  const holds: Hold[] = ['cello', 'german-bass'].map(holdById);
  for (const one of holds)
    expect(standingsIn([{ studentId: 'a', hold: one }], [fine('a')]).get('a')!.isLookedAt).toBe(
      true,
    );
});
