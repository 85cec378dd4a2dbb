import type { PointName, Tap } from '@open-palm/core/measure';
import { noMarks } from '../measure/marks';
import { answer, EMPTY_LOOK, lookOf, putShot, removeShot, type Shot } from './lookState';

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
