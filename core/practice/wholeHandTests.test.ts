import { HOLD_IDS, holdById } from '../holds';
import { SIGNS } from '../judge';
import { DRILLS } from './drills';
import { READINESS, READINESS_ITEMS, READINESS_SIGNS } from './readiness';
import { testsFor, WHOLE_HAND_TESTS } from './wholeHandTests';

describe('whole-hand tests', () => {
  it('has each once, and every test that a hold names', () => {
    const ids = WHOLE_HAND_TESTS.map(({ id }) => id);
    expect(new Set(ids).size).toBe(ids.length);
    for (const hold of HOLD_IDS) {
      for (const test of holdById(hold).tests) expect(ids).toContain(test);
    }
  });

  it('does not ask beginners to carry the bow free', () => {
    const hold = holdById('violin-shallow');
    const ids = (level: Parameters<typeof testsFor>[1]) =>
      testsFor(hold, level).map(({ id }) => id);
    expect(ids('beginner')).not.toContain('free-carry');
    expect(ids('intermediate')).toContain('free-carry');
    expect(ids('advanced')).toEqual(hold.tests);
  });

  it('agrees with the drills that it is on what loads the little finger', () => {
    for (const { test: id, stages } of DRILLS) {
      const test = WHOLE_HAND_TESTS.find((one) => one.id === id);
      expect(test === undefined).toBe(id === undefined);
      // A test is done as its heaviest stage that the hold has.
      if (test?.loadsLittleFinger)
        expect(Math.max(...stages.map(({ load }) => load))).toBeGreaterThan(0);
    }
  });
});

describe('readiness', () => {
  it('knows the signs that it tells of, and the states that tell of them', () => {
    for (const item of READINESS_ITEMS) {
      for (const [state, sign] of Object.entries(READINESS_SIGNS[item] ?? {})) {
        expect(SIGNS.map(({ id }) => id)).toContain(sign);
        expect(READINESS[item].slice(1)).toContain(state);
      }
    }
  });
});
