import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expectAccessible } from '../support/expectAccessible';
import { button, openSection, press } from '../support/teacher';
import { expect, test } from '../support/test';

async function choose(page: Page, name: string, content: string | Buffer): Promise<void> {
  const chooser = page.waitForEvent('filechooser');
  await page
    .getByRole('button', { name: /^(Choose a file|Another file)$/ })
    .filter({ visible: true })
    .click();
  await (await chooser).setFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(content) });
}

async function openFiles(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Students' }).filter({ visible: true }).click();
  await press(page, 'Studio');
  await page.getByRole('link', { name: 'Files' }).filter({ visible: true }).click();
  await expect(page.getByRole('heading', { name: 'Files of the studio' })).toBeVisible();
}

test('a table with mistakes is shown, corrected on the spot, and accepted', async ({ page }) => {
  await openFiles(page);
  await choose(
    page,
    'new-term.csv',
    'name;birth_year;instrument\nAnna Quill;2015;violin\nBert Osier;two thousand;cello\nCara Finch;2012;kazoo\n',
  );
  await expect(page.getByRole('alert')).toContainText('2 things are wrong');
  await expect(page.getByText('Row 3, birth_year', { exact: true })).toBeVisible();
  await expect(page.getByText('“two thousand” is not a number')).toBeVisible();
  await expect(page.getByText('“kazoo” is none of violin, viola, cello, bass')).toBeVisible();
  await expect(button(page, 'Bring it in')).toBeDisabled();
  await expectAccessible(page, 'a table with mistakes');

  await page.getByLabel('Row 3, birth_year: right is').fill('2009');
  await page.getByLabel('Row 4, instrument: right is').fill('viola');
  await press(page, 'Look again with these corrections');
  await expect(page.getByText('3 students are new')).toBeVisible();
  await press(page, 'Bring it in');
  await expect(page.getByText('It is in.')).toBeVisible();
  await press(page, 'To the students');
  await page.getByRole('link', { name: /Open Bert Osier/ }).click();
  await expect(page.getByRole('heading', { name: 'Bert Osier' })).toBeVisible();
  await expect(page.getByText(/^Cello · .*not looked at yet$/)).toBeVisible();
});

test('files of other encodings, kinds and date orders are told, and nothing changes', async ({
  page,
}) => {
  await openFiles(page);
  await choose(page, 'old.csv', Buffer.from('name\nJürgen Pael\n', 'latin1'));
  await expect(page.getByText(/is not written in UTF-8/)).toBeVisible();
  await choose(page, 'shopping.csv', 'milk,bread\n1,2\n');
  await expect(page.getByText(/neither a column “name”/)).toBeVisible();
  await choose(
    page,
    'looks.csv',
    'student,taken_at,measure,value\nOsric Tidewell,03/04/2025,thumbIpFlexion,30\n',
  );
  await expect(page.getByText(/can be read two ways/)).toBeVisible();
  await page.getByRole('radio', { name: /month\/day/ }).click();
  await expect(page.getByText('1 look is new')).toBeVisible();
  await press(page, 'Bring it in');
  await expect(page.getByText('It is in.')).toBeVisible();
  await press(page, 'To the students');
  await page.getByRole('link', { name: /Open Osric/ }).click();
  await openSection(page, 'Looks');
  await expect(page.getByRole('link', { name: 'Open the look of 4 March 2025' })).toBeVisible();
});

test('what was taken along is known when it comes back', async ({ page }) => {
  await openFiles(page);
  const files: [string, RegExp][] = [
    ['Students, as a table', /^student_id,name,/],
    ['Looks, as a table', /^check_id,student_id,/],
    ['Students and looks, as one file', /^\{"format":"open-palm-studio"/],
  ];
  for (const [label, head] of files) {
    const download = page.waitForEvent('download');
    await press(page, label);
    const file = await download;
    const content = readFileSync(await file.path());
    expect(content.toString()).toMatch(head);
    await choose(page, file.suggestedFilename(), content);
    // What is said must be said of this file, and not of the one before.
    await expect(page.getByText(`${file.suggestedFilename()}: `)).toBeVisible();
    await expect(page.getByText('Everything in it is here already.')).toBeVisible();
    await expect(button(page, 'Bring it in')).toBeDisabled();
  }
});
