import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { build } from 'esbuild';
import { cameraFor, PICTURE_SIZE } from './cameras';
import { GRIPS } from './grips';
import { poseHand } from './handPose';
import { RIG_PATH } from './handRig';
import type { SceneOrder } from './page/scene';
import { solveGrip } from './solveGrip';
import { forearmMark, truthOf } from './truth';

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const CHROMIUM = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';

/** Renders every demo picture with its truth file into studio-demo/pictures. */
const bundle = await build({
  entryPoints: [here('page/scene.ts')],
  bundle: true,
  write: false,
  format: 'iife',
  target: 'chrome120',
});
const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: [
    '--no-sandbox',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    '--use-gl=angle',
    '--use-angle=swiftshader',
    '--enable-unsafe-swiftshader',
  ],
});
const page = await browser.newPage({ viewport: PICTURE_SIZE });
await page.setContent('<!doctype html><title>Renderer</title><body></body>');
await page.addScriptTag({ content: bundle.outputFiles[0]!.text });
mkdirSync(here('../pictures'), { recursive: true });
const rigBase64 = readFileSync(RIG_PATH).toString('base64');
for (const grip of GRIPS) {
  const pose = solveGrip(grip.target);
  const hand = poseHand(pose);
  const joints = [...hand.joints].map(([name, joint]) => ({
    name,
    position: joint.position.toArray(),
    rotation: joint.rotation.toArray(),
  }));
  for (const view of grip.views) {
    const camera = cameraFor(view);
    const order: SceneOrder = {
      ...PICTURE_SIZE,
      rigBase64,
      joints,
      forearm: {
        from: hand.points.wrist.toArray(),
        to: forearmMark(pose, grip.wristBend).toArray(),
      },
      camera: {
        position: camera.position.toArray(),
        quaternion: camera.quaternion.toArray(),
        fov: camera.fov,
      },
      colours: grip,
    };
    const jpeg = Buffer.from(await page.evaluate((o) => window.drawScene(o), order), 'base64');
    const name = `${grip.name}.${view}`;
    writeFileSync(here(`../pictures/${name}.jpg`), jpeg);
    const truth = truthOf(pose, grip.wristBend, view, 'right');
    writeFileSync(here(`../pictures/${name}.json`), `${JSON.stringify(truth, null, 2)}\n`);
    console.log(`${name}.jpg  ${(jpeg.length / 1024).toFixed(0)} KB`);
  }
}
await browser.close();
