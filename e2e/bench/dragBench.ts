import { chromium, type Page } from '@playwright/test';
import { handle, openBalance } from '../support/balance';
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

/** Drags a mark with every point set. */
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
  await page.getByTestId('canvas').waitFor();
  await placePoints(page, picture, FINGER_SIDE_ORDER);
  const times = await timedDrag(
    page,
    await onScreen(page, picture, picture.points2d.ringDip!),
    '[data-testid=marks]',
  );
  await browser.close();
  return times;
}

/** Drags the index along the stick of a bow as a lever, with every number and chart following. */
export async function balanceTimes(studio: RunningStudio): Promise<DragTimes> {
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
  const page = await browser.newPage({
    viewport: { width: 390, height: 844 },
    serviceWorkers: 'block',
  });
  await page.goto(studio.url);
  await openBalance(page, 'Ines');
  const box = (await handle(page, 'Index on the stick').boundingBox())!;
  const times = await timedDrag(
    page,
    { x: box.x + box.width / 2, y: box.y + box.height / 2 },
    '[aria-label^="The bow as a lever in"]',
  );
  await browser.close();
  return times;
}

/** Drags 200 steps from a place, and times each move in the page itself. */
async function timedDrag(
  page: Page,
  at: { x: number; y: number },
  /** What changes with each move. */
  changing: string,
): Promise<DragTimes> {
  await page.evaluate((selector) => {
    const times: { work: number[]; painted: number[] } = { work: [], painted: [] };
    window.dragTimes = times;
    let moved = 0;
    const overlay = document.querySelector(selector)!;
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
  }, changing);
  await page.mouse.move(at.x, at.y);
  await page.mouse.down();
  for (let i = 1; i <= 200; i += 1) {
    await page.mouse.move(at.x + 30 * Math.sin(i / 9), at.y + 20 * Math.cos(i / 7));
  }
  await page.mouse.up();
  return page.evaluate(() => window.dragTimes);
}
