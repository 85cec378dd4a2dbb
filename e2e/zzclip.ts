import { chromium } from '@playwright/test';
import { startStudio, CHROMIUM, CHROMIUM_FLAGS } from './support/studio';
import { asUsedBefore } from './support/device';
import {
  answerHeel,
  clipFile,
  clipTruth,
  markForearms,
  openClip,
  openStroke,
  readCurve,
} from './support/clip';
const studio = await startStudio();
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
const wide = process.argv[3] === 'wide';
const page = await browser.newPage({
  viewport: wide ? { width: 1280, height: 800 } : { width: 390, height: 844 },
  reducedMotion: 'reduce',
});
page.on('console', (m) => {
  if (m.type() === 'error') console.log('console:', m.text());
});
page.on('pageerror', (e) => console.log('pageerror', e.message));
await asUsedBefore(page);
await page.goto(studio.url);
const names = (process.argv[2] ?? 'supple').split(',');
for (const name of names) {
  const truth = clipTruth(name);
  await openStroke(page);
  const t0 = Date.now();
  await openClip(page, clipFile(name + '.webm'));
  if (name === names[0]) {
    await page.waitForTimeout(4000);
    await page.screenshot({ path: '/tmp/c1.png' });
  }
  await page.getByText('Where is the bow nearer the heel?').waitFor({ timeout: 90000 });
  console.log(name, 'looked through in', Date.now() - t0);
  if (name === names[0]) await page.screenshot({ path: '/tmp/c2.png' });
  await answerHeel(page, truth);
  await markForearms(page, truth, { frames: 3, noise: 0.01, seed: 5 });
  console.log(
    await page
      .getByText(/of \d+ marked/)
      .first()
      .textContent(),
  );
  if (name === names[0]) await page.screenshot({ path: '/tmp/c3.png' });
  const all = Number(
    /of (\d+)/.exec(
      (await page
        .getByText(/of \d+ marked/)
        .first()
        .textContent())!,
    )![1],
  );
  await markForearms(page, truth, { frames: all - 3, noise: 0.01, seed: 6 });
  await readCurve(page);
  await page.waitForTimeout(1500);
  console.log(
    name,
    'true',
    truth.wristRangeDeg,
    await page.getByRole('status', { name: 'Wrist over a stroke' }).textContent(),
  );
  await page.screenshot({ path: `/tmp/c4-${name}.png`, fullPage: true });
  const h = await page.evaluate(() => {
    const m = document.querySelector('[role=main] > div')!;
    m.scrollTop = 700;
    return m.scrollHeight;
  });
  await page.waitForTimeout(500);
  await page.screenshot({ path: `/tmp/c5-${name}.png` });
  await page.goto(studio.url);
}
await browser.close();
await studio.stop();
process.exit(0);
