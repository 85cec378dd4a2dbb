import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, type Page } from '@playwright/test';
import { ROOT } from './studio';

/** A rendered demo picture and where its points truly are. */
export interface DemoPicture {
  file: string;
  image: { width: number; height: number };
  points2d: Record<string, [number, number]>;
  /** By joint, signed, degrees. */
  trueFlexionDeg?: Record<string, number>;
}

export function demoPicture(name: string): DemoPicture {
  const file = join(ROOT, 'studio-demo/pictures', name);
  const truth = JSON.parse(readFileSync(`${file}.json`, 'utf8'));
  const { image, points2d, trueFlexionDeg } = truth;
  return { file: `${file}.jpg`, image, points2d, trueFlexionDeg };
}

/** The order in which the app asks for the points of the finger side. */
export const FINGER_SIDE_ORDER = [
  'stickHandEnd',
  'stickTipEnd',
  'frogFront',
  'frogBack',
  ...['index', 'middle', 'ring', 'little'].flatMap((finger) =>
    ['Mcp', 'Pip', 'Dip', 'Tip'].map((joint) => finger + joint),
  ),
];

/** The order in which the app asks for what the thumb's side shows of the thumb. */
export const THUMB_SIDE_ORDER = [
  'stickHandEnd',
  'stickTipEnd',
  'frogFront',
  'frogBack',
  'thumbCmc',
  'thumbMcp',
  'thumbIp',
  'thumbTip',
];

/** Opens a student's look from the list. */
export async function openLook(page: Page, student: string): Promise<void> {
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: `Open ${student}’s hand file` }).click();
  await page.getByRole('button', { name: 'Look at the hold' }).click();
  await expect(page.getByRole('heading', { name: 'A look at the hold' })).toBeVisible();
}

/** Gives a file to the app instead of a picture from its camera. */
export async function choosePicture(page: Page, file: string): Promise<void> {
  const choose = page.getByRole('button', { name: 'Choose a picture', exact: true });
  const take = page.getByRole('button', { name: /^(Take a picture|Another picture)$/ });
  await choose.or(take).filter({ visible: true }).first().waitFor();
  // After a refused file the camera's screen is still there.
  if (!(await choose.isVisible())) await take.click();
  const chooser = page.waitForEvent('filechooser');
  await choose.click();
  await (await chooser).setFiles(file);
}

/** Takes the picture of a view from a file and marks these points on it, up to where the result can be read. */
export async function markPicture(
  page: Page,
  view: string,
  picture: DemoPicture,
  names: readonly string[],
): Promise<void> {
  await page.getByRole('radio', { name: view }).click();
  await choosePicture(page, picture.file);
  await page.getByRole('button', { name: 'Place the points' }).click();
  await expect(page.getByTestId('canvas')).toBeVisible();
  await placePoints(page, picture, names);
}

/** Where a place of the picture is on the screen, as long as the whole picture is shown. */
export async function onScreen(
  page: Page,
  picture: DemoPicture,
  [x, y]: [number, number],
): Promise<{ x: number; y: number }> {
  const box = (await page.getByTestId('canvas').boundingBox())!;
  const scale = Math.min(box.width / picture.image.width, box.height / picture.image.height);
  return {
    x: box.x + (box.width - picture.image.width * scale) / 2 + x * scale,
    y: box.y + (box.height - picture.image.height * scale) / 2 + y * scale,
  };
}

/** Sets points by mouse, in the order in which they are asked for. */
export async function placePoints(
  page: Page,
  picture: DemoPicture,
  names: readonly string[],
): Promise<void> {
  for (const name of names) {
    const { x, y } = await onScreen(page, picture, picture.points2d[name]!);
    await page.mouse.click(x, y);
  }
}
