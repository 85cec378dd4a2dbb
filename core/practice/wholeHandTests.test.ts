import { HOLD_IDS, holdById } from '../holds';
import { DRILLS, SIGNS } from '../judge';
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

  it('agrees with the drills of the same name on what loads the little finger', () => {
    for (const drill of DRILLS) {
      const test = WHOLE_HAND_TESTS.find(({ id }) => id === drill.id);
      if (test)
        expect([test.id, test.loadsLittleFinger]).toEqual([drill.id, drill.loadsLittleFinger]);
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
