import { chromium } from '@playwright/test';
import { asUsedBefore } from './support/device';
import { CHROMIUM, CHROMIUM_FLAGS_IN_SPACE, startStudio } from './support/studio';
const which = (process.argv[2] ?? 'Ines,Linnea,Bram,Dagny').split(',');
const [w, h] = (process.argv[3] ?? '390x844').split('x').map(Number);
const full = process.argv[4] === 'full';
const studio = await startStudio();
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS_IN_SPACE });
for (const name of which) {
  const context = await browser.newContext({
    viewport: { width: w!, height: full ? 3600 : h! },
    reducedMotion: 'reduce',
    serviceWorkers: 'block',
    colorScheme: process.argv[5] === 'dark' ? 'dark' : 'light',
  });
  const page = await context.newPage();
  page.on('pageerror', (e) => console.error('PAGE', e.message));
  page.on('console', (m) => m.type() === 'error' && console.error(m.text()));
  await asUsedBefore(page);
  await page.goto(studio.url);
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: new RegExp(`Open ${name}`) }).click();
  await page.getByRole('button', { name: 'The bow as a lever' }).click();
  await page.getByRole('heading', { name: 'Balance' }).waitFor();
  await page.evaluate(() => document.fonts.ready);
  await page.waitForLoadState('networkidle');
  await page.screenshot({ path: `/tmp/shots/${name}-${w}${full ? '-full' : ''}.png` });
  await context.close();
}
await browser.close();
await studio.stop();
