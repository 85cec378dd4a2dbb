import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  choosePicture,
  demoPicture,
  FINGER_SIDE_ORDER,
  onScreen,
  openLook,
  placePoints,
} from '../support/lookAtHold';
import { portOf, startStudio } from '../support/studio';
import { expect, test } from '../support/test';
import { openSection } from '../support/teacher';

const folder = mkdtempSync(join(tmpdir(), 'bad-'));
const picture = demoPicture('settled.finger-side');

function fileOf(name: string, content: Buffer): string {
  const path = join(folder, name);
  writeFileSync(path, content);
  return path;
}

test('files that are no good pictures are refused with a sentence that helps', async ({ page }) => {
  await openLook(page, 'Osric Tidewell');
  const jpeg = readFileSync(picture.file);
  for (const [file, sentence] of [
    [fileOf('words.jpg', Buffer.from('not a picture at all')), 'not a picture that can be opened'],
    [fileOf('cut.jpg', jpeg.subarray(0, jpeg.length / 2)), 'damaged or incomplete'],
    [fileOf('large.jpg', Buffer.alloc(30 * 1024 * 1024, 1)), 'larger than 20 MB'],
  ] as const) {
    await choosePicture(page, file);
    await expect(page.getByRole('alert')).toContainText(sentence);
    await expect(page.getByTestId('canvas')).toHaveCount(0);
  }
  await choosePicture(page, picture.file);
  await expect(page.getByTestId('canvas')).toBeVisible();
  await expect(page.getByRole('alert')).toHaveCount(0);
});

test('swapped ends of the frog are told while marking, and nothing is measured from them', async ({
  page,
}) => {
  await openLook(page, 'Osric Tidewell');
  await choosePicture(page, picture.file);
  await expect(page.getByTestId('canvas')).toBeVisible();
  await placePoints(page, picture, ['stickHandEnd', 'stickTipEnd', 'frogBack', 'frogFront']);
  await expect(page.getByRole('alert')).toContainText('Swap the two');
  await expect(page.getByRole('button', { name: 'Read the result' })).toBeDisabled();
});

test('addresses that lead nowhere say so in words', async ({ page, studio }) => {
  await page.goto(`${studio.url}/students/0190a8c0-0000-7000-8000-000000000000`);
  await expect(page.getByRole('alert')).toContainText('There is no student with this id.');
  // What could not be loaded has a way back.
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  for (const nowhere of ['nowhere/at/all', 'studio/settings', 'studio/people', 'studio/phones']) {
    await page.goto(`${studio.url}/${nowhere}`);
    await expect(page.getByRole('heading', { name: 'Nothing is kept here' })).toBeVisible();
  }
});

test('a look saved while the studio is away waits on the device, survives a reload, and is sent', async ({
  page,
  studio,
}) => {
  await openLook(page, 'Osric Tidewell');
  await choosePicture(page, picture.file);
  await expect(page.getByTestId('canvas')).toBeVisible();
  await placePoints(page, picture, FINGER_SIDE_ORDER);
  await page.getByRole('button', { name: 'Read the result' }).click();
  await studio.stop('SIGKILL');
  await page.getByRole('button', { name: 'Save this look' }).click();
  await expect(page.getByText('1 thing waits to be sent')).toBeVisible();
  // The bar tells it while the sending is still tried; the look is left once that is over.
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();

  const again = await startStudio(studio.dataDir, portOf(studio));
  await page.reload();
  await expect(page.getByText('waits to be sent')).toHaveCount(0);
  await page.getByRole('button', { name: 'Show them' }).click();
  await expect(page.getByRole('link', { name: /Open Osric/ })).toContainText('next look');
  // Sent once, kept once.
  await page.getByRole('link', { name: /Open Osric/ }).click();
  await openSection(page, 'Looks');
  await expect(page.getByRole('link', { name: /Open the look of/ })).toHaveCount(1);
  await again.stop();
});

test('a point dragged beyond the edge stays in the picture', async ({ page }) => {
  await openLook(page, 'Osric Tidewell');
  await choosePicture(page, picture.file);
  await expect(page.getByTestId('canvas')).toBeVisible();
  const at = await onScreen(page, picture, [100, 100]);
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  await page.mouse.move(2, 2, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: /near the button, at \d+, 0$/ })).toHaveCount(1);
});
