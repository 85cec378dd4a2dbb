import { expectAccessible } from '../support/expectAccessible';
import { startOwnStudio, type RunningStudio } from '../support/studio';
import { press } from '../support/teacher';
import { expect, test as withStudio } from '../support/test';

/** A teacher's own studio instead of the demo's. */
const test = withStudio.extend<{ studio: RunningStudio }>({
  // eslint-disable-next-line no-empty-pattern
  studio: async ({}, provide) => {
    const studio = await startOwnStudio();
    await provide(studio);
    await studio.stop();
  },
});

test.describe('a studio of one’s own', () => {
  test('begins empty, and leads to its first student', async ({ page, studio }) => {
    await expect(page.getByRole('heading', { name: 'Your studio is empty' })).toBeVisible();
    await expectAccessible(page, 'an empty studio');
    await press(page, 'Add your first student');
    await page.getByLabel('Name', { exact: true }).fill('Nora Ashgrove');
    await press(page, 'Save');
    await expect(page.getByRole('heading', { name: 'Nora Ashgrove' })).toBeVisible();
    await page.goto(studio.url);
    await expect(page.getByText('Nora Ashgrove').filter({ visible: true })).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Your studio is empty' })).toBeHidden();
  });

  test('takes a list as well', async ({ page }) => {
    await press(page, 'Import a list');
    await expect(page.getByRole('heading', { name: 'Files of the studio' })).toBeVisible();
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Choose a file' }).filter({ visible: true }).click();
    await (
      await chooser
    ).setFiles({
      name: 'mine.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from('name,instrument\nIda Fenwright,cello\nJon Marsh,violin\n'),
    });
    await press(page, 'Bring it in');
    await expect(page.getByText('It is in.')).toBeVisible();
    await press(page, 'To the students');
    await expect(page.getByRole('link', { name: /Open Ida Fenwright/ })).toBeVisible();
    await expect(page.getByRole('link', { name: /Open Jon Marsh/ })).toBeVisible();
  });
});
