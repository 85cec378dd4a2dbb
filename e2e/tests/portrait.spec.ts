import { expectAccessible } from '../support/expectAccessible';
import { press } from '../support/teacher';
import { expect, test } from '../support/test';

const outline = (page: import('@playwright/test').Page) =>
  page
    .getByRole('img', { name: /How Tobin Wrenfield holds the bow/ })
    .locator('path')
    .evaluateAll((paths) => paths.map((path) => path.getAttribute('d')).join());

test('the drawn hand is turned to the thumb’s side by a tap and by a swipe, and stays so on this device', async ({
  page,
  studio,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${studio.url}/students`);
  // Lists bring small drawings along.
  const badge = page.getByRole('img', { name: /How Tobin Wrenfield holds the bow/ });
  await expect(badge.locator('path').first()).toBeAttached();
  await page.getByRole('link', { name: /Open Tobin/ }).click();
  await expect(
    page.getByRole('button', { name: 'Fingers’ side: turn to thumb’s side' }),
  ).toBeVisible();
  await expect.poll(() => outline(page)).toContain('M');
  const fingers = await outline(page);
  await press(page, 'Fingers’ side: turn to thumb’s side');
  await expect.poll(() => outline(page)).not.toBe(fingers);
  const thumb = await outline(page);
  await expectAccessible(page, 'a hand file with the hand turned');

  await page.reload();
  await expect(
    page.getByRole('button', { name: 'Thumb’s side: turn to player’s eye' }),
  ).toBeVisible();
  await expect.poll(() => outline(page)).toBe(thumb);

  // A finger that moves to the right brings the side before back.
  const box = (await page.getByRole('img', { name: /How Tobin/ }).boundingBox())!;
  const finger = await page.context().newCDPSession(page);
  const at = (x: number) => [{ x: box.x + x, y: box.y + box.height / 2 }];
  await finger.send('Emulation.setTouchEmulationEnabled', { enabled: true });
  await finger.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: at(60) });
  await finger.send('Input.dispatchTouchEvent', { type: 'touchMove', touchPoints: at(200) });
  await finger.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [] });
  await expect(
    page.getByRole('button', { name: 'Fingers’ side: turn to thumb’s side' }),
  ).toBeVisible();
  await expect.poll(() => outline(page)).toBe(fingers);

  // The hand that is wanted is laid over it, and taken away again.
  await press(page, 'Show the hand that the hold wants');
  await expect.poll(async () => (await outline(page)).length).toBeGreaterThan(fingers.length + 500);
  await press(page, 'Hide the hand that the hold wants');
  await expect.poll(() => outline(page)).toBe(fingers);
});
