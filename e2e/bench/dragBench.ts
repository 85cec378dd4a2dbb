import { chromium } from '@playwright/test';
import { asUsedBefore, withoutFinder } from '../support/device';
import {
  choosePicture,
  demoPicture,
  FINGER_SIDE_ORDER,
  onScreen,
  openLook,
  placePoints,
} from '../support/lookAtHold';
import { CHROMIUM, CHROMIUM_FLAGS, type RunningStudio } from '../support/studio';

export interface DragTimes {
  /** From the move's event to the changed picture of the marks in the page, ms. */
  work: number[];
  /** From the move's event to after the frame that shows it was painted, ms. */
  painted: number[];
}

declare global {
  interface Window {
    dragTimes: DragTimes;
  }
}

/** Drags a mark 200 steps with every point set, and times each move in the page itself. */
export async function dragTimes(studio: RunningStudio): Promise<DragTimes> {
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
  const page = await browser.newPage({
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  await withoutFinder(page);
  await asUsedBefore(page);
  await page.goto(studio.url);
  const picture = demoPicture('settled.finger-side');
  await openLook(page, 'Osric Tidewell');
  await choosePicture(page, picture.file);
  await page.getByRole('button', { name: 'Place the points' }).click();
  await page.getByTestId('canvas').waitFor();
  await placePoints(page, picture, FINGER_SIDE_ORDER);
  await page.evaluate(() => {
    const times: { work: number[]; painted: number[] } = { work: [], painted: [] };
    window.dragTimes = times;
    let moved = 0;
    const overlay = document.querySelector('[data-testid=marks]')!;
    window.addEventListener('pointermove', () => (moved = performance.now()), true);
    new MutationObserver(() => {
      if (moved === 0) return;
      const started = moved;
      moved = 0;
      times.work.push(performance.now() - started);
      requestAnimationFrame(() => {
        const after = new MessageChannel();
        after.port1.onmessage = () => times.painted.push(performance.now() - started);
        after.port2.postMessage(0);
      });
    }).observe(overlay, { subtree: true, attributes: true });
  });
  const at = await onScreen(page, picture, picture.points2d.ringDip!);
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  for (let i = 1; i <= 200; i += 1) {
    await page.mouse.move(at.x + 30 * Math.sin(i / 9), at.y + 20 * Math.cos(i / 7));
  }
  await page.mouse.up();
  const times = await page.evaluate(() => window.dragTimes);
  await browser.close();
  return times;
}
