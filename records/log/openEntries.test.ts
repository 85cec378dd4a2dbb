import type { LogEntry } from '@open-palm/contract';
import { openEntries, stepsDone } from './openEntries';

let made = 0;
/** An entry of the log, each a little later than the one before. */
function entry(more: object): LogEntry {
  made += 1;
  return {
    id: `00000000-0000-7000-8000-${String(made).padStart(12, '0')}`,
    studentId: '00000000-0000-7000-8000-00000000000a',
    setupId: '00000000-0000-7000-8000-00000000000b',
    madeAt: new Date(Date.UTC(2026, 0, 1) + made * 1000).toISOString(),
    ...more,
  } as LogEntry;
}

const open = (...oldestFirst: LogEntry[]) =>
  openEntries([...oldestFirst].reverse()).map(({ id }) => id);

describe('what is still open', () => {
  it('is a flag until it is cleared, and a promise until it is kept or let go', () => {
    const hurt = entry({ kind: 'hurt', what: 'pain', word: null });
    const nails = entry({ kind: 'promise', words: 'Shorter nails', due: '2026-01-08' });
    const bow = entry({ kind: 'promise', words: 'New bow', due: '2026-03-01' });
    expect(open(hurt, nails, bow)).toEqual([bow.id, nails.id, hurt.id]);
    const kept = entry({ kind: 'promiseState', of: nails.id, state: 'kept' });
    const dropped = entry({ kind: 'promiseState', of: bow.id, state: 'dropped' });
    expect(open(hurt, nails, bow, kept, dropped)).toEqual([hurt.id]);
    const undone = entry({ kind: 'promiseState', of: nails.id, state: 'open' });
    expect(open(nails, kept, undone)).toEqual([nails.id]);
    expect(open(hurt, entry({ kind: 'cleared', hurt: hurt.id }))).toEqual([]);
  });

  it('is an aid until the hand is without it, whichever steps were taken', () => {
    const aid = entry({ kind: 'aid', aid: 'finger-loop', from: '2026-01-01', off: '2026-02-05' });
    const step = (n: number, done = true) => entry({ kind: 'aidStep', of: aid.id, step: n, done });
    if (aid.kind !== 'aid') throw new Error();
    const [first, undone, last] = [step(1), step(1, false), step(3)];
    expect(stepsDone(aid, [first])).toEqual([true, false, false]);
    expect(stepsDone(aid, [undone, first])).toEqual([false, false, false]);
    expect(open(aid, first, undone)).toEqual([aid.id]);
    expect(open(aid, first, undone, last)).toEqual([]);
    expect(open(aid, last, step(3, false))).toEqual([aid.id]);
  });
});
