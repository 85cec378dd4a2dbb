import { test as bare } from '@playwright/test';
import { asUsedBefore } from '../support/device';
import { expectAccessible } from '../support/expectAccessible';
import { expect, PASSPHRASE, test } from '../support/ownStudio';
import { saveLook } from '../support/saveLook';
import { startOwnStudio } from '../support/studio';
import { press } from '../support/teacher';

bare(
  'a new user comes alone from the link in the terminal to a first student',
  async ({ page }) => {
    const studio = await startOwnStudio();
    await asUsedBefore(page);
    await page.goto(studio.url);
    await expect(page.getByText('This studio has not begun yet')).toBeVisible();
    await expectAccessible(page, 'a studio that has not begun');
    await page.goto(studio.firstRunLink!);
    await expect(page.getByRole('heading', { name: 'Begin your studio' })).toBeVisible();
    await expect.poll(() => page.url()).not.toContain('#');
    await page.getByLabel('Your name').fill('Maren Solveig');
    await page.getByLabel('Passphrase').fill('violin');
    await expect(page.getByText('At least 8 letters.')).toBeVisible();
    await page.getByLabel('Passphrase').fill('password1');
    await expect(page.getByText('guessed at once')).toBeVisible();
    await page.getByLabel('Passphrase').fill(PASSPHRASE);
    await expect(page.getByText('very hard to guess')).toBeVisible();
    await page.getByLabel('How is it called?').fill('Lantern Street Strings');
    await expect(page.getByRole('button', { name: 'Begin' })).toBeDisabled();
    await page.getByRole('checkbox', { name: 'Cello' }).click();
    await page.getByRole('radio', { name: 'Another one' }).click();
    await page.getByLabel('Type a place').fill('new york');
    await page.getByRole('radio', { name: 'America, New York' }).click();
    await page.getByRole('radio', { name: 'November 30, 2026' }).click();
    await page.getByRole('radio', { name: 'inches and ounces' }).click();
    await expectAccessible(page, 'the first run');
    await press(page, 'Begin');
    await expect(page.getByRole('heading', { name: 'Your studio is empty' })).toBeVisible();

    // What was chosen is used: the usual instrument comes first, sizes are asked in inches.
    await press(page, 'Add your first student');
    const instruments = page.getByRole('radiogroup', { name: 'Instrument' }).getByRole('radio');
    await expect(instruments.first()).toHaveText('Cello');
    await expect(instruments.first()).toBeChecked();
    await page.getByLabel('Name', { exact: true }).fill('Nora Ashgrove');
    await page.getByLabel('Length of the frog, in').fill('2.36');
    await press(page, 'Save');
    await expect(page.getByRole('heading', { name: 'Nora Ashgrove' })).toBeVisible();
    const { students } = await (await page.request.get(`${studio.url}/api/students`)).json();
    expect(students[0].student.setups[0]).toMatchObject({
      instrument: 'cello',
      frogLengthMm: 59.94,
    });

    // The link has done its work.
    await page.context().clearCookies();
    await page.goto(studio.firstRunLink!);
    await page.getByLabel('Passphrase').fill('another passphrase');
    await press(page, 'Use it');
    await expect(page.getByText('This code does not hold')).toBeVisible();
    await page.goto(`${studio.url}/api/holds`);
    await studio.stop();
  },
);

async function withStudent(page: import('@playwright/test').Page, url: string): Promise<void> {
  await page.goto(`${url}/students/new`);
  await page.getByLabel('Name', { exact: true }).fill('Nora Ashgrove');
  await press(page, 'Save');
  await expect(page.getByRole('heading', { name: 'Nora Ashgrove' })).toBeVisible();
  await page.goto(url);
}

/** All that a browser keeps of this page, as text. */
const keptHere = (page: import('@playwright/test').Page) =>
  page.evaluate(async () => {
    const kept: string[] = [
      JSON.stringify({ ...localStorage }),
      JSON.stringify({ ...sessionStorage }),
    ];
    for (const name of await caches.keys()) {
      const cache = await caches.open(name);
      for (const request of await cache.keys()) {
        if (request.url.includes('/api/')) kept.push(await (await cache.match(request))!.text());
      }
    }
    for (const { name } of await indexedDB.databases()) {
      const db = await new Promise<IDBDatabase>((resolve) => {
        const open = indexedDB.open(name!);
        open.onsuccess = () => resolve(open.result);
      });
      for (const store of db.objectStoreNames) {
        kept.push(
          await new Promise<string>((resolve) => {
            const all = db.transaction(store).objectStore(store).getAll();
            all.onsuccess = () => resolve(JSON.stringify(all.result));
          }),
        );
      }
      db.close();
    }
    return kept.join('\n');
  });

test('signing out leaves nothing of students but what is not sent, which goes under its maker’s name alone', async ({
  page,
  studio,
}) => {
  await withStudent(page, studio.url);
  // A second teacher, by the owner's link.
  await page.goto(`${studio.url}/studio/people`);
  await press(page, 'Add somebody');
  await page.getByLabel('Name', { exact: true }).fill('Ewan Thrale');
  await press(page, 'Add');
  await expect(page.getByText('Teacher · no passphrase yet')).toBeVisible();
  const given = page.waitForResponse('**/code');
  await page.getByRole('button', { name: 'Link for a new passphrase' }).last().click();
  const { url: link } = (await (await given).json()) as { url: string };
  await expect(page.getByText(link)).toBeVisible();
  await expectAccessible(page, 'people');

  // A look that does not get through.
  await page.goto(studio.url);
  await page.route('**/api/checks/*', (route) => route.fulfill({ status: 502 }));
  await saveLook(page, 'Nora Ashgrove');
  await expect(page.getByText('1 thing waits to be sent')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await page.goto(`${studio.url}/studio`);
  await press(page, 'Sign out');
  await expect(page.getByText('1 thing is not sent yet.')).toBeVisible();
  await press(page, 'Sign out all the same');
  await expect(page.getByRole('heading', { name: 'Lantern Street Strings' })).toBeVisible();
  await expect(page.getByText('1 thing waits on this device to be sent.')).toBeVisible();
  await expectAccessible(page, 'signing in');
  const kept = await keptHere(page);
  // The look that waits, and nothing else.
  expect(kept.match(/"studentName":"Nora Ashgrove"/g)).toHaveLength(1);
  expect(kept.replace('"studentName":"Nora Ashgrove"', '')).not.toContain('Nora');
  await page.unroute('**/api/checks/*');

  // Somebody else on the same device: it is told, and not sent.
  await page.goto(link);
  await page.getByLabel('Passphrase').fill('a kite in the rain');
  await press(page, 'Use it');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await page.goto(`${studio.url}/waiting`);
  await expect(page.getByText(/^1 thing on this device was made by somebody else/)).toBeVisible();
  const looks = async () => {
    const list = await (await page.request.get(`${studio.url}/api/students`)).json();
    const id = list.students[0].student.id as string;
    return (await (await page.request.get(`${studio.url}/api/students/${id}`)).json()).history;
  };
  expect(await looks()).toEqual([]);
  // A teacher sees of the studio what is theirs.
  await page.goto(`${studio.url}/studio`);
  await expect(page.getByText('You are Ewan Thrale')).toBeVisible();
  await expect(page.getByText('Phones and computers')).toHaveCount(0);
  await press(page, 'Sign out');

  await page.getByRole('radio', { name: 'Maren Solveig' }).click();
  await page.getByLabel('Passphrase').fill(PASSPHRASE);
  await press(page, 'Come in');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await expect.poll(looks).toHaveLength(1);

  // Whoever comes in where somebody else’s page stood begins at the start, not at that page.
  await page.goto(`${studio.url}/studio/backups`);
  await expect(page.getByRole('button', { name: 'Back up now' })).toBeVisible();
  await page.context().clearCookies();
  await press(page, 'Back up now');
  await page.getByRole('radio', { name: 'Ewan Thrale' }).click();
  await page.getByLabel('Passphrase').fill('a kite in the rain');
  await press(page, 'Come in');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  expect(new URL(page.url()).pathname).toBe('/');
});

test('whoever guesses the passphrase waits longer each time, and is told so', async ({
  page,
  context,
}) => {
  await context.clearCookies();
  await page.reload();
  for (let i = 0; i < 4; i++) {
    await page.getByLabel('Passphrase').fill(`guess ${i}`);
    await press(page, 'Come in');
    await expect(page.getByText('This is not the passphrase.')).toBeVisible();
  }
  await page.getByLabel('Passphrase').fill(PASSPHRASE);
  await press(page, 'Come in');
  await expect(page.getByText(/^Too many tries: wait \d+ seconds?\.$/)).toBeVisible();
  await expect(async () => {
    const again = page.getByRole('button', { name: 'Come in' });
    if (await again.isVisible()) await again.click();
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible({ timeout: 1000 });
  }).toPass();
});

test('a locked screen suspends the session; without the studio it is a curtain, and says so', async ({
  page,
  studio,
}) => {
  await withStudent(page, studio.url);
  await press(page, 'Lock the screen');
  await expect(page.getByRole('heading', { name: 'The screen is locked' })).toBeVisible();
  await expect(page.getByText('Nora Ashgrove')).toHaveCount(0);
  await expectAccessible(page, 'a locked screen');
  const refused = await page.request.get(`${studio.url}/api/students`);
  expect(refused.status()).toBe(401);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'The screen is locked' })).toBeVisible();
  await page.getByLabel('Passphrase').fill(PASSPHRASE);
  await press(page, 'Unlock');
  await expect(page.getByText('Nora Ashgrove').filter({ visible: true })).toBeVisible();

  await studio.stop('SIGKILL');
  await press(page, 'Lock the screen');
  await expect(page.getByText(/this only hides the screen/)).toBeVisible();
  await press(page, 'Show the screen');
  await expect(page.getByText('Nora Ashgrove').filter({ visible: true })).toBeVisible();
  await press(page, 'Lock the screen');
  await expect(page.getByText(/this only hides the screen/)).toBeVisible();
  // Once the studio is there, it is locked there too.
  const again = await startOwnStudio(studio);
  await page.reload();
  await expect(page.getByRole('button', { name: 'Unlock' })).toBeVisible();
  await expect
    .poll(async () => (await page.request.get(`${studio.url}/api/students`)).status())
    .toBe(401);
  await page.goto(`${studio.url}/api/holds`);
  await again.stop();
});

test('whoever signs in again is where they were', async ({ page, context, studio }) => {
  await page.goto(`${studio.url}/studio/backups`);
  await expect(page.getByRole('button', { name: 'Back up now' })).toBeVisible();
  const signInAgain = async () => {
    await page.getByLabel('Passphrase').fill(PASSPHRASE);
    await press(page, 'Come in');
    await expect(page.getByRole('button', { name: 'Back up now' })).toBeVisible();
    expect(new URL(page.url()).pathname).toBe('/studio/backups');
  };
  // The device still believes it is in, and is told otherwise once the page stands.
  await context.clearCookies();
  await page.reload();
  await signInAgain();
  // The session ends while a page stands.
  await context.clearCookies();
  await press(page, 'Back up now');
  await signInAgain();
});

test('what waits is taken along as a file to the studio’s new address, and arrives there once', async ({
  page,
  context,
  studio,
}) => {
  await withStudent(page, studio.url);
  await page.route('**/api/checks/*', (route) => route.fulfill({ status: 502 }));
  await saveLook(page, 'Nora Ashgrove');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await page.goto(`${studio.url}/waiting`);
  const saved = page.waitForEvent('download');
  await press(page, 'Save all that waits');
  const file = await (await saved).path();

  // The same studio by its other name is another address to a browser.
  const elsewhere = await context.newPage();
  const other = studio.url.replace('127.0.0.1', 'localhost');
  await elsewhere.goto(other);
  await elsewhere.getByLabel('Passphrase').fill(PASSPHRASE);
  await press(elsewhere, 'Come in');
  await expect(elsewhere.getByRole('heading', { name: 'Today' })).toBeVisible();
  await elsewhere.goto(`${other}/waiting`);
  const takeOver = async () => {
    const chooser = elsewhere.waitForEvent('filechooser');
    await press(elsewhere, 'Take over a file');
    await (await chooser).setFiles(file);
  };
  await takeOver();
  await expect(elsewhere.getByText('1 thing was taken over.')).toBeVisible();
  await expect(elsewhere.getByText('Nothing waits')).toBeVisible();
  await page.unroute('**/api/checks/*');
  await press(page, 'Send now');
  await expect(page.getByText('Nothing waits')).toBeVisible();
  const list = await (await page.request.get(`${studio.url}/api/students`)).json();
  const id = list.students[0].student.id as string;
  const { history } = await (await page.request.get(`${studio.url}/api/students/${id}`)).json();
  expect(history).toHaveLength(1);
});
