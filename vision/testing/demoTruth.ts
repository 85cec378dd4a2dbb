import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Place } from '../picture';

/** The hand's points in the finder's order, by the names of the pictures' truth. */
const HAND = [
  'wrist',
  ...['Cmc', 'Mcp', 'Ip', 'Tip'].map((joint) => `thumb${joint}`),
  ...['index', 'middle', 'ring', 'little'].flatMap((finger) =>
    ['Mcp', 'Pip', 'Dip', 'Tip'].map((joint) => finger + joint),
  ),
];

const FOLDER = join(__dirname, '../../studio-demo/pictures');

/** A committed picture with what is true of it. */
export interface DemoTruth {
  /** The picture's own file. */
  picture: string;
  view: string;
  frogLengthMm: number;
  hand: Place[];
  at: (point: string) => Place;
}

/** The committed pictures of holds from above. */
export function demoTruths(): DemoTruth[] {
  return readdirSync(FOLDER)
    .filter((file) => file.endsWith('.json') && !file.startsWith('german'))
    .map((file) => {
      const { view, frogLengthMm, points2d } = JSON.parse(
        readFileSync(join(FOLDER, file), 'utf8'),
      ) as Pick<DemoTruth, 'view' | 'frogLengthMm'> & {
        points2d: Record<string, [number, number]>;
      };
      const at = (point: string): Place => ({ x: points2d[point]![0], y: points2d[point]![1] });
      const picture = join(FOLDER, file.replace('.json', '.jpg'));
      return { picture, view, frogLengthMm, hand: HAND.map(at), at };
    });
}
