import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { build } from 'esbuild';
import type { PerspectiveCamera } from 'three';
import { HAND_POINTS, type HandPointName } from '@open-palm/core/hand';
import { PICTURE_SIZE } from './cameras';
import { BOWS, type BowModel } from './bowModel';
import type { RenderedGrip } from './grips';
import { poseHand, type HandPose } from './handPose';
import { RIG_PATH } from './handRig';
import type { Look } from './looks';
import type { SceneOrder } from './page/scene';
import { forearmMark } from './truth';

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const CHROMIUM = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';

/** A drawn picture and what it hides. */
export interface DrawnPicture {
  /** A JPEG file. */
  jpeg: Buffer;
  /** Points of the hand that lie behind something else than their own flesh. */
  hidden: HandPointName[];
}

/** A joint deeper than this behind what the camera sees is behind something else, mm: its own flesh is thinner. [memory] */
const FLESH_MM = { wrist: 28, thumbCmc: 24, Mcp: 22, other: 14 };

function fleshMm(name: HandPointName): number {
  if (name === 'wrist' || name === 'thumbCmc') return FLESH_MM[name];
  return name.endsWith('Mcp') ? FLESH_MM.Mcp : FLESH_MM.other;
}

/** A grip with the pose that was found for it. */
export interface SolvedRender {
  grip: Pick<RenderedGrip, 'target' | 'wristBend' | 'look'>;
  pose: HandPose;
  /** Another bow than the grip's own; null for a hand that holds none. */
  bow?: BowModel | null;
}

/** Draws pictures in a browser without a window. */
export interface Renderer {
  /**
   * @param look the grip's own, or another
   * @param size px, of the camera's shape
   */
  draw(
    grip: SolvedRender,
    camera: PerspectiveCamera,
    look?: Look,
    size?: { width: number; height: number },
  ): Promise<DrawnPicture>;
  close(): Promise<void>;
}

export async function openRenderer(): Promise<Renderer> {
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
  const rigBase64 = readFileSync(RIG_PATH).toString('base64');
  return {
    async draw(
      { grip, pose, bow = BOWS[grip.target.bow] },
      camera,
      look = grip.look,
      pictureSize = PICTURE_SIZE,
    ) {
      const { build } = grip.target;
      const hand = poseHand(pose, build);
      const order: SceneOrder = {
        ...pictureSize,
        rigBase64,
        joints: [...hand.joints].map(([name, joint]) => ({
          name,
          position: joint.position.toArray(),
          rotation: joint.rotation.toArray(),
        })),
        forearm: {
          from: hand.points.wrist.toArray(),
          to: forearmMark(hand, grip.wristBend).toArray(),
        },
        camera: {
          position: camera.position.toArray(),
          quaternion: camera.quaternion.toArray(),
          fov: camera.fov,
        },
        bow,
        look,
        size: build.size,
        asked: HAND_POINTS.map((name) => hand.points[name].toArray()),
      };
      const { jpeg, coverMm } = await page.evaluate((o) => window.drawScene(o), order);
      return {
        jpeg: Buffer.from(jpeg, 'base64'),
        hidden: HAND_POINTS.filter((name, i) => coverMm[i]! > fleshMm(name) * build.size),
      };
    },
    close: () => browser.close(),
  };
}
