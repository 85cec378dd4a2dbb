import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { asUsedBefore, withoutFinder } from '../support/device';
import { expectAccessible } from '../support/expectAccessible';
import { isWorkedOut, ROOT, startStudio } from '../support/studio';
import { saveLook } from '../support/saveLook';
import { button, press } from '../support/teacher';
import { expect, test } from '../support/test';
import { studentOf, uuid } from '../support/twoPlaces';

const NAME = 'Osric Tidewell';

test('a student is removed and brought back, erased for good, and stays out of an older backup and another device', async ({
  page,
  browser,
  studio,
}) => {
  const osric = await studentOf(studio.url, NAME);
  await saveLook(page, NAME);
  await expect(page.getByText(/looked at today/).filter({ visible: true })).toBeVisible();
  await isWorkedOut(studio.url);
  const backup = join(mkdtempSync(join(tmpdir(), 'older-')), 'older.zip');
  tool('backup', studio.dataDir, backup);

  // Another device has taken a look that the studio does not have yet.
  const context = await browser.newContext({ serviceWorkers: 'block' });
  const device = await context.newPage();
  await withoutFinder(device);
  await asUsedBefore(device);
  await device.goto(studio.url);
  await device.getByRole('heading', { name: 'Today' }).waitFor();
  await device.route('**/api/checks/*', (route) => route.abort());
  await saveLook(device, NAME);
  await device.goto(`${studio.url}/waiting`);
  await expect(device.getByText(NAME).filter({ visible: true })).toBeVisible();

  const removeHim = async () => {
    await page.goto(`${studio.url}/students/${osric.id}/edit`);
    await press(page, 'Remove this student');
    await expect(page.getByText('With it: 1 look.')).toBeInViewport();
    await press(page, 'Remove');
    await expect(page.getByText(`${NAME} was removed.`)).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Students' })).toBeVisible();
  };
  const inList = page.getByRole('link', { name: NAME }).filter({ visible: true });
  await removeHim();
  await expect(inList).toHaveCount(0);
  await press(page, 'Bring it back');
  await expect(inList.first()).toBeVisible();

  await removeHim();
  await page.goto(`${studio.url}/studio/removed`);
  await expectAccessible(page, 'removed');
  await press(page, `Erase now: ${NAME}`);
  await expect(page.getByText(/This cannot be undone/)).toBeVisible();
  await expectAccessible(page, 'erase');
  await press(page, 'Erase for good');
  await expect(page.getByText('Nothing was removed in the last week.')).toBeVisible();

  // The other device hears of it when it sends, and forgets.
  await device.unroute('**/api/checks/*');
  await device.goto(`${studio.url}/waiting`);
  await expect(device.getByText(NAME)).toHaveCount(0);
  await expect.poll(() => entriesOn(device)).toBe(0);
  await context.close();

  const elsewhere = mkdtempSync(join(tmpdir(), 'restored-'));
  const list = readFileSync(join(studio.dataDir, 'erased.json'), 'utf8');
  expect(list).not.toContain(osric.id);
  tool('backup', studio.dataDir, join(elsewhere, 'newer.zip'));
  tool('restore', join(elsewhere, 'studio'), join(elsewhere, 'newer.zip'));
  tool('restore', join(elsewhere, 'studio'), backup);
  const other = await startStudio(join(elsewhere, 'studio'));
  await isWorkedOut(other.url);
  const [here, there] = await Promise.all([studio, other].map(({ url }) => namesIn(url)));
  expect(there).toEqual(here);
  expect(there).not.toContain(NAME);
  expect(there!.length).toBeGreaterThan(8);
  await other.stop();
  await studio.stop();
  for (const folder of [studio.dataDir, join(elsewhere, 'studio')]) {
    expect(filesThatSay(folder, NAME)).toEqual([]);
  }
});

test('a picture and a look are removed, and the look stays with the picture’s points', async ({
  page,
  studio,
}) => {
  const look = await lookWithPicture(studio.url);
  await page.goto(`${studio.url}/checks/${look.id}`);
  const pictures = page.getByRole('button', { name: 'Remove this picture' });
  await pictures.first().waitFor();
  const before = await pictures.count();
  await pictures.first().click();
  await press(page, 'Remove');
  await expect(page.getByText('The points that were set on it are.').first()).toBeVisible();
  await expect(pictures).toHaveCount(before - 1);
  await press(page, 'Remove this look');
  await press(page, 'Remove');
  await expect(page.getByText(/^A look at .* hold was removed\.$/)).toBeVisible();
  await expect(button(page, 'Look at the hold')).toBeVisible();
  expect((await fetch(`${studio.url}/api/checks/${look.id}`)).status).toBe(404);
  await page.goto(`${studio.url}/studio/removed`);
  await expect(page.getByRole('button', { name: /^Bring back: / })).toHaveCount(2);
  await press(page, /^Bring back: .*, look of/, false);
  await expect(page.getByRole('button', { name: /^Bring back: / })).toHaveCount(1);
  expect((await fetch(`${studio.url}/api/checks/${look.id}`)).status).toBe(200);
});

function tool(name: 'backup' | 'restore', dataDir: string, file: string): void {
  const { status, stderr } = spawnSync(
    process.execPath,
    [join(ROOT, `server/dist/${name}.mjs`), file],
    { env: { ...process.env, DATA_DIR: dataDir }, encoding: 'utf8' },
  );
  expect([status, stderr]).toEqual([0, '']);
}

const namesIn = async (url: string): Promise<string[]> => {
  const { students } = await (await fetch(`${url}/api/students`)).json();
  return students.map((one: { student: { name: string } }) => one.student.name);
};

const filesThatSay = (folder: string, words: string): string[] =>
  readdirSync(folder, { recursive: true })
    .map(String)
    .filter((name) => statSync(join(folder, name)).isFile())
    .filter((name) => readFileSync(join(folder, name)).includes(words));

/** A look of the demo that has a picture, here made with one that is there. */
async function lookWithPicture(url: string): Promise<{ id: string }> {
  const { students } = await (await fetch(`${url}/api/students`)).json();
  for (const { student } of students as { student: { id: string } }[]) {
    const { history } = await (await fetch(`${url}/api/students/${student.id}`)).json();
    const found = history.find((one: { pictures: unknown[] }) => one.pictures.length > 0);
    if (found) return found;
  }
  throw new Error(`no look with a picture ${uuid()}`);
}

/** How many things wait on a device. */
const entriesOn = (page: import('@playwright/test').Page): Promise<number> =>
  page.evaluate(async () => {
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      const asked = indexedDB.open('open-palm-unsent');
      asked.onsuccess = () => resolve(asked.result);
      asked.onerror = () => reject(asked.error!);
    });
    const count = await new Promise<number>((resolve) => {
      const asked = db.transaction('looks').objectStore('looks').count();
      asked.onsuccess = () => resolve(asked.result);
    });
    db.close();
    return count;
  });
