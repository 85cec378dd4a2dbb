import { mkdirSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { cameraFor } from './cameras';
import { GRIPS } from './grips';
import { openRenderer } from './renderer';
import { solveGrip } from './solveGrip';
import { truthOf, type RenderedTruth } from './truth';

/** Renders every demo picture with its truth file into studio-demo/pictures. */
const folder = fileURLToPath(new URL('../pictures/', import.meta.url));
mkdirSync(folder, { recursive: true });
const renderer = await openRenderer();
for (const grip of GRIPS) {
  const { pose } = solveGrip(grip.target);
  for (const view of grip.views) {
    const { jpeg, hidden } = await renderer.draw({ grip, pose }, cameraFor(view));
    const name = `${grip.name}.${view}`;
    writeFileSync(`${folder}${name}.jpg`, jpeg);
    const truth: RenderedTruth = { ...truthOf(grip, pose, view, 'right'), hidden };
    writeFileSync(`${folder}${name}.json`, `${JSON.stringify(truth, null, 2)}\n`);
    console.log(`${name}.jpg  ${(jpeg.length / 1024).toFixed(0)} KB`);
  }
}
await renderer.close();
