import type { GroupFile } from '@open-palm/contract';
import { walkIdOf } from '@open-palm/records/row';
import { standingsIn } from './room';
import { fine, mark, player, room, straight, walked } from './testing/aRoom';
import {
  firstOpen,
  isIn,
  markOfStanding,
  partsOfRoom,
  walkCounts,
  walkOrder,
  type Part,
} from './walkOrder';
import { walksWithMarks } from './walksWithMarks';

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

  it('may be of one instrument or one row, where the room has several', () => {
    const back = player('e', 0, { seat: { row: 2, place: 0 } });
    const cello = player('f', 0, { seat: null });
    cello.setup = { ...cello.setup, instrument: 'cello' };
    expect(partsOfRoom(room)).toEqual([]);
    expect(partsOfRoom([...room, back, cello])).toEqual(['violin', 'cello', 0, 2]);
    const inPart = (part: Part | null) =>
      [...room, back, cello].filter((one) => isIn(part, one)).map(({ studentId }) => studentId);
    expect(inPart(null)).toHaveLength(6);
    expect(inPart('cello')).toEqual(['f']);
    expect(inPart(0)).toEqual(['a', 'b', 'c', 'd']);
    expect(inPart(2)).toEqual(['e']);
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
