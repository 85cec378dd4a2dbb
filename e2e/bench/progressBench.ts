import { chromium } from '@playwright/test';
import { asUsedBefore, withoutFinder } from '../support/device';
import { CHROMIUM, CHROMIUM_FLAGS } from '../support/studio';
import { grownStudio } from './grownStudio';

const CHECKS = 500;
const TURNS = 7;

/** From the history's arrival in the page to the frame in which its figures are painted, with 500 looks, ms. */
export async function progressTimes(): Promise<number[]> {
  const { studio, studentId, setupId } = await grownStudio(1, CHECKS);
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
  const times: number[] = [];
  for (let turn = 0; turn < TURNS; turn += 1) {
    const page = await browser.newPage({
      viewport: { width: 390, height: 844 },
      serviceWorkers: 'block',
    });
    await withoutFinder(page);
    await asUsedBefore(page);
    await page.addInitScript(() => {
      const marks = window as unknown as { arrived?: number; painted?: number };
      const plain = window.fetch;
      window.fetch = async (...request) => {
        const response = await plain(...request);
        if (String(request[0]).includes('/history')) {
          const read = response.json.bind(response);
          response.json = async () => {
            const content = await read();
            marks.arrived = performance.now();
            return content;
          };
        }
        return response;
      };
      new MutationObserver((_, observer) => {
        if (!document.querySelector('svg[aria-label$="over the weeks"]')) return;
        observer.disconnect();
        requestAnimationFrame(() =>
          requestAnimationFrame(() => (marks.painted = performance.now())),
        );
      }).observe(document, { childList: true, subtree: true });
    });
    await page.goto(`${studio.url}/students/${studentId}/weeks?setup=${setupId}`);
    const took = await page.waitForFunction(() => {
      const { arrived, painted } = window as unknown as { arrived?: number; painted?: number };
      return arrived !== undefined && painted !== undefined ? painted - arrived : null;
    });
    times.push((await took.jsonValue()) as number);
    await page.close();
  }
  await browser.close();
  await studio.stop();
  return times;
}
