import { mkdirSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { cameraFor } from './cameras';
import { GRIPS } from './grips';
import { MASK_SIZE, MASK_VIEWS, maskFile } from './masks';
import { openRenderer } from './renderer';
import { solveGrip } from './solveGrip';

/** Renders the shape of every hand from three sides into studio-demo/masks: what the drawn hand is held against. */
mkdirSync(fileURLToPath(new URL('../masks/', import.meta.url)), { recursive: true });
const renderer = await openRenderer();
for (const grip of GRIPS) {
  const { pose } = solveGrip(grip.target);
  for (const view of MASK_VIEWS) {
    const png = await renderer.mask({ grip, pose }, cameraFor(view), MASK_SIZE);
    writeFileSync(maskFile(grip.name, view), png);
  }
}
await renderer.close();
