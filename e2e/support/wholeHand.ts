import type { Page } from '@playwright/test';
import { expect } from './test';
import { POINT_OF } from './finder';
import { onScreen, type DemoPicture } from './lookAtHold';
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
    const place = picture.points2d[POINT_OF[lines[1]!] ?? ''];
    if (place) {
      const to = await onScreen(page, picture, place);
      const from = await freePlace(page, picture, to);
      // Joints lie close together: the point is set beside them and dragged to where it belongs.
      await page.mouse.move(from.x, from.y);
      await page.mouse.down();
      await page.mouse.move((from.x + to.x) / 2, (from.y + to.y) / 2);
      await page.mouse.move(to.x, to.y);
      await page.mouse.up();
    } else {
      await press(page, 'Can’t see it');
    }
    await expect(page.getByText(lines[0]!, { exact: true })).toHaveCount(0);
  }
}

/** A touch this near to a mark would mean the mark, px of the screen. */
const REACH_PX = 24;

/** The place nearest to a point of the screen where no joint is. */
async function freePlace(
  page: Page,
  picture: DemoPicture,
  near: { x: number; y: number },
): Promise<{ x: number; y: number }> {
  const names = Object.keys(picture.points2d);
  const marks = await Promise.all(
    names.map((name) => onScreen(page, picture, picture.points2d[name]!)),
  );
  for (let away = 0; away < 400; away += 12) {
    for (let angle = 0; angle < 2 * Math.PI; angle += Math.PI / 6) {
      const at = { x: near.x + away * Math.cos(angle), y: near.y + away * Math.sin(angle) };
      if (marks.every(({ x, y }) => Math.hypot(x - at.x, y - at.y) > REACH_PX)) return at;
    }
  }
  throw new Error('There is no free place around this point.');
}
