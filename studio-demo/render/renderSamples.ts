import { mkdirSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import type { PointName, View } from '@open-palm/core/measure';
import { HAND_POINTS } from '@open-palm/core/hand';
import { REQUIRED_BOW_POINTS } from '@open-palm/core/bow';
import { cameraFor, PICTURE_SIZE } from './cameras';
import { GRIPS } from './grips';
import { openRenderer } from './renderer';
import { solveGrip } from './solveGrip';
import { truthOf } from './truth';

/** Writes the app's sample pictures: one of each close view, with the points that can be seen in it. */
const SHOWN: readonly View[] = ['finger-side', 'thumb-side', 'player-eye', 'profile', 'bow-side'];
const WIDTH = 640;

const folder = fileURLToPath(new URL('../../app/public/samples/', import.meta.url));
mkdirSync(folder, { recursive: true });
const grip = GRIPS[0]!;
const { pose } = solveGrip(grip.target);
const scale = WIDTH / PICTURE_SIZE.width;
const renderer = await openRenderer();
const points: Partial<Record<View, Partial<Record<PointName, { x: number; y: number }>>>> = {};
for (const view of SHOWN) {
  const { jpeg, hidden } = await renderer.draw({ grip, pose }, cameraFor(view));
  await sharp(jpeg).resize(WIDTH).jpeg({ quality: 82 }).toFile(`${folder}${view}.jpg`);
  const { points2d } = truthOf(grip, pose, view, 'right');
  const seen: Partial<Record<PointName, { x: number; y: number }>> = {};
  for (const name of [...REQUIRED_BOW_POINTS, ...HAND_POINTS]) {
    const [x, y] = points2d[name];
    const isInside = x > 0 && y > 0 && x < PICTURE_SIZE.width && y < PICTURE_SIZE.height;
    if (!isInside || hidden.includes(name as never) || view === 'bow-side') continue;
    seen[name] = { x: Math.round(x * scale), y: Math.round(y * scale) };
  }
  points[view] = seen;
}
await renderer.close();
writeFileSync(
  fileURLToPath(new URL('../../app/src/features/check/taking/samplePoints.json', import.meta.url)),
  `${JSON.stringify(points, null, 2)}\n`,
);
