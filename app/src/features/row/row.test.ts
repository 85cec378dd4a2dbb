import { holdById, type Hold } from '@open-palm/core/holds';
import { groupChanges } from './groupChanges';
import { movedTo } from './movedTo';
import { planPage } from './planPage';
import { lastSeenIn, roomOf, standingsIn, unseenDaysOf } from './room';
import { seatRise, seatRows } from './seatRows';
import { readRoom } from './shared';
import { fine, item, player, room, walked } from './testing/aRoom';
import { shownNames } from './useHiddenNames';

const NOW = new Date('2026-12-02T16:00:00.000Z');

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
