import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { demoPicture, openLook } from '../support/lookAtHold';
import { CHROMIUM, CHROMIUM_FLAGS } from '../support/studio';
import { expect, test } from '../support/test';

/** A film for the browser's pretended camera: JPEG files one after another. */
const film = join(mkdtempSync(join(tmpdir(), 'film-')), 'camera.mjpeg');
const jpeg = readFileSync(demoPicture('settled.finger-side').file);
writeFileSync(film, Buffer.concat([jpeg, jpeg, jpeg]));

test.use({
  permissions: ['camera'],
  launchOptions: {
    executablePath: CHROMIUM,
    args: [
      ...CHROMIUM_FLAGS,
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${film}`,
    ],
  },
});

test('a picture is taken with the last one of its view faintly over it', async ({ page }) => {
  await openLook(page, 'Edda Marlowe-Quist');
  await page.getByRole('button', { name: 'Take a picture' }).click();
  const ghost = page.getByRole('img', { name: 'The last picture from this side, faintly' });
  await expect(ghost).toBeVisible();
  await page.getByRole('button', { name: 'Hide the last picture' }).click();
  await expect(ghost).toHaveCount(0);
  const shoot = page.getByRole('button', { name: 'Take it', exact: true });
  await expect(shoot).toBeEnabled();
  await page.waitForFunction(() => (document.querySelector('video')?.videoWidth ?? 0) > 0);
  await shoot.click();
  await expect(page.getByTestId('canvas')).toBeVisible();
});

test('a view that was never taken shows nothing over the camera', async ({ page }) => {
  await openLook(page, 'Edda Marlowe-Quist');
  await page.getByRole('radio', { name: 'Thumb side' }).click();
  await page.getByRole('button', { name: 'Take a picture' }).click();
  await expect(page.getByRole('button', { name: 'Take it', exact: true })).toBeEnabled();
  await expect(page.getByRole('button', { name: 'Hide the last picture' })).toHaveCount(0);
});
