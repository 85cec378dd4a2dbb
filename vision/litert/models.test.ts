import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { findHand, findHandAt } from '../findHand';
import type { HandModels } from '../handModels';
import type { Picture } from '../picture';
import golden from '../testing/deepIndexPoints.json';
import { openInNode } from './openInNode';

const root = join(__dirname, '../..');
const PICTURES = join(root, 'studio-demo/pictures');

async function pixelsOf(file: sharp.Sharp): Promise<Picture> {
  const { data, info } = await file.ensureAlpha().raw().toBuffer({ resolveWithObject: true });
  return { width: info.width, height: info.height, data };
}

const truthOf = (name: string) =>
  JSON.parse(readFileSync(join(PICTURES, `${name}.json`), 'utf8')).points2d as Record<
    string,
    [number, number]
  >;

const median = (values: number[]) => values.sort((a, b) => a - b)[values.length >> 1]!;

describe('the models themselves', () => {
  let models: HandModels;

  beforeAll(async () => {
    models = await openInNode(join(root, 'node_modules'));
  }, 60_000);

  const open = (name: string) => sharp(join(PICTURES, `${name}.jpg`));

  it('see in a rendered picture what they saw when the points were written down', async () => {
    const search = await findHand(await pixelsOf(open('deep-index.finger-side')), 'right', models);
    const points = search.outcome === 'found' ? search.hand.points : [];
    expect(points).toHaveLength(21);
    points.forEach(({ x, y }, i) => {
      expect(Math.hypot(x - golden[i]![0]!, y - golden[i]![1]!)).toBeLessThan(0.5);
    });
  }, 60_000);

  it.each(['deep-index.finger-side', 'straight-thumb.thumb-side', 'settled.profile'])(
    'find the points of %s near where they truly are',
    async (name) => {
      const search = await findHand(await pixelsOf(open(name)), 'right', models);
      const points = search.outcome === 'found' ? search.hand.points : [];
      const truth = Object.values(truthOf(name)).slice(0, 21);
      const off = points.map(({ x, y }, i) => Math.hypot(x - truth[i]![0], y - truth[i]![1]));
      // Of a picture that is 1,200 px wide.
      expect(median(off)).toBeLessThan(60);
    },
    60_000,
  );

  it.each([90, 180, 270])(
    'find the same points in a picture that is turned by %i°',
    async (deg) => {
      const turned = await pixelsOf(open('deep-index.finger-side').rotate(deg));
      const search = await findHand(turned, 'right', models);
      const points = search.outcome === 'found' ? search.hand.points : [];
      const back = ({ x, y }: { x: number; y: number }): [number, number] =>
        deg === 90 ? [y, 900 - x] : deg === 180 ? [1200 - x, 900 - y] : [1200 - y, x];
      const truth = Object.values(truthOf('deep-index.finger-side')).slice(0, 21);
      const off = points
        .map(back)
        .map(([x, y], i) => Math.hypot(x - truth[i]![0], y - truth[i]![1]));
      expect(median(off)).toBeLessThan(60);
    },
    60_000,
  );

  it('find the mirrored picture’s hand as a left one, and nowhere a right one', async () => {
    const flipped = await pixelsOf(open('deep-index.finger-side').flop());
    const left = await findHand(flipped, 'left', models);
    const truth = Object.values(truthOf('deep-index.finger-side')).slice(0, 21);
    const points = left.outcome === 'found' ? left.hand.points : [];
    const off = points.map(({ x, y }, i) =>
      Math.hypot(x - (1200 - truth[i]![0]), y - truth[i]![1]),
    );
    expect(median(off)).toBeLessThan(60);
  }, 60_000);

  it('find a hand from two touches, also where several are in the picture', async () => {
    const one = await open('settled.profile').resize(600).toBuffer();
    const two = await pixelsOf(
      sharp({ create: { width: 1200, height: 450, channels: 3, background: '#ccc' } })
        .composite([
          { input: one, left: 0, top: 0 },
          { input: one, left: 600, top: 0 },
        ])
        .jpeg(),
    );
    expect((await findHand(two, 'right', models)).outcome).toBe('severalHands');
    const truth = truthOf('settled.profile');
    const at = ([x, y]: [number, number]) => ({ x: 600 + x / 2, y: y / 2 });
    const search = await findHandAt(two, 'right', at(truth.wrist!), at(truth.middleMcp!), models);
    const points = search.outcome === 'found' ? search.hand.points : [];
    const off = Object.values(truth)
      .slice(0, 21)
      .map((place, i) => Math.hypot(points[i]!.x - at(place).x, points[i]!.y - at(place).y));
    expect(median(off)).toBeLessThan(30);
  }, 60_000);

  it('see no hand where there is none', async () => {
    const room = sharp({ create: { width: 800, height: 600, channels: 3, background: '#d9d2c4' } });
    expect(await findHand(await pixelsOf(room.png()), 'right', models)).toEqual({
      outcome: 'noHand',
    });
  }, 60_000);
});
