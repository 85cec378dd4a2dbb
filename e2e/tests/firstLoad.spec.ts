import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { expect } from '@playwright/test';
import { ROOT } from '../support/studio';
import { test } from '../support/test';

const KB = 1024;
/** What Today may cost, as it is sent. Each is a few hundredths above what it was when this was written. */
const SCRIPTS_KB = 412;
const ALL_KB = 510;
/** What is kept so that the app opens without a network, unpacked. */
const PRECACHE_KB = 7000;

test('what a phone loads before it shows Today stays as light as it is', async ({ page }, info) => {
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Look at / }).first()).toBeVisible();
  const files = await page.evaluate(() =>
    performance.getEntriesByType('resource').map((entry) => {
      const { name, encodedBodySize } = entry as PerformanceResourceTiming;
      return { name: new URL(name).pathname, bytes: encodedBodySize };
    }),
  );
  const kb = (all: readonly { bytes: number }[]) =>
    all.reduce((sum, { bytes }) => sum + bytes, 0) / KB;
  const scripts = files.filter(({ name }) => name.endsWith('.js') && name !== '/sw.js');
  const first = files.filter(({ name }) => !name.startsWith('/api/remember'));
  info.annotations.push({
    type: 'figure',
    description: `Today: ${kb(scripts).toFixed(0)} KB of scripts, ${kb(first).toFixed(0)} KB in all`,
  });
  // Nothing that only other screens share.
  expect(scripts.map(({ name }) => name).join('\n')).not.toContain('/shared-');
  expect(kb(scripts)).toBeGreaterThan(100);
  expect(kb(scripts)).toBeLessThanOrEqual(SCRIPTS_KB);
  expect(kb(first)).toBeLessThanOrEqual(ALL_KB);
});

test('what is kept for opening without a network stays as light as it is', () => {
  const dist = join(ROOT, 'app/dist');
  const worker = readFileSync(join(dist, 'sw.js'), 'utf8');
  const kept = [...worker.matchAll(/url:"([^"]+)"/g)].map(([, url]) => url!);
  const shared = readdirSync(join(dist, '_expo/static/js/web')).find(
    (name) => name.startsWith('shared-') && name.endsWith('.js'),
  );
  expect(kept.some((url) => url.endsWith(shared!))).toBe(true);
  // Packed copies are for the way, not for keeping.
  expect(kept.filter((url) => url.endsWith('.br'))).toEqual([]);
  const bytes = kept.reduce((sum, url) => sum + statSync(join(dist, url)).size, 0);
  expect(bytes / KB).toBeLessThanOrEqual(PRECACHE_KB);
});
