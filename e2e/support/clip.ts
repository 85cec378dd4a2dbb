import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { ROOT } from './studio';
import { button, openTool, press } from './teacher';

/** What the renderer knows of a clip; places in px of the clip. */
export interface ClipTruth {
  width: number;
  height: number;
  wristRangeDeg: number;
  frames: {
    timeS: number;
    bowPlace: number;
    wristFlexionDeg: number;
    wrist: [number, number];
    middleMcp: [number, number];
    forearm: [number, number];
  }[];
}

export const clipFile = (name: string): string => join(ROOT, `studio-demo/clips/${name}`);

export const clipTruth = (name: string): ClipTruth =>
  JSON.parse(readFileSync(clipFile(`${name}.json`), 'utf8')) as ClipTruth;

/** Goes to the wrist over a stroke of a student of the demo. */
export async function openStroke(page: Page, student = 'Ines'): Promise<void> {
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: new RegExp(`Open ${student}`) }).click();
  await openTool(page, 'Wrist over a stroke');
  await page.getByRole('heading', { name: 'Wrist over a stroke' }).waitFor();
}

/** Opens a clip of one's own or of the demo as a new take. */
export async function openClip(page: Page, path: string, seen?: string): Promise<void> {
  await press(page, 'Add a take');
  if (seen) await page.getByRole('radio', { name: seen }).click();
  const chooser = page.waitForEvent('filechooser');
  await press(page, 'Open a clip');
  await (await chooser).setFiles(path);
}

const frameAt = ({ frames }: ClipTruth, timeS: number) =>
  frames.findLast((frame) => frame.timeS <= timeS + 0.006)!;

/** Touches the picture in which the bow is nearer the heel. */
export async function answerHeel(page: Page, truth: ClipTruth): Promise<void> {
  await page.getByText('Where is the bow nearer the heel?').waitFor({ timeout: 180_000 });
  for (const end of await page.getByRole('button', { name: /^Picture \d, at / }).all()) {
    const timeS = Number(/at ([\d.]+) s/.exec((await end.getAttribute('aria-label'))!)![1]);
    if (frameAt(truth, timeS).bowPlace < 0.5) return end.click();
  }
  throw new Error('Neither picture shows the heel.');
}

const frameShown = (page: Page) =>
  page.getByRole('img', { name: /^Frame at / }).filter({ visible: true });

/** Touches the forearm in one frame after the other, each touch off by this share of the picture's width (SD). */
export async function markForearms(
  page: Page,
  truth: ClipTruth,
  { frames, noise = 0, seed = 1 }: { frames: number; noise?: number; seed?: number },
): Promise<void> {
  const normal = seededNormal(seed);
  for (let i = 0; i < frames; i += 1) {
    const shown = frameShown(page);
    const label = (await shown.getAttribute('alt'))!;
    const { wrist, forearm } = frameAt(truth, Number(/([\d.]+) s$/.exec(label)![1]));
    await shown.scrollIntoViewIfNeeded();
    const box = (await shown.boundingBox())!;
    const scale = box.width / truth.width;
    for (const along of [0.3, 1.6]) {
      const place = [0, 1].map(
        (k) => wrist[k]! + along * (forearm[k]! - wrist[k]!) + noise * truth.width * normal(),
      );
      const [x, y] = [clamp(place[0]!, truth.width), clamp(place[1]!, truth.height)];
      await page.mouse.click(box.x + x * scale, box.y + y * scale);
    }
  }
}

const clamp = (value: number, most: number) => Math.min(most - 2, Math.max(2, value));

/** From the marked frames to the take. */
export async function readCurve(page: Page): Promise<void> {
  await button(page, 'Read the curve').click();
}

/** Normally spread numbers, the same for the same seed. */
function seededNormal(seed: number): () => number {
  let state = seed >>> 0;
  const uniform = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), state | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 2 ** 32;
  };
  return () => Math.sqrt(-2 * Math.log(uniform() + 1e-12)) * Math.cos(2 * Math.PI * uniform());
}
