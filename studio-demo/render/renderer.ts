import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { build } from 'esbuild';
import type { PerspectiveCamera } from 'three';
import { HAND_POINTS, type HandPointName } from '@open-palm/core/hand';
import { PICTURE_SIZE } from './cameras';
import { BOWS, type BowModel } from './bowModel';
import type { RenderedGrip } from './grips';
import { poseHand, type HandPose, type PosedHand } from './handPose';
import { RIG_PATH } from './handRig';
import type { Look } from './looks';
import type { MaskOrder, SceneOrder } from './page/scene';
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
  /** The hand's shape alone in white, cut at the wrist: a PNG file. */
  mask(
    grip: SolvedRender,
    camera: PerspectiveCamera,
    size: { width: number; height: number },
  ): Promise<Buffer>;
  close(): Promise<void>;
}

/** Where a hand is cut for its shape to be compared: at the wrist, square to the palm's middle bone. */
export function wristCut({ points: { wrist, middleMcp } }: PosedHand) {
  const toward = wrist.clone().sub(middleMcp).normalize();
  return { at: wrist.clone(), toward };
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
        joints: jointsOf(hand),
        forearm: {
          from: hand.points.wrist.toArray(),
          to: forearmMark(hand, grip.wristBend).toArray(),
        },
        camera: cameraOf(camera),
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
    async mask({ grip, pose }, camera, size) {
      const { build } = grip.target;
      const hand = poseHand(pose, build);
      const { at, toward } = wristCut(hand);
      const order: MaskOrder = {
        ...size,
        rigBase64,
        joints: jointsOf(hand),
        camera: cameraOf(camera),
        size: build.size,
        cut: { at: at.toArray(), toward: toward.toArray() },
      };
      return Buffer.from(await page.evaluate((o) => window.drawMask(o), order), 'base64');
    },
    close: () => browser.close(),
  };
}

const jointsOf = (hand: PosedHand): SceneOrder['joints'] =>
  [...hand.joints].map(([name, joint]) => ({
    name,
    position: joint.position.toArray(),
    rotation: joint.rotation.toArray(),
  }));

const cameraOf = ({ position, quaternion, fov }: PerspectiveCamera): SceneOrder['camera'] => ({
  position: position.toArray(),
  quaternion: quaternion.toArray(),
  fov,
});
