import fc from 'fast-check';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Place } from '../picture';
import { recogniseView } from './recogniseView';

const HAND = [
  'wrist',
  ...['Cmc', 'Mcp', 'Ip', 'Tip'].map((joint) => `thumb${joint}`),
  ...['index', 'middle', 'ring', 'little'].flatMap((finger) =>
    ['Mcp', 'Pip', 'Dip', 'Tip'].map((joint) => finger + joint),
  ),
];
const folder = join(__dirname, '../../studio-demo/pictures');
const pictures = readdirSync(folder)
  .filter((file) => file.endsWith('.json') && !file.startsWith('german'))
  .map((file) => {
    const { view, points2d } = JSON.parse(readFileSync(join(folder, file), 'utf8')) as {
      view: string;
      points2d: Record<string, [number, number]>;
    };
    const hand = HAND.map((name): Place => ({ x: points2d[name]![0], y: points2d[name]![1] }));
    return { file, view, hand };
  });

describe('the view of a found hand', () => {
  it('is recognised in the demo’s pictures, and never taken for another', () => {
    const known = pictures.map(({ file, view, hand }) => ({
      file,
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
    const heap = HAND.map(() => ({ x: 5, y: 5 }));
    const row = HAND.map((_, i) => ({ x: i, y: 2 * i }));
    const noise = HAND.map((_, i) => ({
      x: Math.sin(i * 12.9898) * 100,
      y: Math.cos(i * 78.233) * 100,
    }));
    for (const hand of [heap, row, noise]) expect(recogniseView(hand, 'right')).toBeNull();
  });
});
