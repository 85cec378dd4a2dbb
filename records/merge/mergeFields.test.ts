import fc from 'fast-check';
import { valueAt, withValueAt } from './fieldPaths';
import { canonical, isSame, mergeFields } from './mergeFields';

const bow = (id: string, more: object = {}) => ({
  id,
  instrument: 'violin',
  settings: {},
  ...more,
});
const base = { name: 'Ada', level: 'beginner', lesson: null, setups: [bow('a'), bow('b')] };

describe('two edits of one thing', () => {
  it('come together where each changed its own fields', () => {
    const mine = { ...base, name: 'Ada L.' };
    const theirs = { ...base, level: 'advanced' };
    expect(mergeFields(base, mine, theirs)).toEqual({
      body: { ...base, name: 'Ada L.', level: 'advanced' },
      conflicts: [],
    });
  });

  it('are both shown where both changed the same field, each in its own way', () => {
    const told = mergeFields(base, { ...base, name: 'Eda' }, { ...base, name: 'Ida' });
    expect(told.conflicts).toEqual([['name']]);
    expect(told.body.name).toBe('Ida');
    expect(mergeFields(base, { ...base, name: 'Ida' }, { ...base, name: 'Ida' }).conflicts).toEqual(
      [],
    );
  });

  it('reach into the entries of a list by their ids: fields, additions and removals', () => {
    const mine = { ...base, setups: [bow('a', { settings: { eye: 'ring' } }), bow('b'), bow('c')] };
    const theirs = { ...base, setups: [bow('a', { instrument: 'viola' })] };
    const { body, conflicts } = mergeFields(base, mine, theirs);
    expect(conflicts).toEqual([]);
    expect(body.setups).toEqual([
      bow('a', { instrument: 'viola', settings: { eye: 'ring' } }),
      bow('c'),
    ]);
    const other = { ...base, setups: [bow('a', { instrument: 'cello' }), bow('b')] };
    expect(mergeFields(base, theirs, other).conflicts).toEqual([['setups', 'a', 'instrument']]);
  });

  it('keep the order that was changed', () => {
    const mine = { ...base, setups: [bow('b'), bow('a')] };
    const theirs = { ...base, setups: [bow('a', { instrument: 'viola' }), bow('b')] };
    expect(mergeFields(base, mine, theirs).body.setups.map(({ id }) => id)).toEqual(['b', 'a']);
    expect(mergeFields(base, theirs, mine).body.setups.map(({ id }) => id)).toEqual(['b', 'a']);
  });

  it('conflict in everything that differs when nobody knows what they began from', () => {
    const mine = { ...base, name: 'Eda', setups: [bow('a', { instrument: 'viola' }), bow('b')] };
    expect(mergeFields(null, mine, base).conflicts).toEqual([
      ['name'],
      ['setups', 'a', 'instrument'],
    ]);
    expect(mergeFields(null, base, base).conflicts).toEqual([]);
  });

  const value = fc.oneof(
    fc.integer({ min: 0, max: 3 }),
    fc.array(fc.integer({ min: 0, max: 2 }), { maxLength: 2 }),
  );
  const body = fc.record({ a: value, b: value, c: fc.record({ d: value, e: value }) });

  it('never lose a field that only one of them changed, and never invent a conflict', () => {
    fc.assert(
      fc.property(body, body, body, (was, mine, theirs) => {
        const { body: merged, conflicts } = mergeFields(was, mine, theirs);
        for (const path of [['a'], ['b'], ['c', 'd'], ['c', 'e']]) {
          const [w, m, t, got] = [was, mine, theirs, merged].map((one) => valueAt(one, path));
          const isConflict = !isSame(w, m) && !isSame(w, t) && !isSame(m, t);
          expect(conflicts.some((told) => isSame(told, path))).toBe(isConflict);
          expect(got).toEqual(isSame(w, m) ? t : isConflict ? t : isSame(w, t) ? m : t);
        }
        // Whichever comes first, the same is kept where nothing has to be chosen.
        if (conflicts.length === 0) expect(mergeFields(was, theirs, mine).body).toEqual(merged);
      }),
    );
  });
});

describe('a field by its path', () => {
  it('is read, written and taken away, in lists by their ids', () => {
    const path = ['setups', 'b', 'instrument'];
    const changed = withValueAt(base, path, 'viola');
    expect(valueAt(changed, path)).toBe('viola');
    expect(valueAt(base, path)).toBe('violin');
    expect(withValueAt(base, ['setups', 'b'], undefined).setups).toEqual([bow('a')]);
    expect(withValueAt(base, ['setups', 'c'], bow('c')).setups).toHaveLength(3);
    expect(valueAt(base, ['setups', 'nobody', 'instrument'])).toBeUndefined();
  });
});

it('the same content is one text, however its keys were ordered', () => {
  expect(canonical({ b: [1, { d: 1, c: undefined }], a: null })).toBe('{"a":null,"b":[1,{"d":1}]}');
  expect(isSame({ a: 1, b: 2 }, { b: 2, a: 1 })).toBe(true);
});
