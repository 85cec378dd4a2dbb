import { test as base, expect, type Page } from '@playwright/test';
import { asUsedBefore, withoutFinder } from './device';
import { startStudio, type RunningStudio } from './studio';

/** A test with a demo studio of its own, and a page that must not show a fault of the program. */
export const test = base.extend<{
  studio: RunningStudio;
  page: Page;
  /** Whether the hand finder is there; most journeys place the points by hand, as without its files. */
  finder: boolean;
  /** Whether the device was used before: what is told at the first use was told. */
  usedBefore: boolean;
}>({
  finder: [false, { option: true }],
  usedBefore: [true, { option: true }],
  // eslint-disable-next-line no-empty-pattern
  studio: async ({}, provide) => {
    const studio = await startStudio();
    await provide(studio);
    await studio.stop();
  },
  page: async ({ page, studio, finder, usedBefore }, provide) => {
    const faults: string[] = [];
    page.on('pageerror', (error) => faults.push(error.message));
    if (!finder) await withoutFinder(page);
    if (usedBefore) await asUsedBefore(page);
    await page.goto(studio.url);
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
    await provide(page);
    expect(faults).toEqual([]);
  },
});

export { expect };
