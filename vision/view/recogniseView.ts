import type { Place } from '../picture';
import shapes from './viewShapes.json';

/** The views that show themselves by how a hand that holds a bow from above lies in the picture. */
export type HandView = keyof typeof shapes;

/** Whether a view is one that shows itself. */
export const isHandView = (view: string): view is HandView => view in shapes;

/** What a view must come to: how far the hand's shape may be off, and how much nearer it must be than any other. [measured] */
const SURE = { off: 0.4, ratio: 0.5 };

/**
 * From where a hand that holds a bow from above is seen: the view whose usual shape of a found hand is the nearest, wherever it lies in the
 * picture, however large and however turned.
 *
 * @param hand the found hand's 21 points, px
 * @param side the hand that holds the bow; a left hand's shape is a right hand's, turned over
 * @returns null where no view is near, or two are
 */
export function recogniseView(hand: readonly Place[], side: 'right' | 'left'): HandView | null {
  const shape = shapeOf(hand.map(({ x, y }) => ({ x: side === 'left' ? -x : x, y })));
  const [first, second] = (Object.keys(shapes) as HandView[])
    .map((view) => ({ view, off: apart(shape, pairsOf(shapes[view])) }))
    .sort((a, b) => a.off - b.off);
  return first!.off <= SURE.off && first!.off <= SURE.ratio * second!.off ? first!.view : null;
}

const pairsOf = (shape: readonly number[][]): Place[] => shape.map(([x, y]) => ({ x: x!, y: y! }));

/** Places about their middle, of size 1. */
export function shapeOf(places: readonly Place[]): Place[] {
  const n = places.length;
  const middle = {
    x: places.reduce((sum, { x }) => sum + x, 0) / n,
    y: places.reduce((sum, { y }) => sum + y, 0) / n,
  };
  const about = places.map(({ x, y }) => ({ x: x - middle.x, y: y - middle.y }));
  const size = Math.sqrt(about.reduce((sum, { x, y }) => sum + x * x + y * y, 0)) || 1;
  return about.map(({ x, y }) => ({ x: x / size, y: y / size }));
}

/** What is left between two shapes once one is turned onto the other (Procrustes), 0 to 2. */
function apart(a: readonly Place[], b: readonly Place[]): number {
  let [along, across] = [0, 0];
  a.forEach((p, i) => {
    along += p.x * b[i]!.x + p.y * b[i]!.y;
    across += p.x * b[i]!.y - p.y * b[i]!.x;
  });
  return 2 - 2 * Math.hypot(along, across);
}
