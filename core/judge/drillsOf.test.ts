import { HOLD_IDS, holdById } from '../holds';
import { DRILLS, isDrillOf } from '../practice';
import { CAUSES, causesOf } from './knowledge';
import { drillsOf } from './drillsOf';

const cause = (id: string) => CAUSES.find((one) => one.id === id)!;

describe('drillsOf', () => {
  it('names what helps most first, of what the hold has', () => {
    expect(drillsOf(cause('thumbOnItsPad'), holdById('violin-shallow'))).toEqual([
      'thumb-to-crease',
      'shake-and-form',
      'pencil-form',
    ]);
    expect(drillsOf(cause('littleNotUnder'), holdById('german-bass'))[0]).toBe('handshake-form');
    // A cellist who sits plays at no wall; a bass bow is not walked up.
    expect(drillsOf(cause('shoulderSwing'), holdById('violin-shallow'))[0]).toBe('wall');
    expect(drillsOf(cause('shoulderSwing'), holdById('cello'))).not.toContain('wall');
    expect(drillsOf(cause('littleNotCarrying'), holdById('french-bass-ring'))).not.toContain(
      'stick-walk',
    );
  });

  it('names at most three, all of the hold, none that loads the little finger fully', () => {
    for (const hold of HOLD_IDS.map(holdById)) {
      for (const one of causesOf(hold)) {
        const named = drillsOf(one, hold).map((id) => DRILLS.find((drill) => drill.id === id)!);
        expect(named.length).toBeLessThanOrEqual(3);
        for (const drill of named) {
          expect(isDrillOf(drill, hold)).toBe(true);
          expect(drill.stages[0]!.load).toBeLessThan(2);
        }
      }
    }
  });
});

describe('what drills train', () => {
  it('are causes that there are', () => {
    const causes = CAUSES.map(({ id }) => id);
    for (const { trains, stages } of DRILLS) {
      for (const trained of [trains, ...stages.map((stage) => stage.trains ?? {})]) {
        for (const id of Object.keys(trained)) expect(causes).toContain(id);
      }
    }
  });

  it('leaves no cause of a hold without a drill but what is no matter of practice', () => {
    // Nails are cut, bows are changed and tilted by knowing how.
    const NO_PRACTICE = ['longNails', 'bowUnfit', 'bowTooBig', 'stickRollsBack'];
    for (const hold of HOLD_IDS.map(holdById)) {
      for (const { id } of causesOf(hold)) {
        const trained = DRILLS.some((drill) => isDrillOf(drill, hold) && drill.trains[id]);
        expect([hold.id, id, trained || NO_PRACTICE.includes(id)]).toEqual([hold.id, id, true]);
      }
    }
  });
});
