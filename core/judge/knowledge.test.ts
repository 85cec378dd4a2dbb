import { holdById, HOLD_IDS } from '../holds';
import { categoriesOf, specOf } from '../measure';
import { CAUSES, causesOf, DRILLS, SIGNS } from './knowledge';

describe('what is known of signs and causes', () => {
  it('has each id once', () => {
    for (const list of [SIGNS, CAUSES, DRILLS]) {
      const ids = list.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
    }
  });

  it('names only signs that there are, each once a cause, and only drills that there are', () => {
    for (const cause of CAUSES) {
      const signs = cause.signs.map(({ sign }) => sign);
      expect(new Set(signs).size).toBe(signs.length);
      for (const sign of signs) expect(SIGNS.map(({ id }) => id)).toContain(sign);
      for (const drill of cause.drills) expect(DRILLS.map(({ id }) => id)).toContain(drill);
      expect(cause.signs.some(({ rank }) => rank === 1)).toBe(true);
    }
  });

  it('leaves no sign but those without a cause of their own unexplained', () => {
    const explained = new Set(CAUSES.flatMap(({ signs }) => signs.map(({ sign }) => sign)));
    const alone = SIGNS.map(({ id }) => id).filter((id) => !explained.has(id));
    expect(alone).toEqual(['thumbPastNail', 'thumbOnTop', 'handLeansFar']);
  });

  it('reads categories that their measures have', () => {
    for (const { from } of SIGNS) {
      if (!('categories' in from)) continue;
      const known = categoriesOf(specOf(from.measure));
      for (const category of from.categories) expect(known).toContain(category);
    }
  });

  it.each(HOLD_IDS)('has causes in the thumb, the little finger and the wrist for %s', (id) => {
    const parts = causesOf(holdById(id)).map(({ part }) => part);
    for (const part of ['thumb', 'little', 'wrist']) expect(parts).toContain(part);
  });
});
