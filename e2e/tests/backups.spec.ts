import { spawnSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expectAccessible } from '../support/expectAccessible';
import { isWorkedOut, ROOT, startStudio } from '../support/studio';
import { saveLook } from '../support/saveLook';
import { press } from '../support/teacher';
import { expect, test } from '../support/test';
import { studentOf } from '../support/twoPlaces';

test('a studio is backed up, a copy taken away, and put back in another folder with all that was in it', async ({
  page,
  studio,
}) => {
  const openBackups = async () => {
    await page.goto(`${studio.url}/studio`);
    await page.getByRole('link', { name: 'Backups' }).filter({ visible: true }).click();
    await expect(page.getByRole('heading', { name: 'Backups' })).toBeVisible();
  };
  await openBackups();
  await expect(page.getByText('There is no backup yet.')).toBeVisible();
  await press(page, 'Back up now');
  await expect(page.getByRole('heading', { name: 'Last backup: today' })).toBeVisible();
  await expect(page.getByText('Nothing has been added since.')).toBeVisible();
  await expectAccessible(page, 'backups');

  const student = await studentOf(studio.url, 'Osric Tidewell');
  await page.goto(studio.url);
  await saveLook(page, 'Osric Tidewell');
  await expect(page.getByText(/looked at today/).filter({ visible: true })).toBeVisible();
  await openBackups();
  await expect(page.getByText(/^Added since, and in no backup: 1 look/)).toBeVisible();
  await press(page, 'Back up now');
  await expect(page.getByRole('button', { name: /^Save a copy: / })).toHaveCount(2);
  await expect(page.getByText('Nothing has been added since.')).toBeVisible();
  const given = page.waitForEvent('download');
  await page
    .getByRole('button', { name: /^Save a copy: / })
    .first()
    .click();
  const folder = mkdtempSync(join(tmpdir(), 'backup-'));
  const copy = join(folder, 'copy.zip');
  await (await given).saveAs(copy);

  await press(page, 'Back');
  await expect(page.getByText('Last backup: today').filter({ visible: true })).toBeVisible();

  const elsewhere = join(folder, 'studio');
  const { status, stdout, stderr } = spawnSync(
    process.execPath,
    [join(ROOT, 'server/dist/restore.mjs'), copy],
    { env: { ...process.env, DATA_DIR: elsewhere }, encoding: 'utf8' },
  );
  expect([status, stderr]).toEqual([0, '']);
  expect(stdout).toContain('There was no studio here before.');
  const other = await startStudio(elsewhere);
  await Promise.all([isWorkedOut(studio.url), isWorkedOut(other.url)]);
  for (const path of ['students', `students/${student.id}`, 'holds']) {
    const [here, there] = await Promise.all(
      [studio, other].map(async ({ url }) => (await fetch(`${url}/api/${path}`)).json()),
    );
    expect(there, path).toEqual(here);
  }
  await other.stop();
});
