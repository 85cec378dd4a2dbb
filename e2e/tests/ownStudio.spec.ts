import { expectAccessible } from '../support/expectAccessible';
import { expect, test } from '../support/ownStudio';
import { portOf, startOwnStudio, startStudio } from '../support/studio';
import { openSection, press } from '../support/teacher';

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

test('what was made for one studio is never sent to another at the same address, and is not lost', async ({
  page,
  context,
  studio,
}) => {
  const port = portOf(studio);
  const names = async () =>
    (
      (await (await context.request.get(`${studio.url}/api/students`)).json()) as {
        students: { student: { name: string } }[];
      }
    ).students.map(({ student }) => student.name);
  await page.waitForLoadState('networkidle');
  await page.goto(`${studio.url}/students/new`);
  await page.getByLabel('Name', { exact: true }).fill('Nora Ashgrove');
  // It does not get through; then its studio is stopped.
  let isCut = true;
  await page.route('**/api/students/*', (route) =>
    isCut && route.request().method() === 'PUT' ? route.fulfill({ status: 502 }) : route.fallback(),
  );
  await press(page, 'Save');
  await expect(page.getByRole('heading', { name: 'Nora Ashgrove' })).toBeVisible();
  await openSection(page, 'Agreed');
  await expect(page.getByText('Nothing is agreed at the moment.')).toBeVisible();
  await page.goto(`${studio.url}/api/holds`);
  await studio.stop();
  isCut = false;

  const demo = await startStudio(undefined, port);
  await page.goto(`${studio.url}/waiting`);
  await expect(page.getByText('Another studio answers at this address now')).toBeVisible();
  await expect(page.getByText(/^1 thing on this device was made in another studio/)).toBeVisible();
  await press(page, 'Load it');
  await expect(page.getByText('Another studio answers at this address now')).toBeHidden();
  await expect(page.getByText(/^1 thing on this device was made in another studio/)).toBeVisible();
  await expect(page.getByText('Nora Ashgrove')).toBeHidden();
  await expect(page.getByText(/^Nothing waits/)).toBeHidden();
  await expectAccessible(page, 'something of another studio');
  expect(await names()).not.toContain('Nora Ashgrove');
  await page.goto(`${studio.url}/api/holds`);
  await demo.stop();

  const again = await startOwnStudio(studio);
  await page.goto(`${studio.url}/waiting`);
  await expect.poll(names).toContain('Nora Ashgrove');
  await expect(
    page.getByText('Nothing waits: everything you made is with the studio.'),
  ).toBeVisible();
  await page.goto(`${studio.url}/api/holds`);
  await again.stop();
});
