import type { Page } from '@playwright/test';
import { choosePicture, demoPicture, onScreen, openLook, placePoints } from '../support/lookAtHold';
import { expect, test } from '../support/test';

const picture = demoPicture('settled.finger-side');

async function openCanvas(page: Page): Promise<void> {
  await openLook(page, 'Osric Tidewell');
  await choosePicture(page, picture.file);
  await expect(page.getByTestId('canvas')).toBeVisible();
}

const markOf = (page: Page, name: string) => page.getByRole('button', { name: `${name}, at` });

/** Where a mark says that it is, in pixels of the picture. */
async function placeOf(page: Page, name: string): Promise<[number, number]> {
  const label = await markOf(page, name).getAttribute('aria-label');
  const [, x, y] = /at (\d+), (\d+)/.exec(label!)!;
  return [Number(x), Number(y)];
}

const BUTTON_END = 'Stick: its middle, near the button';

test('a mark is dragged with the mouse under a magnifier, and the drag is taken back', async ({
  page,
}) => {
  await openCanvas(page);
  await placePoints(page, picture, ['stickHandEnd']);
  const before = await placeOf(page, BUTTON_END);
  const at = await onScreen(page, picture, before);
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  await page.mouse.move(at.x + 40, at.y + 20, { steps: 5 });
  await expect(page.getByTestId('magnifier')).toBeVisible();
  await page.mouse.up();
  await expect(page.getByTestId('magnifier')).toHaveCount(0);
  const [x, y] = await placeOf(page, BUTTON_END);
  const pxPerScreen = 1200 / 390;
  expect(x - before[0]).toBeCloseTo(40 * pxPerScreen, -1);
  expect(y - before[1]).toBeCloseTo(20 * pxPerScreen, -1);
  await page.getByRole('button', { name: 'Undo' }).click();
  expect(await placeOf(page, BUTTON_END)).toEqual(before);
  await page.keyboard.press('Control+y');
  expect(await placeOf(page, BUTTON_END)).toEqual([x, y]);
});

test('keys set and move a mark without any pointer', async ({ page }) => {
  await openCanvas(page);
  await page.getByTestId('canvas').focus();
  await page.keyboard.press('Enter');
  const [x, y] = await placeOf(page, BUTTON_END);
  // The middle of the picture, as near as whole screen pixels allow.
  expect(Math.abs(x - 600)).toBeLessThanOrEqual(2);
  expect(Math.abs(y - 450)).toBeLessThanOrEqual(2);
  await markOf(page, BUTTON_END).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Shift+ArrowUp');
  expect(await placeOf(page, BUTTON_END)).toEqual([x + 1, y - 10]);
});

test('the wheel zooms about the pointer, and the whole picture comes back', async ({ page }) => {
  await openCanvas(page);
  const at = await onScreen(page, picture, [300, 600]);
  await page.mouse.move(at.x, at.y);
  await page.mouse.wheel(0, -600);
  // What was under the pointer still is: a click there sets that very place.
  await page.mouse.click(at.x, at.y);
  const [x, y] = await placeOf(page, BUTTON_END);
  expect(Math.abs(x - 300)).toBeLessThanOrEqual(3);
  expect(Math.abs(y - 600)).toBeLessThanOrEqual(3);
  // One screen pixel is now a much smaller step in the picture.
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  await page.mouse.move(at.x + 30, at.y, { steps: 3 });
  await page.mouse.up();
  const [zoomedX] = await placeOf(page, BUTTON_END);
  expect(zoomedX - x).toBeLessThan(50);
  await page.getByRole('button', { name: 'Whole picture' }).click();
  const back = await onScreen(page, picture, await placeOf(page, BUTTON_END));
  const box = (await markOf(page, BUTTON_END).boundingBox())!;
  expect(box.x + box.width / 2).toBeCloseTo(back.x, 0);
});

test('marks are kept when one goes back, and mirror with the picture', async ({ page }) => {
  await openCanvas(page);
  await placePoints(page, picture, ['stickHandEnd']);
  const [x, y] = await placeOf(page, BUTTON_END);
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await page.getByRole('button', { name: 'Flip the picture' }).click();
  await page.getByRole('button', { name: 'Place the points' }).click();
  const [mirroredX, mirroredY] = await placeOf(page, BUTTON_END);
  expect(Math.abs(mirroredX - (1200 - x))).toBeLessThanOrEqual(1);
  expect(mirroredY).toBe(y);
});

test.describe('on a touch screen', () => {
  test.use({ hasTouch: true });

  test('two fingers zoom without leaving a stray point, one finger sets one', async ({ page }) => {
    await openCanvas(page);
    const client = await page.context().newCDPSession(page);
    const at = await onScreen(page, picture, [600, 450]);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', points: [number, number][]) =>
      client.send('Input.dispatchTouchEvent', {
        type,
        touchPoints: points.map(([x, y], id) => ({ x, y, id })),
      });
    await touch('touchStart', [[at.x - 20, at.y]]);
    await touch('touchStart', [
      [at.x - 20, at.y],
      [at.x + 20, at.y],
    ]);
    for (const spread of [30, 45, 60, 80]) {
      await touch('touchMove', [
        [at.x - spread, at.y],
        [at.x + spread, at.y],
      ]);
    }
    await touch('touchEnd', []);
    await expect(page.getByRole('button', { name: /, at \d/ })).toHaveCount(0);
    await page.touchscreen.tap(at.x + 50, at.y);
    const [x] = await placeOf(page, BUTTON_END);
    // Unzoomed, 50 screen pixels would be 154 in the picture.
    expect(x - 600).toBeGreaterThan(20);
    expect(x - 600).toBeLessThan(110);
  });
});
