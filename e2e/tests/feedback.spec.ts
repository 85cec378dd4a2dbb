import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import PostalMime from 'postal-mime';
import { extractText, getDocumentProxy } from 'unpdf';
import { openSection, press } from '../support/teacher';
import { expect, test } from '../support/test';

test.use({
  viewport: { width: 1280, height: 800 },
  permissions: ['clipboard-read', 'clipboard-write'],
});

test('a photo check becomes ordered points in the teacher’s words: text, PDF and mail', async ({
  page,
  studio,
}) => {
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: /Open Tobin/ }).click();
  await openSection(page, 'Looks');
  await page
    .getByRole('link', { name: /Open the look of/ })
    .first()
    .click();
  await press(page, 'Write feedback');
  await expect(page.getByRole('img', { name: /The picture, Thumb side/ })).toBeVisible();
  const point = (n: number) => page.getByLabel(`Point ${n}`, { exact: true });
  await expect(point(1)).toHaveValue(/thumb/i);
  await press(page, 'Add a point');
  const added = (await page.getByLabel(/^Point \d$/).count()) || 1;
  await point(added).fill('Łucja’s trick: a soft thumb, like a sleeping cat.');
  await press(page, `Move point ${added} up`);
  await expect(point(added)).not.toHaveValue(/sleeping cat/);
  const passed = (await point(added).inputValue()).slice(0, 30);

  await press(page, 'Copy as text');
  await expect(page.getByText('Copied.')).toBeVisible();
  const copied = await page.evaluate(() => navigator.clipboard.readText());
  expect(copied).toContain('a sleeping cat.');

  const download = page.waitForEvent('download');
  await press(page, 'Get the PDF');
  const file = await (await download).path();
  const pdf = await getDocumentProxy(new Uint8Array(readFileSync(file)));
  const { text } = await extractText(pdf, { mergePages: true });
  const flat = text.replace(/\s+/g, ' ');
  expect(flat).toContain('Łucja’s trick: a soft thumb, like a sleeping cat.');
  expect(flat).toContain('Tobin Wrenfield: the bow hand');
  expect(flat).toContain('Thumb side');
  // In the order that it was put into.
  const placeOf = (words: string) => {
    expect(flat).toContain(words);
    return flat.indexOf(words);
  };
  expect(placeOf('sleeping cat')).toBeLessThan(placeOf(passed));
  expect(flat).toContain('stop, rest, and see a physician');

  await page.getByLabel('To (address)').fill('not an address');
  await press(page, 'Put it into the outbox');
  await expect(page.getByRole('alert')).toContainText('an address like name@example.org is needed');
  await page.getByLabel('To (address)').fill('parent@example.org');
  await press(page, 'Put it into the outbox');
  const told = await page.getByText(/^The mail lies ready as/).innerText();
  const name = /as (\S+\.eml)/.exec(told)![1]!;
  const mail = await PostalMime.parse(readFileSync(join(studio.dataDir, name)));
  expect(mail.to![0]!.address).toBe('parent@example.org');
  expect(mail.text).toContain('sleeping cat');
  expect(mail.attachments[0]!.mimeType).toBe('application/pdf');

  // The letter is kept as it was written.
  await page.reload();
  await expect(page.getByText('Put into the outbox today.')).toBeVisible();
  await expect(page.getByLabel(/^Point \d$/).filter({ hasText: 'sleeping cat' })).toHaveCount(1);
});
