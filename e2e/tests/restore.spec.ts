import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { expectAccessible } from '../support/expectAccessible';
import { expect, PASSPHRASE, test } from '../support/ownStudio';
import { press } from '../support/teacher';

test('a kept backup is put back from the screen, and whoever was in signs in again', async ({
  page,
  studio,
}) => {
  const addStudent = async (name: string) => {
    await page.goto(`${studio.url}/students/new`);
    await page.getByLabel('Name', { exact: true }).fill(name);
    await press(page, 'Save');
    await expect(page.getByRole('heading', { name })).toBeVisible();
  };
  await addStudent('Perrin Ashlock');
  await page.goto(`${studio.url}/studio/backups`);
  await press(page, 'Back up now');
  await expect(page.getByRole('heading', { name: 'Last backup: today' })).toBeVisible();
  await addStudent('Later Comer');

  await page.goto(`${studio.url}/studio/backups`);
  await press(page, /^Put back: /, false);
  await expect(page.getByText(/^It is whole: 1 student/)).toBeVisible();
  await expect(page.getByText('What came here since is not in it: 1 change.')).toBeVisible();
  await expectAccessible(page, 'putting back');
  await press(page, 'Leave it as it is');
  await expect(page.getByText(/^It is whole/)).toHaveCount(0);
  await press(page, /^Put back: /, false);
  await press(page, 'Put it back');
  await page.getByLabel('Passphrase').fill(PASSPHRASE);
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^The studio is as it was on /)).toBeVisible();
  await expect(page.getByText(/^What was here before lies in .*before-restore/)).toBeVisible();
  await expectAccessible(page, 'put back');
  await press(page, 'Open the studio');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await page.goto(`${studio.url}/students`);
  await expect(page.getByText('Perrin Ashlock').first()).toBeVisible();
  await expect(page.getByText('Later Comer')).toHaveCount(0);
  const [aside] = readdirSync(join(studio.dataDir, 'set-aside'));
  expect(existsSync(join(studio.dataDir, 'set-aside', aside!, 'studio.sqlite'))).toBe(true);

  // The studio goes on as before: what is written now is kept, and a file that is no backup is refused in words.
  await addStudent('Even Later');
  await page.goto(`${studio.url}/studio/backups`);
  const chooser = page.waitForEvent('filechooser');
  await press(page, 'Choose a file');
  await (
    await chooser
  ).setFiles({ name: 'x.zip', mimeType: 'application/zip', buffer: Buffer.from('a letter') });
  await expect(page.getByText(/This backup is not whole/)).toBeVisible();
});
