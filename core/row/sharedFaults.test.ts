import { holdById, type Hold } from '../holds';
import { CUES } from '../judge';
import { DRILLS } from '../practice';
import { cuesForAll, groupDrill } from './cueForAll';
import { faultsSeen, playerSeen } from './marks';
import { ALONE_CUES, GROUP_DRILLS, ROW_FAULTS } from './rowData';
import { faultCounts, sharedFaults, type PlayerHere } from './sharedFaults';
import { markOf, simulatedRoom } from './testing/sections';
import { seededUniform } from '../stats';

const HOLDS = ['violin-shallow', 'violin-starter', 'cello', 'french-bass-ring', 'german-bass'].map(
  holdById,
);
const [violin, starter, cello, french, german] = HOLDS as [Hold, Hold, Hold, Hold, Hold];

const player = (id: number, hold: Hold, ...faults: (string | 'fine')[]): PlayerHere => {
  const marks = faults.map((fault) => markOf(`${id}`, fault === 'fine' ? 'fine' : { fault, hold }));
  return { studentId: `${id}`, hold, faults: faultsSeen(playerSeen(marks, hold), hold) };
};

describe('what a room shares', () => {
  it('is counted of those who were looked at for it, on the holds that can show it', () => {
    const room = [
      player(1, violin, 'thumbOnPad', 'fine'),
      player(2, violin, 'thumbOnPad'),
      player(3, cello, 'thumbOnPad'),
      player(4, cello, 'fine'),
      player(5, cello),
      // On a German bow the thumb lies on its pad.
      player(6, german, 'fine'),
    ];
    const [pad] = faultCounts(room);
    expect(pad).toMatchObject({
      fault: 'thumbOnPad',
      players: ['1', '2', '3'],
      seen: 4,
      room: 5,
      tellsLittle: false,
    });
    expect(pad!.most).toBe(5);
    expect(sharedFaults(faultCounts(room)).map(({ fault }) => fault)).toEqual(['thumbOnPad']);
  });

  it('is nothing where a tenth was looked at', () => {
    const room = Array.from({ length: 30 }, (_, i) =>
      i < 3 ? player(i, violin, 'thumbStraight') : player(i, violin),
    );
    expect(faultCounts(room)[0]).toMatchObject({ fault: 'thumbStraight', tellsLittle: true });
    expect(sharedFaults(faultCounts(room))).toEqual([]);
  });

  it('is at most two things, never both ends of one', () => {
    const room = Array.from({ length: 20 }, (_, i) =>
      player(i, violin, i < 10 ? 'wristLow' : 'wristHigh', 'thumbStraight', 'indexDeep'),
    );
    const shared = sharedFaults(faultCounts(room)).map(({ fault }) => fault);
    expect(shared).toHaveLength(2);
    expect(shared.filter((fault) => fault.startsWith('wrist')).length).toBeLessThan(2);
  });

  it('names the fault that two thirds show first in at least 95 of 100 simulated sections', () => {
    const random = seededUniform(28);
    const faults = { thumbStraight: 0.1, indexDeep: 0.2, littleAway: 0.15, wristLow: 0.25 };
    let first = 0;
    const sections = 400;
    for (let i = 0; i < sections; i++) {
      const holds = Array.from({ length: 12 + (i % 24) }, (_, k) => HOLDS[(k * 7 + i) % 5]!);
      const shared = Object.keys(faults)[i % 4]!;
      const room = simulatedRoom(holds, { ...faults, [shared]: 2 / 3 }, random);
      if (sharedFaults(faultCounts(room))[0]?.fault === shared) first += 1;
    }
    expect(first / sections).toBeGreaterThanOrEqual(0.95);
  });
});

describe('the sentence for everyone', () => {
  it('is one where one fits every hold', () => {
    const cues = cuesForAll('thumbStraight', [violin, starter, cello, french]);
    expect(cues).toEqual([
      { cue: 'bend-before-touching', bows: ['violin', 'cello', 'french-bass'], players: 4 },
    ]);
  });

  it('differs where the holds want something else, and those with most players hear theirs first', () => {
    const cues = cuesForAll('littleAway', [violin, violin, cello, german]);
    expect(cues.map(({ cue, bows, players }) => [cue, bows, players])).toEqual([
      ['little-tip-on-top', ['violin'], 2],
      ['little-over-the-stick', ['cello'], 1],
      ['little-under-the-frog', ['german-bass'], 1],
    ]);
  });

  it('is there for every fault on every hold that can show it, or only said alone', () => {
    for (const { id, offered } of ROW_FAULTS) {
      if (!offered) continue;
      for (const hold of HOLDS) {
        const cues = cuesForAll(id, [hold]);
        for (const { cue } of cues) expect(ALONE_CUES.has(cue)).toBe(false);
        const canShow = player(1, hold, 'fine').faults.has(id);
        expect([id, hold.id, cues.length]).toEqual([id, hold.id, canShow ? 1 : 0]);
      }
    }
  });

  it('names only words and drills that there are', () => {
    for (const cue of ALONE_CUES) expect(CUES.map(({ id }) => id)).toContain(cue);
    for (const drill of GROUP_DRILLS) expect(DRILLS.map(({ id }) => id)).toContain(drill);
  });
});

describe('the drill for everyone', () => {
  it('is one that every hold in the room lists', () => {
    expect(groupDrill('thumbStraight', [violin, cello])).toBe('pencil-form');
    expect(groupDrill('thumbOnPad', [violin, german])).toBe('shake-and-form');
    expect(groupDrill('shoulderRaised', [violin, german])).not.toBeNull();
  });
});
