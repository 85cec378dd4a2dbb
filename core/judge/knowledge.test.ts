import { holdById, HOLD_IDS } from '../holds';
import { categoriesOf, specOf } from '../measure';
import { CAUSES, causesOf, CUES, EXCLUSIVE, OPPOSITES, SIGNS } from './knowledge';

describe('what is known of signs and causes', () => {
  it('has each id once', () => {
    for (const list of [SIGNS, CAUSES, CUES]) {
      const ids = list.map(({ id }) => id);
      expect(new Set(ids).size).toBe(ids.length);
    }
  });

  it('names only signs that there are, each once a cause', () => {
    for (const cause of CAUSES) {
      const signs = cause.signs.map(({ sign }) => sign);
      expect(new Set(signs).size).toBe(signs.length);
      for (const sign of signs) expect(SIGNS.map(({ id }) => id)).toContain(sign);
      expect(cause.signs.some(({ rank }) => rank === 1)).toBe(true);
      // What tells of it is brought about by it.
      for (const sign of cause.toldBy ?? []) expect(signs).toContain(sign);
    }
  });

  it('says only cues that there are, and names only signs and causes that there are', () => {
    const ids = (list: readonly { id: string }[]) => list.map(({ id }) => id);
    for (const { cues } of [...CAUSES, ...SIGNS]) {
      for (const cue of cues) expect(ids(CUES)).toContain(cue);
    }
    for (const id of CUES.flatMap(({ onlyFor = [] }) => onlyFor)) expect(ids(SIGNS)).toContain(id);
    for (const id of EXCLUSIVE.flat()) expect(ids(CAUSES)).toContain(id);
    for (const { one, other, becomes } of OPPOSITES) {
      for (const id of [one.sign, other.sign, becomes]) expect(ids(SIGNS)).toContain(id);
    }
    for (const { onlyWith } of SIGNS) {
      for (const id of onlyWith?.signs ?? []) expect(ids(SIGNS)).toContain(id);
    }
  });

  it('leaves no sign but small ones, and what only beginners do, without a cause', () => {
    const explained = new Set(CAUSES.flatMap(({ signs }) => signs.map(({ sign }) => sign)));
    const alone = SIGNS.filter(({ id }) => !explained.has(id));
    expect(alone.every(({ minor, levels }) => minor ?? levels)).toBe(true);
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
