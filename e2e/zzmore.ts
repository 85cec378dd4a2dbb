import { chromium } from '@playwright/test';
import { asUsedBefore } from './support/device';
import { CHROMIUM, CHROMIUM_FLAGS_IN_SPACE, startStudio } from './support/studio';
const studio = await startStudio();
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS_IN_SPACE });
async function open(name: string, w: number, h: number, dark = false) {
  const context = await browser.newContext({
    viewport: { width: w, height: h },
    reducedMotion: 'reduce',
    serviceWorkers: 'block',
    colorScheme: dark ? 'dark' : 'light',
  });
  const page = await context.newPage();
  page.on('pageerror', (e) => console.error('PAGE', e.message));
  await asUsedBefore(page);
  await page.goto(studio.url);
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: new RegExp(`Open ${name}`) }).click();
  await page.getByRole('button', { name: 'The bow as a lever' }).click();
  await page.getByRole('heading', { name: 'Balance' }).waitFor();
  await page.evaluate(() => document.fonts.ready);
  await page.waitForLoadState('networkidle');
  return page;
}
// tilt in the air, and up the stick
let page = await open('Tilda', 390, 844);
await page.getByRole('radio', { name: 'in the air' }).click();
for (let i = 0; i < 9; i += 1)
  await page.getByRole('slider', { name: 'Tilt of the bow' }).press('Shift+ArrowUp');
await page.getByRole('slider', { name: 'Tilt of the bow' }).press('ArrowDown');
for (let i = 0; i < 3; i += 1)
  await page.getByRole('slider', { name: 'Hand up the stick' }).press('Shift+ArrowRight');
await page.evaluate(() => window.scrollTo(0, 0));
await page.screenshot({ path: '/tmp/shots/tilt.png' });
page = await open('Ines', 390, 844);
await page.getByRole('button', { name: 'Index 10 mm further ahead' }).click();
await page.getByRole('heading', { name: 'What if?' }).scrollIntoViewIfNeeded();
await page.screenshot({ path: '/tmp/shots/whatif.png' });
await page.getByRole('button', { name: 'Weigh this bow' }).click();
await page.getByLabel('What it weighs, g').fill('41');
await page.screenshot({ path: '/tmp/shots/weigh1.png' });
await page.getByRole('button', { name: 'Next' }).click();
await page.getByLabel(/balance point/).fill('240');
await page.screenshot({ path: '/tmp/shots/weigh2.png' });
await page.getByRole('button', { name: 'Next' }).click();
await page.screenshot({ path: '/tmp/shots/weigh3.png' });
page = await open('Linnea', 1280, 800);
await page.screenshot({ path: '/tmp/shots/wide.png' });
page = await open('Bram', 390, 844, true);
await page.screenshot({ path: '/tmp/shots/dark.png' });
await browser.close();
await studio.stop();
