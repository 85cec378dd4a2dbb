import fc from 'fast-check';
import { HOLD_IDS, holdById } from '../holds';
import { answerOfFault } from './answerOfFault';
import { faultsSeen, offeredFaults, playerSeen } from './marks';
import { unitedMarks, type RowMark } from './rowMark';
import { ROW_FAULTS } from './rowData';
import { markOf } from './testing/sections';

const violin = holdById('violin-shallow');
const cello = holdById('cello');
const said = (marks: readonly RowMark[], hold = violin) =>
  Object.fromEntries(faultsSeen(playerSeen(marks, hold), hold));

let count = 0;
const mark = (more: object): RowMark =>
  ({
    id: `m${count++}`,
    at: `2026-03-04T15:30:${10 + count}.000Z`,
    studentId: 'a',
    setupId: 'b',
    ...more,
  }) as RowMark;
const straight = () => mark(answerOfFault('thumbStraight', violin)!);

describe('what marks say of a player', () => {
  it('is nothing of whoever was not touched: not looked at is never fine', () => {
    expect(playerSeen([], violin)).toEqual({
      isAbsent: false,
      isLookedAt: false,
      taps: [],
      signs: {},
      at: null,
    });
    expect(playerSeen([mark({ kind: 'absent' })], violin)).toMatchObject({
      isAbsent: true,
      isLookedAt: false,
      at: null,
    });
  });

  it('is of a touched part that alone, and with "fine" of all else that an eye sees in passing', () => {
    const only = straight();
    expect(said([only])).toEqual({ thumbStraight: true, thumbClamped: false });
    const all = said([only, mark({ kind: 'fine' })]);
    expect(all).toMatchObject({ thumbStraight: true, littleStraight: false, wristLow: false });
    for (const { id } of offeredFaults(violin)) expect(all[id]).toBe(id === 'thumbStraight');
  });

  it('of a fault that everybody was looked at for is its absence, unless it was seen', () => {
    const without = mark({ kind: 'without', fault: 'thumbStraight' });
    expect(said([without])).toEqual({ thumbStraight: false });
    expect(said([without, straight()])).toMatchObject({ thumbStraight: true });
    expect(playerSeen([without], violin).taps).toEqual([]);
  });

  it('takes back a slip, and counts whoever came late as there', () => {
    const slip = straight();
    expect(said([slip, mark({ kind: 'undone', mark: slip.id })])).toEqual({});
    expect(playerSeen([mark({ kind: 'absent' }), mark({ kind: 'fine' })], violin)).toMatchObject({
      isAbsent: false,
      isLookedAt: true,
    });
  });

  it('is by each hold: a little finger over the stick is a fault on the violin and none on the cello', () => {
    const over = mark({
      kind: 'tap',
      tap: { measure: 'littlePlace', answer: { kind: 'category', category: 'over' } },
    });
    expect(said([over])).toMatchObject({ littleTooFar: true });
    expect(said([over], cello)).toEqual({ littleAway: false });
  });

  it('leaves out an answer that the hold does not ask: the mark stays, and says nothing', () => {
    const german = holdById('german-bass');
    const facet = answerOfFault('thumbThroughGap', violin)!;
    expect(playerSeen([mark(facet)], german)).toMatchObject({ isLookedAt: false, taps: [] });
  });

  it('can be said by its name on every hold that can show it, and is then what was said', () => {
    for (const hold of HOLD_IDS.map(holdById)) {
      for (const { id } of ROW_FAULTS) {
        const answer = answerOfFault(id, hold);
        if (answer)
          expect([hold.id, id, said([mark(answer)], hold)[id]]).toEqual([hold.id, id, true]);
      }
      expect(offeredFaults(hold).length).toBeGreaterThanOrEqual(7);
    }
  });
});

describe('marks of two phones', () => {
  const marks = fc.uniqueArray(
    fc.tuple(fc.nat(20), fc.constantFrom('a', 'b'), fc.nat(9)).map(([n, who, at]): RowMark => ({
      ...markOf(who, n % 3 === 0 ? 'absent' : 'fine', `2026-03-04T15:30:0${at}.000Z`),
      id: `m${n}`,
    })),
    { selector: ({ id }) => id },
  );

  it('are put together the same in any order, each once', () => {
    fc.assert(
      fc.property(marks, fc.nat(20), (all, at) => {
        const [one, other] = [all.slice(0, at), all.slice(Math.max(0, at - 2))];
        const united = unitedMarks(one, other);
        expect(unitedMarks(other, one)).toEqual(united);
        expect(unitedMarks(united, one)).toEqual(united);
        expect(united.map(({ id }) => id).sort()).toEqual(all.map(({ id }) => id).sort());
      }),
    );
  });
});
