import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { findHand } from '@open-palm/vision/findHand';
import { openInNode } from '@open-palm/vision/openInNode';
import type { Place } from '@open-palm/vision/picture';
import { shapeOf } from '@open-palm/vision/recogniseView';
import { GRIPS } from '../../studio-demo/render/grips';
import { variedPictures } from '../../studio-demo/render/variedPictures';

/** Writes how a found hand usually lies in a picture of each view: the mean shape over pictures that are measured on nowhere else. */
const root = fileURLToPath(new URL('../..', import.meta.url));
const models = await openInNode(join(root, 'node_modules'));
const OVER = GRIPS.filter(({ target }) => target.hand === 'over');
const SHOTS = 2;
const SEED = 77;
const sums: Record<string, Place[]> = {};
for await (const { jpeg, truth } of variedPictures(OVER, SHOTS, SEED)) {
  const { data, info } = await sharp(jpeg)
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true });
  const search = await findHand({ width: info.width, height: info.height, data }, 'right', models);
  if (search.outcome !== 'found') continue;
  const shape = shapeOf(search.hand.points);
  const sum = (sums[truth.view] ??= shape.map(() => ({ x: 0, y: 0 })));
  shape.forEach(({ x, y }, i) => {
    sum[i] = { x: sum[i]!.x + x, y: sum[i]!.y + y };
  });
}
const shapes = Object.fromEntries(
  Object.entries(sums).map(([view, sum]) => [
    view,
    shapeOf(sum).map(({ x, y }) => [Number(x.toFixed(3)), Number(y.toFixed(3))]),
  ]),
);
writeFileSync(join(root, 'vision/view/viewShapes.json'), JSON.stringify(shapes));
process.exit(0);
