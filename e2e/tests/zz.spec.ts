import { test, expect } from '../support/test';
test('zz', async ({ page, studio }) => {
  await page.goto(`${studio.url}/studio`);
  await expect(page.getByText('Check the ruler')).toBeVisible();
  await page.screenshot({ path: '/tmp/z1.png' });
  await page.goto(`${studio.url}/studio/ruler`);
  await expect(page.getByText('Not checked on this device yet')).toBeVisible();
  await page.screenshot({ path: '/tmp/z2.png' });
  await page.goto(`${studio.url}/waiting`);
  await page.waitForTimeout(800);
  await page.screenshot({ path: '/tmp/z5.png' });
  const pdf = await page.request.get(`${studio.url}/api/ruler/page.pdf?paper=A4`);
  require('node:fs').writeFileSync('/tmp/ruler.pdf', await pdf.body());
  await page.goto(`${studio.url}/trouble`);
  await page.waitForTimeout(500);
  await studio.stop('SIGKILL');
  await page.evaluate(() => fetch('/api/access').catch(() => 0));
  await page.goto(`${studio.url}/`).catch(() => 0);
});
