import { chromium } from '@playwright/test';
import { CHROMIUM, CHROMIUM_FLAGS, startStudio } from './support/studio';
import { asUsedBefore, withoutFinder } from './support/device';
const studio = await startStudio();
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
const wide = process.argv[2] === 'wide';
const dark = process.argv.includes('dark');
const page = await browser.newPage({ viewport: wide ? { width: 1280, height: 800 } : { width: 390, height: 844 }, colorScheme: dark ? 'dark' : 'light', timezoneId: 'Europe/Berlin' });
page.on('pageerror', (e) => console.log('ERR', e.message));
page.on('console', (m) => m.type() === 'error' && console.log('CON', m.text()));
await asUsedBefore(page);
await withoutFinder(page);
await page.goto(studio.url);
await page.getByRole('heading', { name: 'Today' }).waitFor();
const shot = (n: string) => page.screenshot({ path: `/tmp/shots/${n}.png` });
for (const step of process.argv.slice(3).filter((s) => s !== 'dark')) {
  const [kind, ...rest] = step.split('=');
  const arg = rest.join('=');
  if (kind === 'shot') await shot(arg);
  else if (kind === 'go') { await page.getByRole('link', { name: 'Students' }).click(); await page.getByRole('link', { name: new RegExp(`Open ${arg}`) }).filter({ visible: true }).first().click(); await page.waitForTimeout(900); }
  else if (kind === 'press') { await page.getByRole('button', { name: new RegExp(arg) }).filter({ visible: true }).first().click(); await page.waitForTimeout(700); }
  else if (kind === 'radio') { await page.getByRole('radio', { name: new RegExp(arg) }).filter({ visible: true }).first().click(); await page.waitForTimeout(400); }
  else if (kind === 'scroll') { await page.getByText(new RegExp(arg)).filter({ visible: true }).first().scrollIntoViewIfNeeded(); await page.waitForTimeout(300); }
  else if (kind === 'wheel') { await page.mouse.move(wide ? 900 : 200, 400); await page.mouse.wheel(0, Number(arg)); await page.waitForTimeout(400); }
  else if (kind === 'fill') { const [label, text] = arg.split('|'); await page.getByLabel(label!).filter({ visible: true }).first().fill(text!); }
  else if (kind === 'full') { await page.setViewportSize({ width: wide ? 1280 : 390, height: Number(arg) }); await page.waitForTimeout(500); }
}
await browser.close();
await studio.stop();
