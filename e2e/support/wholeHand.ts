import type { Page } from '@playwright/test';
import { expect } from './test';
import { POINT_OF } from './finder';
import { setPoint, type DemoPicture } from './lookAtHold';
import { press } from './teacher';

const done = (page: Page) => page.getByText('Everything this view can tell is marked.');

/** Marks everything that can be marked in a picture, as it is asked for: what the view tells, then the whole hand. */
export async function markWholeHand(page: Page, picture: DemoPicture): Promise<void> {
  await markAsked(page, picture);
  await press(page, 'Mark the other points too');
  await expect(done(page)).toHaveCount(0);
  await markAsked(page, picture);
}

/** Marks points as they are asked for; what the truth of the picture does not know is not seen. */
async function markAsked(page: Page, picture: DemoPicture): Promise<void> {
  for (;;) {
    await expect(
      done(page)
        .or(page.getByText(/^Touch the picture at/))
        .first(),
    ).toBeVisible();
    if (await done(page).isVisible()) return;
    const lines = (
      await page.locator('[aria-live="polite"]').filter({ visible: true }).innerText()
    ).split('\n');
    const name = POINT_OF[lines[1]!] ?? '';
    if (picture.points2d[name]) {
      await setPoint(page, picture, name);
    } else {
      await press(page, 'Can’t see it');
    }
    await expect(page.getByText(lines[0]!, { exact: true })).toHaveCount(0);
  }
}
