import { readFileSync } from 'node:fs';
import type { Browser } from '@playwright/test';

/** What the page's own process has in memory for itself alone, MB: what is shared with the browser's others is not counted. */
export async function pagePrivateMb(browser: Browser): Promise<number> {
  const session = await browser.newBrowserCDPSession();
  const { processInfo } = await session.send('SystemInfo.getProcessInfo');
  await session.detach();
  const kb = processInfo
    .filter(({ type }) => type === 'renderer')
    .map(({ id }) => {
      const rollup = readFileSync(`/proc/${id}/smaps_rollup`, 'utf8');
      return [...rollup.matchAll(/^Private_(?:Clean|Dirty):\s+(\d+)/gm)].reduce(
        (sum, [, value]) => sum + Number(value),
        0,
      );
    });
  // Spare processes of the browser hold less than a page does.
  return Math.max(...kb) / 1024;
}

/** What the pages' processes have in memory. */
export async function renderersMb(browser: Browser): Promise<number> {
  const session = await browser.newBrowserCDPSession();
  const { processInfo } = await session.send('SystemInfo.getProcessInfo');
  await session.detach();
  const kb = processInfo
    .filter(({ type }) => type === 'renderer')
    .map(({ id }) =>
      Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${id}/status`, 'utf8'))?.[1] ?? 0),
    );
  return kb.reduce((sum, value) => sum + value, 0) / 1024;
}
