import { chromium } from '@playwright/test';
import { CHROMIUM, CHROMIUM_FLAGS, type RunningStudio } from '../support/studio';

/** What the first screen fetches in scripts, compressed as it is sent, KB. */
export async function firstLoadKb(studio: RunningStudio): Promise<number> {
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
  const page = await browser.newPage();
  await page.goto(studio.url);
  await page.getByRole('heading', { name: 'Today' }).waitFor();
  const bytes = await page.evaluate(() =>
    performance
      .getEntriesByType('resource')
      .map((entry) => entry as PerformanceResourceTiming)
      .filter(({ name }) => name.endsWith('.js'))
      .reduce((sum, { encodedBodySize }) => sum + encodedBodySize, 0),
  );
  await browser.close();
  return bytes / 1024;
}
