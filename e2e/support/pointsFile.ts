import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { expect } from './test';
import { choosePicture, type DemoPicture } from './lookAtHold';
import { press } from './teacher';

/** A picture's true points as a file of points, with what the app asks of it. */
function pointsFile(picture: DemoPicture, view: string): string {
  const { width, height } = picture.image;
  const names = Object.keys(picture.points2d).filter((name) => {
    const [x, y] = picture.points2d[name]!;
    return x >= 0 && y >= 0 && x <= width && y <= height;
  });
  const file = {
    images: [{ id: 1, file_name: 'picture.jpg', ...picture.image }],
    categories: [
      { id: 1, name: 'hand_bow', supercategory: 'hand', keypoints: names, skeleton: [] },
    ],
    annotations: [
      {
        id: 1,
        image_id: 1,
        category_id: 1,
        keypoints: names.flatMap((name) => [...picture.points2d[name]!, 2]),
        num_keypoints: names.length,
        attributes: { view, side: 'right', frog_length_mm: 46, frog_sd_mm: 0.5, sigma_px: 3 },
      },
    ],
  };
  const path = join(mkdtempSync(join(tmpdir(), 'points-')), 'points.json');
  writeFileSync(path, JSON.stringify(file));
  return path;
}

/** Takes a picture with its points from a file, up to where its result can be read. */
export async function pictureWithPoints(
  page: Page,
  picture: DemoPicture,
  view: string,
): Promise<void> {
  await choosePicture(page, picture.file);
  await press(page, 'Back');
  const chooser = page.waitForEvent('filechooser');
  await press(page, 'Points from a file');
  await (await chooser).setFiles(pointsFile(picture, view));
  await page.getByRole('button', { name: /^1\. / }).click();
  await expect(page.getByText('Everything this view can tell is marked.')).toBeVisible();
}
