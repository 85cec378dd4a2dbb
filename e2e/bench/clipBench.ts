import { chromium } from '@playwright/test';
import {
  answerHeel,
  clipFile,
  clipTruth,
  markForearms,
  openClip,
  openStroke,
  readCurve,
} from '../support/clip';
import { asUsedBefore } from '../support/device';
import { CHROMIUM, CHROMIUM_FLAGS, type RunningStudio } from '../support/studio';
import { pagePrivateMb } from './renderersMb';

/** How long the browser is given to give memory back, and how often memory is looked at. */
const GIVING_BACK_MS = 3000;
const LOOK_EVERY_MS = 250;

/** What a ten-second clip costs. */
export interface ClipReadings {
  /** Machine time from the chosen file to frames to be marked, and from the last mark to the curve, s. */
  seconds: number;
  /** Memory of the page's process, not shared with others: before, at most meanwhile, and once the screen was left, MB. */
  beforeMb: number;
  mostMb: number;
  afterMb: number;
}

/** Reads the demo's ten-second clip to its curve, then leaves the screen. */
export async function clipReadings(studio: RunningStudio): Promise<ClipReadings> {
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await asUsedBefore(page);
  await page.goto(studio.url);
  await openStroke(page);
  const settled = async () => {
    const session = await page.context().newCDPSession(page);
    await session.send('HeapProfiler.collectGarbage');
    await session.send('Memory.simulatePressureNotification', { level: 'critical' });
    await page.waitForTimeout(GIVING_BACK_MS);
    await session.detach();
    return pagePrivateMb(browser);
  };
  const beforeMb = await settled();
  let mostMb = 0;
  let watching = true;
  const watch = (async () => {
    while (watching) {
      mostMb = Math.max(mostMb, await pagePrivateMb(browser));
      await page.waitForTimeout(LOOK_EVERY_MS);
    }
  })();
  const truth = clipTruth('supple');
  let started = performance.now();
  await openClip(page, clipFile('supple.webm'));
  await page.getByText('Where is the bow nearer the heel?').waitFor({ timeout: 120_000 });
  let ms = performance.now() - started;
  await answerHeel(page, truth);
  await markForearms(page, truth, { frames: 12 });
  started = performance.now();
  await readCurve(page);
  await page.getByRole('img', { name: /^Flexion of the wrist over each stroke/ }).waitFor();
  ms += performance.now() - started;
  watching = false;
  await watch;
  await page.getByRole('button', { name: 'Back to the student' }).filter({ visible: true }).click();
  await page.getByText('Wrist over a stroke').filter({ visible: true }).first().waitFor();
  const afterMb = await settled();
  await browser.close();
  return { seconds: ms / 1000, beforeMb, mostMb, afterMb };
}
