import { lookByTap, press } from '../support/teacher';
import { expect, test } from '../support/test';

interface Manifest {
  icons: { src: string; sizes: string }[];
  shortcuts: { url: string }[];
  display: string;
  start_url: string;
}

test('can be put on a phone’s home screen, with icons of its own', async ({ page, studio }) => {
  const href = await page.locator('link[rel=manifest]').getAttribute('href');
  const answer = await page.request.get(`${studio.url}${href}`);
  expect(answer.headers()['content-type']).toContain('application/manifest+json');
  const manifest = (await answer.json()) as Manifest;
  expect(manifest).toMatchObject({ display: 'standalone', start_url: '/' });
  // What the browser itself has against installing it.
  const devtools = await page.context().newCDPSession(page);
  const { errors } = await devtools.send('Page.getAppManifest');
  expect(errors).toEqual([]);
  for (const { src, sizes } of manifest.icons) {
    const size = await page.evaluate(async (url) => {
      const bitmap = await createImageBitmap(await (await fetch(url)).blob());
      return `${bitmap.width}x${bitmap.height}`;
    }, `${studio.url}${src}`);
    expect(size).toBe(sizes);
  }
  const touch = await page.locator('link[rel=apple-touch-icon]').getAttribute('href');
  expect((await page.request.get(`${studio.url}${touch}`)).ok()).toBe(true);
});

test('its shortcut leads to the next lesson, or to whoever is due', async ({ page, studio }) => {
  await page.goto(`${studio.url}/next`);
  await expect(page).toHaveURL(/\/students\/[0-9a-f-]{36}$/);
  await expect(page.getByRole('button', { name: 'Look at the hold' })).toBeVisible();
});

test('the screen stays awake during a test, and may sleep after it', async ({ page }) => {
  await page.evaluate(() => {
    const log: string[] = [];
    Object.assign(window, { wakeLog: log });
    Object.defineProperty(navigator, 'wakeLock', {
      value: {
        request: async (kind: string) => {
          log.push(kind);
          return { release: async () => void log.push('released') };
        },
      },
    });
  });
  const log = () => page.evaluate(() => (window as unknown as { wakeLog: string[] }).wakeLog);
  await lookByTap(page, 'Osric Tidewell');
  for (let station = 1; station < 5; station += 1) await press(page, 'All fine here');
  await press(page, 'Whole-hand tests');
  expect(await log()).toEqual([]);
  await page
    .getByRole('button', { name: /^Do the test/ })
    .first()
    .click();
  await expect.poll(log).toEqual(['screen']);
  await press(page, 'Back');
  await expect.poll(log).toEqual(['screen', 'released']);
});
