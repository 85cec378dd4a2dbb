import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expectAccessible } from '../support/expectAccessible';
import { button, openSection, press } from '../support/teacher';
import { expect, test } from '../support/test';

/** Opens a student's page of a term by the way through the weeks. */
async function openTerm(page: Page, name: string): Promise<void> {
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: `Open ${name}’s hand file` }).click();
  await openSection(page, 'Weeks');
  await press(page, 'Over the weeks');
  await press(page, 'A term on a page');
  await expect(sheet(page).getByRole('img')).toHaveCount(2, { timeout: 45_000 });
}

const sheet = (page: Page) => page.getByRole('region', { name: 'The page as it is given' });

/** What this device has kept of pages that were not given yet. */
const keptWords = (page: Page): Promise<string> =>
  page.evaluate(
    () =>
      new Promise<string>((resolve) => {
        const open = indexedDB.open('open-palm-terms');
        open.onsuccess = () => {
          const all = open.result.transaction('pages').objectStore('pages').getAll();
          all.onsuccess = () => {
            open.result.close();
            resolve(JSON.stringify(all.result));
          };
        };
      }),
  );

/** How many pages a PDF has. */
const pagesOf = (pdf: Buffer) => pdf.toString('latin1').match(/\/Type\s*\/Page\b/g)!.length;

test('a term on a page is written for parents in the teacher’s words, printed, and remembered', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await page.addInitScript(() => {
    window.print = () => document.body.setAttribute('data-printed', 'yes');
  });
  await openTerm(page, 'Noor Castellane');
  await expectAccessible(page, 'a term on a page');
  // Parents are told what is to be seen, no figures.
  await expect(sheet(page)).not.toContainText('°');
  await expect(sheet(page).getByRole('heading', { name: 'How to help' })).toBeVisible();
  await page.getByLabel('What really changed, line 1').fill('The thumb is soft at last.');
  await page.getByRole('checkbox', { name: 'Wrist on the page' }).click();
  await expect(sheet(page)).toContainText('The thumb is soft at last.');
  await expect(sheet(page).getByRole('heading', { name: 'Wrist' })).toHaveCount(0);

  // The words for others are others, and the teacher’s own stay through a reload.
  await page.getByRole('radio', { name: 'Audition' }).click();
  await expect(sheet(page)).toContainText('The bow hold of Noor Castellane');
  await page.getByRole('radio', { name: 'Parents' }).click();
  await expect(sheet(page)).toContainText('The thumb is soft at last.');
  await page.getByLabel(/^How to help/).fill('Listen, and praise.');
  await expect(sheet(page)).toContainText('Listen, and praise.');
  await expect.poll(() => keptWords(page)).toContain('Listen, and praise.');
  await page.reload();
  await expect(sheet(page).getByRole('img')).toHaveCount(2, { timeout: 45_000 });
  await expect(sheet(page)).toContainText('The thumb is soft at last.');

  // A heading has to be there; nothing is given before.
  const heading = page.getByLabel('Heading', { exact: true });
  await heading.fill(' ');
  await press(page, 'Print');
  await expect(page.getByText(/Heading/).first()).toBeVisible();
  await expect(page.getByText('Not given yet')).toBeVisible();
  await heading.fill('Noor’s bow hand');
  await press(page, 'Print');
  await expect(page.locator('body[data-printed]')).toHaveCount(1);
  // What is printed is the page alone, on one sheet of paper.
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('#printed-page')).toContainText('The thumb is soft at last.');
  await expect(button(page, 'Print')).toBeHidden();
  expect(pagesOf(await page.pdf({ format: 'A4', printBackground: true }))).toBe(1);
  await page.evaluate(() => window.dispatchEvent(new Event('afterprint')));
  await page.emulateMedia({ media: 'screen' });
  await expect(page.locator('#printed-page')).toHaveCount(0);

  // What was told then can be taken up again, on whichever device.
  await page.reload();
  await press(page, /^Parents, until /);
  await expect(sheet(page)).toContainText('The thumb is soft at last.');
});

test('a term’s PDF is made by the studio; days without a look and days that cannot be are told', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await openTerm(page, 'Tobin Wrenfield');
  await page.getByRole('radio', { name: 'On the page' }).click();
  await expect(sheet(page)).toContainText(/On \d+ days, \d+ minutes in all/);
  await press(page, 'As a PDF');
  const [download] = await Promise.all([page.waitForEvent('download'), press(page, 'US Letter')]);
  expect(download.suggestedFilename()).toMatch(/^term-\d{4}-\d\d-\d\d\.pdf$/);
  const pdf = readFileSync(await download.path());
  expect(pdf.toString('latin1')).toContain('/MediaBox [0 0 612 792]');
  expect(pagesOf(pdf)).toBe(1);
  await expect(button(page, /^Parents, until /)).toBeVisible();

  const from = page.getByLabel(/^From, such/);
  await from.fill('2031-01-01');
  await from.blur();
  await expect(page.getByText('The first day has to be before the last.')).toBeVisible();
  await page.getByLabel('Until', { exact: true }).fill('2019-02-01');
  await from.fill('2019-01-01');
  await from.blur();
  await expect(page.getByText(/^Nobody looked at this hold in this time/)).toBeVisible();
  // What the teacher did not write follows the days: no looks and no minutes of another time are told.
  await expect(page.getByLabel('Opening', { exact: true })).toHaveValue('');
  await expect(page.getByText(/^No practice log has come back/)).toBeVisible();
  await expect(button(page, 'As a PDF')).toBeDisabled();
});
