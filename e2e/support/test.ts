import { test as base, expect, type Page } from '@playwright/test';
import { startStudio, type RunningStudio } from './studio';

/** A test with a demo studio of its own, and a page that must not show a fault of the program. */
export const test = base.extend<{ studio: RunningStudio; page: Page }>({
  // eslint-disable-next-line no-empty-pattern
  studio: async ({}, provide) => {
    const studio = await startStudio();
    await provide(studio);
    await studio.stop();
  },
  page: async ({ page, studio }, provide) => {
    const faults: string[] = [];
    page.on('pageerror', (error) => faults.push(error.message));
    await page.goto(studio.url);
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
    await provide(page);
    expect(faults).toEqual([]);
  },
});

export { expect };
