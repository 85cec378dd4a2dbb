import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expectAccessible } from '../support/expectAccessible';
import { button, lookByTap, openSection, openTool, press, restIsFine } from '../support/teacher';
import { expect, test } from '../support/test';
import { dateIn, weeklyStudent } from '../support/weeklyStudent';

const rowOf = (page: Page, name: string) =>
  page.getByRole('link', { name: `Open ${name}’s hand file` }).filter({ visible: true });

async function openFile(page: Page, name: string): Promise<void> {
  await page.getByRole('link', { name: 'Students' }).filter({ visible: true }).click();
  await rowOf(page, name).click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
}

test('a slide is told as drift, not before; and a planned change is not called so', async ({
  page,
  studio,
}) => {
  const student = await weeklyStudent(studio, 'Greta Lowmark');
  await student.settle();
  await page.reload();
  await press(page, 'Show them');
  await expect(rowOf(page, student.name)).not.toContainText('Drifting');
  await openFile(page, student.name);
  await openSection(page, 'Weeks');
  await expect(page.getByText(/^No real change since/).first()).toBeVisible();
  await expect(page.getByText(/Drifting since/)).toHaveCount(0);

  await student.slide();
  await page.goto(studio.url);
  await expect(rowOf(page, student.name)).toContainText(/Drifting since .*: Fingers/);
  await openFile(page, student.name);
  await openSection(page, 'Weeks');
  await expect(
    page.getByText(/Drifting since .*index: depth 1\.6 joints → 1\.9 joints/),
  ).toBeVisible();

  // It was agreed all along: another bow, from the week in which the values moved.
  await press(page, 'Over the weeks');
  await expect(page.getByRole('note').getByText(/Drifting since .*: Fingers/)).toBeVisible();
  await press(page, 'Note a planned change');
  await page.getByRole('radio', { name: 'Another bow' }).click();
  await page.getByLabel('From which day, such as 2026-11-26').fill('soon');
  await expect(page.getByText('A day is needed')).toBeVisible();
  await expect(button(page, 'Keep it')).toBeDisabled();
  await page.getByLabel('From which day, such as 2026-11-26').fill(dateIn(-59));
  await press(page, 'Keep it');
  await expect(page.getByText(/^Another bow, \d/)).toBeVisible();
  await expect(page.getByText(/Drifting since/)).toHaveCount(0);
  await expect(async () => {
    await page.goto(studio.url);
    await press(page, 'Show them');
    await expect(rowOf(page, student.name)).toBeVisible({ timeout: 2000 });
    await expect(page.getByText(new RegExp('Drifting')).filter({ visible: true })).toHaveCount(1);
  }).toPass();
  // Only the demo's own sinking index is left.
  await expect(rowOf(page, 'Marit Solvane')).toContainText('Drifting since');
});

test('a promise stands on Today and in the file until it is kept', async ({ page, studio }) => {
  const student = await weeklyStudent(studio, 'Henrik Tallow');
  await page.reload();
  // It is agreed on in a look, before that is kept.
  await lookByTap(page, student.name);
  await restIsFine(page);
  if (await button(page, 'The look is done').isVisible()) await press(page, 'The look is done');
  await press(page, 'Agree on something');
  await page.getByLabel('What is agreed?').fill('Shorter nails');
  await page.getByRole('radio', { name: 'Another day' }).click();
  await expect(page.getByText('A day is needed, such as 2026-12-24.')).toBeVisible();
  await page.getByLabel('Day, such as 2026-12-24').fill(dateIn(0));
  await press(page, 'Keep it');
  await expect(
    page.getByText('Shorter nails', { exact: true }).filter({ visible: true }),
  ).toBeVisible();
  await press(page, 'Save this look');
  await expect(page.getByText(/looked at today/)).toBeVisible();
  await page.goto(studio.url);
  await expect(rowOf(page, student.name)).toContainText(/Agreed by .*: Shorter nails/);

  await openFile(page, student.name);
  await openSection(page, 'Agreed');
  await press(page, 'Done: Shorter nails');
  await expect(page.getByText('Kept: Shorter nails')).toBeVisible();
  await press(page, 'Undo');
  await press(page, 'Done: Shorter nails');
  await expect(async () => {
    await page.goto(studio.url);
    // Looked at today, and nothing open any more: among those who are not due.
    await press(page, 'Show them');
    await expect(rowOf(page, student.name)).toBeVisible({ timeout: 2000 });
    await expect(page.getByText(/Shorter nails/)).toHaveCount(0, { timeout: 2000 });
  }).toPass();
});

test('an aid shows its steps, and stands on Today once its day is over', async ({ page }) => {
  await expect(rowOf(page, 'Tilda Brannock')).toContainText(
    'Sleeve with finger outlines: was planned to come off on',
  );
  await openFile(page, 'Tilda Brannock');
  await openSection(page, 'Agreed');
  await expect(page.getByText(/An aid that stays becomes the hold/)).toBeVisible();
  await page.getByRole('checkbox', { name: /^Without it/ }).click();
  await expect(page.getByText('Sleeve with finger outlines')).toHaveCount(0);
  await press(page, 'Start an aid');
  await page.getByRole('radio', { name: 'Rubber loop for a finger' }).click();
  await expect(page.getByLabel('To be without it by')).toHaveValue(dateIn(35));
  await press(page, 'Keep it');
  await expect(page.getByText('Rubber loop for a finger')).toBeVisible();
  await expect(
    page.getByRole('checkbox', { name: /^Looser, so that it only reminds/ }),
  ).toBeVisible();
});

test('the weeks are filtered, read as tables, compared, and taken along', async ({ page }) => {
  await openFile(page, 'Noor Castellane');
  await openSection(page, 'Weeks');
  await press(page, 'Over the weeks');
  await press(page, 'Show the checkpoints of little finger', false);
  const chart = page.getByRole('img', {
    name: 'Little finger: bend of the middle joint over the weeks',
  });
  await expect(chart).toBeVisible();
  // Straight at the heel only: looks at the heel and elsewhere tell two stories.
  const table = page.getByRole('table', { name: 'Little finger: bend of the middle joint' });
  const shown = async () => {
    await press(page, 'As a table: Little finger: bend of the middle joint');
    const cells = await table.getByRole('row').allInnerTexts();
    await press(page, 'As a picture: Little finger: bend of the middle joint');
    return cells.slice(1).map((line) => Number(/\n(−?\d+)°/.exec(line)![1]!.replace('−', '-')));
  };
  await press(page, 'Every look');
  await page.getByRole('radio', { name: 'Where in the bow: Heel' }).click();
  const atHeel = await shown();
  await page.getByRole('radio', { name: 'Where in the bow: All' }).click();
  await page.getByRole('radio', { name: 'How the bow was held: Playing' }).click();
  const playing = await shown();
  expect(Math.max(...atHeel)).toBeLessThan(30);
  expect(Math.min(...playing)).toBeGreaterThan(30);
  await page.getByRole('radio', { name: 'How the bow was held: All' }).click();

  const slider = page.getByRole('slider', { name: 'Then' });
  const before = await slider.getAttribute('aria-valuetext');
  await slider.focus();
  // Two looks of the same lesson, and then the next one.
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(slider).not.toHaveAttribute('aria-valuetext', before!);
  const then = await slider.getAttribute('aria-valuetext');
  await expect(
    page.getByRole('img', { name: new RegExp(`that of ${then} laid over`) }),
  ).toBeVisible();
  await expect(page.getByRole('table', { name: 'What changed' })).toBeVisible();

  for (const kind of ['SVG', 'PNG']) {
    const download = page.waitForEvent('download');
    await press(page, `Save as ${kind}: Little finger: bend of the middle joint`);
    const file = await download;
    expect(file.suggestedFilename()).toBe(
      `little-finger-bend-of-the-middle-joint.${kind.toLowerCase()}`,
    );
    const bytes = readFileSync(await file.path());
    if (kind === 'SVG')
      expect(bytes.toString()).toMatch(
        /^<svg [^>]*xmlns="http:[^>]*><rect [^>]*fill="#FFFDF8".*Atkinson.*<path/s,
      );
    else expect(bytes.subarray(1, 4).toString()).toBe('PNG');
  }
  await expectAccessible(page, 'the weeks');
});

test('the lesson that runs stands on top, large, and one tap starts the look', async ({
  page,
  studio,
}) => {
  await openFile(page, 'Osric Tidewell');
  await openTool(page, 'Edit');
  const today = new Date().toLocaleDateString('en-US', { weekday: 'short' });
  await page.getByRole('radio', { name: today, exact: true }).click();
  await page.getByLabel('At', { exact: true }).fill('26:00');
  await press(page, 'Save');
  await expect(page.getByText('expected a time such as 16:00')).toBeVisible();
  const now = new Date();
  const at = [now.getHours(), now.getMinutes()].map((n) => String(n).padStart(2, '0')).join(':');
  await page.getByLabel('At', { exact: true }).fill(at);
  await press(page, 'Save');
  await expect(page).toHaveURL(/\/students\/[0-9a-f-]+(\?|$)/);
  await page.goto(studio.url);
  const onTop = page.getByRole('region', { name: 'The lesson on top' });
  await expect(onTop).toContainText(`Now, since ${at}`);
  await expect(onTop).toContainText('Osric Tidewell');
  await expect(onTop).toContainText('Not looked at yet');
  await press(page, 'Look at Osric Tidewell’s hold');
  await expect(page.getByRole('heading', { name: 'Take the picture' })).toBeVisible();
});

test('without consent there is no camera anywhere', async ({ page }) => {
  await openFile(page, 'Anselm Dorrick');
  await openSection(page, 'Looks');
  await expect(page.getByText(/Photographs of this hand are not allowed/).first()).toBeVisible();
  await press(page, 'Look at the hold');
  await expect(button(page, 'By tap')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Take a picture' })).toHaveCount(0);
  await expect(page.getByRole('radio', { name: 'Finger side' })).toHaveCount(0);
  await press(page, 'Back to the student');
  await openTool(page, 'Wrist over a stroke');
  await press(page, 'Add a take');
  await expect(page.getByRole('button', { name: /clip/i })).toHaveCount(0);
});

test('a hand that no band fits is shown and not judged', async ({ page }) => {
  await openFile(page, 'Pia Lindqvale');
  await expect(page.getByText(/Bands do not judge this hand/)).toBeVisible();
  await expect(page.getByText(/too straight|too deep/)).toHaveCount(0);
});

test('a device clock that is a year off is noticed, and looks are dated by the studio', async ({
  page,
  studio,
}) => {
  const yearAgo = new Date();
  yearAgo.setFullYear(yearAgo.getFullYear() - 1);
  await page.clock.setFixedTime(yearAgo);
  await page.goto(studio.url);
  await expect(page.getByText('This device’s clock is wrong')).toBeVisible();
  await expect(page.getByText(new RegExp(`It shows .*${yearAgo.getFullYear()}`))).toBeVisible();
  await openFile(page, 'Osric Tidewell');
  await openSection(page, 'Agreed');
  await press(page, 'Agree on something');
  await page.getByLabel('What is agreed?').fill('Set the clock');
  await press(page, 'Keep it');
  await expect(page.getByText('Set the clock', { exact: true })).toBeVisible();
  const response = await fetch(`${studio.url}/api/export/studio.json`);
  await expect
    .poll(async () => {
      const file = await (await fetch(`${studio.url}/api/export/studio.json`)).json();
      return file.log.find((entry: { words?: string }) => entry.words === 'Set the clock')?.madeAt;
    })
    .toMatch(new RegExp(`^${new Date().getUTCFullYear()}`));
  expect(response.ok).toBe(true);
});
