import { causeHistory } from '@open-palm/core/judge';
import type { LogEntry } from '@open-palm/contract';
import { causeWords, cueOutcomes, openPainFlags } from './lessonOutcomes';

const shared = { id: 'entry', studentId: 's', setupId: 'v', madeAt: '2026-03-01T10:00:00Z' };
const check = { ...shared, checkId: 'check' };
const cue = (outcome: 'worked' | 'notYet' | 'skip', name = 'seat-nail-corner'): LogEntry => ({
  ...check,
  kind: 'cue',
  cause: 'thumbOnItsPad',
  cue: name,
  outcome,
});

describe('what a lesson log says', () => {
  it('shifts priors by a cue that worked, by another cause that was seen, and by a verdict seen otherwise', () => {
    const history = causeHistory(
      causeWords([
        {
          ...check,
          checkId: 'c',
          kind: 'verdict',
          measure: 'indexDepth',
          place: null,
          verdict: 'in',
          word: null,
        },
        {
          ...check,
          checkId: 'b',
          kind: 'cause',
          cause: 'longNails',
          instead: 'thumbOnItsPad',
          word: null,
        },
        { ...cue('worked'), checkId: 'a' } as LogEntry,
      ]),
    );
    expect(history.thumbOnItsPad).toEqual({ confirmed: 1, checks: 2 });
    expect(history.longNails).toEqual({ confirmed: 1, checks: 1 });
    expect(history.indexTooDeep).toEqual({ confirmed: 0, checks: 1 });
  });

  it('lets the newest word of one check count, whatever the order it is told in', () => {
    const words = causeWords([
      { ...check, kind: 'cause', cause: 'longNails', instead: null, word: null },
      { ...check, kind: 'cause', cause: 'thumbSlid', instead: 'longNails', word: null },
    ]);
    expect(causeHistory(words).longNails).toEqual({ confirmed: 1, checks: 1 });
  });

  it('counts a cue that was tried, and not one that was skipped', () => {
    expect(cueOutcomes([cue('worked'), cue('notYet'), cue('skip')])).toEqual([
      { cue: 'seat-nail-corner', worked: true },
      { cue: 'seat-nail-corner', worked: false },
    ]);
  });

  it('keeps a flag that it hurts until that very flag is cleared', () => {
    const hurt = (id: string): LogEntry => ({
      ...shared,
      id,
      kind: 'hurt',
      what: 'pain',
      word: null,
    });
    const log: LogEntry[] = [
      { ...shared, kind: 'cleared', hurt: 'first' },
      hurt('second'),
      hurt('first'),
    ];
    expect(openPainFlags(log).map(({ id }) => id)).toEqual(['second']);
  });
});
