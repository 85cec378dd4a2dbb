import type { LogEntry } from '@open-palm/contract';
import { holdById } from '@open-palm/core/holds';
import { CAUSES } from '@open-palm/core/judge';
import { measureCheck } from '@open-palm/core/measure';
import { askedToday, findingsOfLesson, historyBefore, ladderPlace, provenCues } from './lesson';

const thumb = CAUSES.find(({ id }) => id === 'thumbOnItsPad')!;
let count = 0;
const entry = (more: object): LogEntry =>
  ({
    id: `entry-${(count += 1)}`,
    studentId: 's',
    setupId: 'v',
    madeAt: '2026-03-01T10:00:00Z',
    checkId: 'now',
    ...more,
  }) as LogEntry;
const said = (cue: string, outcome: string, checkId = 'now') =>
  entry({ kind: 'cue', cause: 'thumbOnItsPad', cue, outcome, checkId });
const at = (entries: LogEntry[], own: { id: string; cause: string; words: string }[] = []) =>
  ladderPlace({ cues: thumb.cues, cause: thumb.id }, entries, own, 'now');

describe('the ladder in a look', () => {
  it('goes on with each "not yet" and "skip", and stops where one worked', () => {
    expect(at([]).cue).toBe('seat-nail-corner');
    const one = [said('seat-nail-corner', 'notYet')];
    expect(at(one).cue).toBe('bend-before-touching');
    const two = [said('bend-before-touching', 'skip'), ...one];
    expect(at(two).cue).toBe('thumb-soft-hook');
    // A word on what it did belongs to the one that was tried, not to the one that was skipped.
    expect(at(two).lastTried!.cue).toBe('seat-nail-corner');
    const three = [said('thumb-soft-hook', 'worked'), ...two];
    expect(at(three)).toMatchObject({ cue: 'thumb-soft-hook', tried: 3 });
    expect(at(three).worked).not.toBeNull();
  });

  it('ends when all were tried, until the teacher adds words', () => {
    const all = thumb.cues.map((cue) => said(cue, 'notYet'));
    expect(at(all).cue).toBeNull();
    expect(at(all, [{ id: 'mine', cause: 'thumbOnItsPad', words: 'Kiss it' }]).cue).toBe('mine');
  });

  it('begins the next lesson with what worked in this one', () => {
    const earlier = [said('bend-before-touching', 'worked', 'before')];
    expect(at(earlier).cue).toBe('bend-before-touching');
    expect(provenCues(earlier).map(({ cue }) => cue)).toEqual(['bend-before-touching']);
  });

  it('puts the teacher’s own cue first once it worked, and last until then', () => {
    const own = [{ id: 'mine', cause: 'thumbOnItsPad', words: 'Kiss it' }];
    expect(at([], own).cue).toBe('seat-nail-corner');
    expect(at([said('mine', 'worked', 'before')], own).cue).toBe('mine');
  });
});

describe('a verdict seen otherwise', () => {
  const hold = holdById('violin-shallow');
  const { measures } = measureCheck(
    {
      context: 'free',
      captures: [],
      taps: [{ measure: 'thumbIpFlexion', answer: { kind: 'value', value: -20, sd: 8 } }],
    },
    hold,
  );
  const seen = measures.map((merged) => ({ checkId: 'now', context: 'free' as const, merged }));
  const otherwise = (checkId: string) =>
    entry({ kind: 'verdict', measure: 'thumbIpFlexion', place: null, verdict: 'in', checkId });
  const straight = (entries: LogEntry[]) =>
    findingsOfLesson(seen, {}, entries, hold).find(({ sign }) => sign === 'thumbStraight')!.present;

  it('counts for the look that it was said of, and not for another', () => {
    expect(straight([])).toBe(true);
    expect(straight([otherwise('now')])).toBe(false);
    expect(straight([otherwise('before')])).toBe(true);
  });

  it('shifts the priors of later looks, and not those of its own', () => {
    expect(historyBefore([otherwise('now')], 'now')).toEqual({});
    expect(historyBefore([otherwise('before')], 'now')).toMatchObject({
      thumbOnItsPad: { confirmed: 0, checks: 1 },
    });
  });
});

describe('the one question', () => {
  const hold = holdById('violin-shallow');
  const now = new Date('2026-03-01T12:00:00Z');
  const answer = (
    sign: string,
    seen: boolean | null,
    checkId = 'now',
    madeAt = now.toISOString(),
  ) => entry({ kind: 'answer', sign, seen, checkId, madeAt });

  it('is asked once a lesson, and what was answered counts as seen', () => {
    expect(askedToday([], 'now', now)).toEqual({ isAsked: false, answered: [] });
    expect(askedToday([answer('thumbOnPad', true)], 'now', now)).toEqual({
      isAsked: true,
      answered: ['thumbOnPad'],
    });
    const { measures } = measureCheck(
      {
        context: 'free',
        captures: [],
        taps: [{ measure: 'thumbIpFlexion', answer: { kind: 'value', value: -20, sd: 8 } }],
      },
      hold,
    );
    const seen = measures.map((merged) => ({ checkId: 'now', context: 'free' as const, merged }));
    const found = (entries: LogEntry[]) =>
      findingsOfLesson(seen, {}, entries, hold).find(({ sign }) => sign === 'thumbOnPad');
    expect(found([answer('thumbOnPad', true)])).toMatchObject({ present: true });
    expect(found([answer('thumbOnPad', null)])).toBeUndefined();
    // Of another look it says nothing here.
    expect(found([answer('thumbOnPad', true, 'before')])).toBeUndefined();
  });

  it('is asked again another day; nails only after two weeks', () => {
    const days = (n: number) => new Date(now.getTime() - n * 86_400_000).toISOString();
    const before = [answer('nailsLong', false, 'before', days(9))];
    expect(askedToday(before, 'now', now)).toEqual({ isAsked: false, answered: ['nailsLong'] });
    const long = [answer('nailsLong', false, 'before', days(15))];
    expect(askedToday(long, 'now', now)).toEqual({ isAsked: false, answered: [] });
  });

  it('is answered by a test of the same look too', () => {
    const result = { answers: { squeeze: 'hard' } };
    const test = (checkId: string) => entry({ kind: 'test', test: 'squeeze', result, checkId });
    const { measures } = measureCheck(
      {
        context: 'free',
        captures: [],
        taps: [{ measure: 'indexDepth', answer: { kind: 'fine' } }],
      },
      hold,
    );
    const seen = measures.map((merged) => ({ checkId: 'now', context: 'free' as const, merged }));
    const squeezes = (entries: LogEntry[]) =>
      findingsOfLesson(seen, {}, entries, hold).find(({ sign }) => sign === 'handSqueezes');
    expect(squeezes([test('now')])).toMatchObject({ present: true });
    expect(squeezes([test('before')])).toBeUndefined();
  });
});
