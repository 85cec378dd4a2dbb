import { chromium } from '@playwright/test';
import { buildSync } from 'esbuild';
import { CHROMIUM, CHROMIUM_FLAGS, ROOT } from '../support/studio';

/** Runs one of the core's benches in a worker of the browser, as the app does, and gives the times it posts. */
export async function workerTimes<T>(entry: string): Promise<T> {
  const { outputFiles } = buildSync({
    absWorkingDir: ROOT,
    entryPoints: [entry],
    bundle: true,
    format: 'iife',
    write: false,
  });
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
  const page = await browser.newPage();
  const times = await page.evaluate(
    (code) =>
      new Promise((resolve, reject) => {
        const url = URL.createObjectURL(new Blob([code], { type: 'text/javascript' }));
        const worker = new Worker(url);
        worker.onmessage = ({ data }) => resolve(data);
        worker.onerror = ({ message }) => reject(new Error(message));
      }),
    outputFiles[0]!.text,
  );
  await browser.close();
  return times as T;
}
