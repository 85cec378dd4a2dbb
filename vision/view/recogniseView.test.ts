import fc from 'fast-check';
import { demoTruths } from '../testing/demoTruth';
import { recogniseView } from './recogniseView';

const pictures = demoTruths();

describe('the view of a found hand', () => {
  it('is recognised in the demo’s pictures, and never taken for another', () => {
    const known = pictures.map(({ picture, view, hand }) => ({
      picture,
      view,
      seen: recogniseView(hand, 'right'),
    }));
    expect(known.filter(({ view, seen }) => seen !== null && seen !== view)).toEqual([]);
    expect(known.filter(({ seen }) => seen === null).length).toBeLessThanOrEqual(2);
  });

  it('does not hang on where, how large or how turned the hand is, nor on its side', () => {
    const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom(...pictures),
        number(-3, 3),
        number(0.1, 4),
        number(-500, 500),
        fc.boolean(),
        ({ hand }, angle, scale, off, isLeft) => {
          const [c, s] = [Math.cos(angle), Math.sin(angle)];
          const moved = hand.map(({ x, y }) => ({
            x: (isLeft ? -1 : 1) * scale * (c * x - s * y) + off,
            y: scale * (s * x + c * y) - off,
          }));
          const as = recogniseView(hand, 'right');
          expect(recogniseView(moved, isLeft ? 'left' : 'right')).toBe(as);
        },
      ),
    );
  });

  it('is nothing for what is no such hand: a heap, a row, or noise', () => {
    const heap = Array.from({ length: 21 }, () => ({ x: 5, y: 5 }));
    const row = Array.from({ length: 21 }, (_, i) => ({ x: i, y: 2 * i }));
    const noise = Array.from({ length: 21 }, (_, i) => ({
      x: Math.sin(i * 12.9898) * 100,
      y: Math.cos(i * 78.233) * 100,
    }));
    for (const hand of [heap, row, noise]) expect(recogniseView(hand, 'right')).toBeNull();
  });
});
