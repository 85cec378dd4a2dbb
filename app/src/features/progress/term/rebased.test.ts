import type { TermWords } from '@open-palm/contract';
import { rebasedWords } from './rebased';

const draft = (more: Partial<TermWords> = {}): TermWords => ({
  title: 'Tam’s bow hand',
  opening: 'Looked at 4 times.',
  families: { thumb: 'As it should be.', wrist: 'Not looked at.' },
  changed: ['No longer: the thumb is straight.', 'Less than at first: the index is deep.'],
  worked: ['Bend it.'],
  practised: 'On 12 days.',
  help: 'Ask to be shown it.',
  ...more,
});
const now = draft({
  opening: 'Looked at 9 times.',
  families: { thumb: 'Not yet as we want it.', wrist: 'As it should be.' },
  changed: ['Less than at first: the index is deep.', 'New: the hand leans far.'],
  worked: [],
  practised: 'On 3 days.',
});

describe('the teacher’s own words beside those written from the looks', () => {
  it('are all from the looks where nothing was written, and nothing of minutes', () => {
    expect(rebasedWords(undefined, now)).toEqual({ ...now, practised: null });
  });

  it('stay, and what was not touched follows the looks', () => {
    const own = {
      title: 'Tam plays',
      families: { thumb: 'Soft at last.', wrist: 'Not looked at.' },
      changed: ['Well done!', ...draft().changed],
      worked: ['Bend it.', 'Sing it.'],
    };
    expect(rebasedWords({ own, base: draft() }, now)).toEqual({
      ...now,
      title: 'Tam plays',
      families: { thumb: 'Soft at last.', wrist: 'As it should be.' },
      // What the looks do not say any more goes; what they say now comes; the teacher's own stays.
      changed: ['Well done!', 'Less than at first: the index is deep.', 'New: the hand leans far.'],
      worked: ['Sing it.'],
      practised: null,
    });
  });

  it('bring nothing back that was taken out', () => {
    const own = { families: { wrist: 'Not looked at.' }, changed: [], worked: [] };
    const told = rebasedWords({ own, base: draft() }, now);
    expect(told.families).toEqual({ wrist: 'As it should be.' });
    expect(told.changed).toEqual(['New: the hand leans far.']);
  });

  it('tell the minutes of this time where they were chosen, and the teacher’s words of them as they are', () => {
    const chosen = { own: { practised: 'On 12 days.' }, base: draft() };
    expect(rebasedWords(chosen, now).practised).toBe('On 3 days.');
    expect(rebasedWords(chosen, draft({ practised: null })).practised).toBeNull();
    const said = { own: { practised: 'Nearly every day.' }, base: draft() };
    expect(rebasedWords(said, now).practised).toBe('Nearly every day.');
  });

  it('are as they were given where a page is taken up again', () => {
    const given = draft({ changed: ['One thing.'], practised: null });
    expect(rebasedWords({ own: given, base: null }, now)).toEqual(given);
  });
});
