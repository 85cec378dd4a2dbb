import type { Entry } from '../../foundation/api/sync/entry';
import { chosenBody } from './chosenBody';
import { fieldWords, saidWords, valueWords } from './entryWords';

const entryOf = (kind: string, body: object, conflict: object) =>
  ({ kind, body, conflict }) as never as Entry;

describe('a choice between two edits', () => {
  it('takes the chosen side field by field, and keeps what only one of them changed', () => {
    const entry = entryOf(
      'student',
      { name: 'Eda', level: 'beginner', setups: [{ id: 'a', bowSize: '1/2' }] },
      {
        version: 3,
        // Brought together: the level was changed elsewhere alone.
        theirs: { name: 'Ida', level: 'advanced', setups: [{ id: 'a', bowSize: '3/4' }] },
        fields: [['name'], ['setups', 'a', 'bowSize']],
      },
    );
    expect(chosenBody(entry, ['mine', 'theirs'])).toEqual({
      name: 'Eda',
      level: 'advanced',
      setups: [{ id: 'a', bowSize: '3/4' }],
    });
    expect(chosenBody(entry, ['theirs', 'mine'])).toMatchObject({
      name: 'Ida',
      setups: [{ bowSize: '1/2' }],
    });
  });

  it('keeps a take’s recording, and makes a hold’s next version', () => {
    const conflict = {
      version: 2,
      theirs: { cuts: null, fingersSeen: 'moving' },
      fields: [['fingersSeen']],
    };
    const take = entryOf('take', { series: [1], cuts: null, fingersSeen: 'still' }, conflict);
    expect(chosenBody(take, ['theirs'])).toEqual({
      series: [1],
      cuts: null,
      fingersSeen: 'moving',
    });
    const hold = entryOf(
      'hold',
      { version: 3, checkpoints: {} },
      { version: 5, theirs: {}, fields: [] },
    );
    expect(chosenBody(hold, [])).toMatchObject({ version: 6 });
  });
});

describe('a conflict in words', () => {
  it('says places of a look as a teacher would', () => {
    expect(saidWords('captures[0] hand[8] (index tip) lies at 4000, 300.')).toBe(
      'picture 1: index tip lies at 4000, 300.',
    );
    expect(saidWords('taps[1]: littlePlace is answered by one of: top.')).toMatch(/^answer 2: /);
  });

  it('names fields by their innermost name, bands by their checkpoint', () => {
    expect(fieldWords(['setups', 'a', 'bowSize'])).toBe('Size of the bow');
    expect(fieldWords(['checkpoints', 'indexDepth', 'band'])).toMatch(/^Band: /);
    expect(fieldWords(['what', 'ever'])).toBe('Something else');
  });

  it('shows values as a person reads them', () => {
    expect(valueWords(null)).toBe('nothing');
    expect(valueWords('advanced')).not.toBe('advanced');
    expect(valueWords(['One.', 'Two.'])).toBe('One.\nTwo.');
    expect(valueWords({ day: 'monday', at: '16:00' })).toBe(
      'Day of the lesson: Mon, Time of the lesson: 16:00',
    );
  });
});
