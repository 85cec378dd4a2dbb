import type { PointName, Tap } from '@open-palm/core/measure';
import { noMarks } from '../../../drawing/annotate/marksState';
import {
  allReady,
  answer,
  EMPTY_LOOK,
  isBegun,
  isLookedAt,
  lookOf,
  markSigns,
  putShot,
  removeShot,
  setReady,
  type Shot,
} from './lookState';

const shot = (id: string, more: Partial<Shot> = {}): Shot => ({
  id,
  picture: { id: `picture-${id}`, blob: new Blob(), url: '', width: 1000, height: 800 },
  view: 'finger-side',
  place: null,
  marks: noMarks([]),
  ...more,
});
const tap: Tap = { measure: 'indexDepth', answer: { kind: 'fine' } };

describe('a look being taken', () => {
  it('gathers pictures in the order taken, and changes one in its place', () => {
    const both = putShot(putShot(EMPTY_LOOK, shot('a')), shot('b'));
    expect(both.shots.map(({ id }) => id)).toEqual(['a', 'b']);
    const changed = putShot(both, shot('a', { view: 'profile' }));
    expect(changed.shots.map(({ id, view }) => [id, view])).toEqual([
      ['a', 'profile'],
      ['b', 'finger-side'],
    ]);
    expect(removeShot(changed, 'a').shots.map(({ id }) => id)).toEqual(['b']);
  });

  it('keeps one answer a checkpoint, the last, and can take it back', () => {
    const first = answer(EMPTY_LOOK, 'indexDepth', tap);
    const second: Tap = { ...tap, answer: { kind: 'value', value: 2, sd: 0.15 } };
    expect(answer(first, 'indexDepth', second).taps).toEqual([second]);
    expect(answer(first, 'indexDepth', null).taps).toEqual([]);
  });

  it('marks signs that only a person sees, and can take a mark back', () => {
    const both = markSigns(EMPTY_LOOK, { tipDrops: true, handSqueezes: false });
    expect(both.signs).toEqual({ tipDrops: true, handSqueezes: false });
    expect(markSigns(both, { tipDrops: null }).signs).toEqual({ handSqueezes: false });
    expect([isBegun(EMPTY_LOOK), isBegun(both)]).toEqual([false, true]);
  });

  it('notes what was not ready, and what that says of hair and nails', () => {
    const long = setReady(EMPTY_LOOK, { item: 'nails', state: 'long', word: 'left too' });
    expect(long.signs).toEqual({ nailsLong: true });
    const slack = setReady(long, { item: 'hair', state: 'slack', word: null });
    expect(slack.signs).toEqual({ nailsLong: true, hairSlack: true, hairTight: false });
    const ready = allReady(slack);
    expect(ready.readiness.map(({ item, state }) => [item, state])).toEqual([
      ['nails', 'long'],
      ['hair', 'slack'],
      ['size', 'fits'],
      ['seat', 'good'],
      ['fit', 'good'],
    ]);
    expect(ready.signs).toMatchObject({ nailsLong: true, hairSlack: true, bowTooHeavy: false });
    expect([isBegun(ready), isLookedAt(ready)]).toEqual([true, false]);
    expect(isLookedAt(answer(ready, 'indexDepth', tap))).toBe(true);
  });

  it('is judged with the marks of every picture and the place of each', () => {
    const placed = { thumbTip: { x: 10, y: 20 } } satisfies Partial<Record<PointName, object>>;
    const state = putShot(
      answer(EMPTY_LOOK, 'indexDepth', tap),
      shot('a', { place: 'heel', marks: { ...noMarks([]), placed } }),
    );
    const frogLength = { mm: 46, sdMm: 2 };
    expect(lookOf(state, 'left', frogLength)).toEqual({
      context: 'free',
      taps: [tap],
      captures: [
        {
          view: 'finger-side',
          side: 'left',
          place: 'heel',
          image: { width: 1000, height: 800 },
          points: { thumbTip: { x: 10, y: 20, sigma: 3.5 } },
          frogLength,
        },
      ],
    });
  });
});
