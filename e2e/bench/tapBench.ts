import { chromium, type Locator, type Page } from '@playwright/test';
import { CHROMIUM, CHROMIUM_FLAGS, type RunningStudio } from '../support/studio';
import { button, lookByTap, press } from '../support/teacher';

const TAP_EVERY_MS = 1000;

async function openPage(studio: RunningStudio): Promise<Page> {
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await page.goto(studio.url);
  return page;
}

/** From a tap on a station's answer to the frame that shows it, ms. */
export async function stationTimes(studio: RunningStudio): Promise<number[]> {
  const page = await openPage(studio);
  await lookByTap(page, 'Osric Tidewell');
  for (let station = 1; station < 5; station += 1) await press(page, 'All fine here');
  await page.evaluate(() => {
    const times: number[] = [];
    (window as unknown as { taps: number[] }).taps = times;
    let tapped = 0;
    window.addEventListener('click', () => (tapped = performance.now()), true);
    new MutationObserver(() => {
      if (tapped === 0) return;
      const started = tapped;
      tapped = 0;
      requestAnimationFrame(() => {
        const after = new MessageChannel();
        after.port1.onmessage = () => times.push(performance.now() - started);
        after.port2.postMessage(0);
      });
    }).observe(document.body, {
      subtree: true,
      attributes: true,
      attributeFilter: ['aria-checked'],
    });
  });
  const token = page.getByRole('checkbox', { name: 'The tip drops' });
  for (let i = 0; i < 60; i += 1) await token.click();
  const times = await page.evaluate(() => (window as unknown as { taps: number[] }).taps);
  await page.context().browser()!.close();
  return times;
}

/** A clean look by tap, one tap a second at most, from opening the student to the kept look: seconds and taps. */
export async function tapCheckSeconds(
  studio: RunningStudio,
): Promise<{ seconds: number; taps: number }> {
  const page = await openPage(studio);
  await page.getByRole('link', { name: 'Students' }).click();
  const student = page.getByRole('link', { name: /Open Osric/ });
  await student.waitFor();
  const started = performance.now();
  let taps = 0;
  const tap = async (on: Locator) => {
    await on.click();
    taps += 1;
    const next = started + taps * TAP_EVERY_MS;
    await new Promise((resolve) => setTimeout(resolve, Math.max(0, next - performance.now())));
  };
  await tap(student);
  await tap(button(page, 'Look at the hold'));
  await tap(button(page, 'By tap'));
  for (let station = 1; station <= 5; station += 1) await tap(button(page, 'All fine here'));
  await tap(button(page, 'Save this look'));
  await page.getByText(/looked at today/).waitFor();
  const seconds = (performance.now() - started) / 1000;
  await page.context().browser()!.close();
  return { seconds, taps };
}
