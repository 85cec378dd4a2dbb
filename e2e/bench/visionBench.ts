import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromium, type Browser, type Page } from '@playwright/test';
import { asUsedBefore } from '../support/device';
import { asked, finderIsDone } from '../support/finder';
import { choosePicture, demoPicture, openLook, onScreen } from '../support/lookAtHold';
import { CHROMIUM, CHROMIUM_FLAGS, ROOT, type RunningStudio } from '../support/studio';
import { press } from '../support/teacher';
import { renderersMb } from './renderersMb';
import { speaksComlink, type SpeaksComlink } from '../support/comlink';

const TAP_EVERY_MS = 1000;
/** How long the browser is given to give memory back. */
const GIVING_BACK_MS = 1500;
const PICTURE = demoPicture('deep-index.finger-side');

async function openPage(browser: Browser, studio: RunningStudio): Promise<Page> {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  await asUsedBefore(page);
  await page.goto(studio.url);
  return page;
}

const launch = () => chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });

/** From opening Measure to models that are ready: the first time, and again after the page was left. */
export async function readySeconds(
  studio: RunningStudio,
): Promise<{ first: number; again: number }> {
  const browser = await launch();
  const page = await openPage(browser, studio);
  const seconds: number[] = [];
  for (let i = 0; i < 2; i += 1) {
    await page.goto(studio.url);
    await openLook(page, i === 0 ? 'Osric Tidewell' : 'Edda Marlowe-Quist');
    await choosePicture(page, PICTURE.file);
    const started = performance.now();
    const loading = page.getByText(/^Getting the hand finder ready/);
    await loading.waitFor();
    await loading.waitFor({ state: 'hidden' });
    seconds.push((performance.now() - started) / 1000);
  }
  await browser.close();
  return { first: seconds[0]!, again: seconds[1]! };
}

/** The worker's time for each of the demo's pictures, from the question to the answer, ms. */
export async function searchTimes(studio: RunningStudio): Promise<number[]> {
  const browser = await launch();
  const page = await openPage(browser, studio);
  await speaksComlink(page);
  await page.reload();
  const folder = join(ROOT, 'studio-demo/pictures');
  const pictures = readdirSync(folder)
    .filter((name) => name.endsWith('.jpg'))
    .map((name) => readFileSync(join(folder, name)).toString('base64'));
  const times = await page.evaluate(async (all) => {
    const files = await (await fetch('/vision/files.json')).json();
    const { Comlink } = window as unknown as SpeaksComlink;
    const finder = Comlink.wrap(new Worker(files.worker));
    await finder.open(
      files,
      Comlink.proxy(() => undefined),
    );
    const measured: number[] = [];
    for (let round = 0; round < 3; round += 1) {
      for (const [number, base64] of all.entries()) {
        const blob = await (await fetch(`data:image/jpeg;base64,${base64}`)).blob();
        const started = performance.now();
        const url = `${round}.${number}`;
        await finder.find({ url, blob }, 'right');
        measured.push(performance.now() - started);
      }
    }
    return measured;
  }, pictures);
  await browser.close();
  return times;
}

/**
 * How much the page's processes grow over thirty pictures, after the first three, MB: what it holds, and with the
 * browser's cache of unpacked pictures, which it gives back when memory grows short.
 */
export async function memoryGrowthMb(
  studio: RunningStudio,
): Promise<{ held: number; withCache: number }> {
  const browser = await launch();
  const page = await openPage(browser, studio);
  await openLook(page, 'Osric Tidewell');
  const measure = async (times: number) => {
    for (let i = 0; i < times; i += 1) {
      await choosePicture(page, PICTURE.file);
      await page.getByTestId('canvas').waitFor();
      await finderIsDone(page);
      await press(page, 'Back');
    }
    const session = await page.context().newCDPSession(page);
    await session.send('HeapProfiler.collectGarbage');
    const withCache = await renderersMb(browser);
    await session.send('Memory.simulatePressureNotification', { level: 'critical' });
    await page.waitForTimeout(GIVING_BACK_MS);
    await session.detach();
    return { held: await renderersMb(browser), withCache };
  };
  const before = await measure(3);
  const after = await measure(30);
  await browser.close();
  return { held: after.held - before.held, withCache: after.withCache - before.withCache };
}

/**
 * From a chosen picture to numbers that were confirmed, at one tap a second: the bow found in it, or touched; every guess is called right.
 */
export async function confirmedSeconds(
  studio: RunningStudio,
  student: string,
): Promise<{ seconds: number; taps: number }> {
  const browser = await launch();
  const page = await openPage(browser, studio);
  await openLook(page, student);
  await choosePicture(page, PICTURE.file);
  const started = performance.now();
  let taps = 0;
  const tap = async (act: () => Promise<void>) => {
    const next = started + taps * TAP_EVERY_MS;
    await new Promise((resolve) => setTimeout(resolve, Math.max(0, next - performance.now())));
    await act();
    taps += 1;
  };
  await page.getByTestId('canvas').waitFor();
  await finderIsDone(page);
  const offered = page.getByText('The bow: stick and frog');
  const touch = page.getByText('Stick: its middle, near the button');
  await offered.or(touch).first().waitFor();
  await page.waitForTimeout(300);
  if (await offered.isVisible()) {
    await tap(() => press(page, 'Right'));
  } else {
    for (const name of ['stickHandEnd', 'stickTipEnd', 'frogFront', 'frogBack']) {
      const { x, y } = await onScreen(page, PICTURE, PICTURE.points2d[name]!);
      await tap(() => page.mouse.click(x, y));
    }
  }
  await finderIsDone(page);
  await asked(page).waitFor();
  while (await asked(page).isVisible()) {
    const before = await asked(page).innerText();
    await tap(() => press(page, 'Right'));
    await page.getByText(before, { exact: true }).waitFor({ state: 'hidden' });
  }
  await page.getByText('Everything this view can tell is marked.').waitFor();
  const seconds = (performance.now() - started) / 1000;
  await browser.close();
  return { seconds, taps };
}
