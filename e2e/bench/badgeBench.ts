import { chromium } from '@playwright/test';
import { asUsedBefore } from '../support/device';
import { CHROMIUM, CHROMIUM_FLAGS, type RunningStudio } from '../support/studio';

const BADGES = 60;
const ROUNDS = 7;

/** How long sixty small portraits of the studio's own list take to be painted in one go, ms, again and again. */
export async function badgeTimes(studio: RunningStudio): Promise<number[]> {
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
  const page = await browser.newPage({
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  await asUsedBefore(page);
  await page.goto(`${studio.url}/students`);
  await page
    .getByRole('link', { name: /hand file$/ })
    .first()
    .waitFor();
  await page.waitForLoadState('networkidle');
  const times = await page.evaluate(
    async ([count, rounds]) => {
      const badges = [...document.querySelectorAll('svg')]
        .filter((svg) => svg.querySelectorAll('path').length > 6)
        .map((svg) => svg.outerHTML);
      if (badges.length === 0) throw new Error('The list shows no badge.');
      const cells = Array.from(
        { length: count! },
        (_, i) => `<div style="width:52px;height:41px">${badges[i % badges.length]}</div>`,
      );
      const found: number[] = [];
      for (let round = 0; round < rounds!; round += 1) {
        const host = document.createElement('div');
        host.style.cssText =
          'position:fixed;inset:0;display:grid;grid-template-columns:repeat(6,56px);z-index:99';
        const from = performance.now();
        host.innerHTML = cells.join('');
        document.body.append(host);
        await new Promise<void>((done) =>
          requestAnimationFrame(() => {
            const after = new MessageChannel();
            after.port1.onmessage = () => done();
            after.port2.postMessage(0);
          }),
        );
        found.push(performance.now() - from);
        host.remove();
        await new Promise((done) => requestAnimationFrame(done));
      }
      return found;
    },
    [BADGES, ROUNDS],
  );
  await browser.close();
  return times;
}
