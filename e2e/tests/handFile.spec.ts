import type { Page } from '@playwright/test';
import { button, openSection, openTool, press } from '../support/teacher';
import { expect, test } from '../support/test';

const SECTIONS = ['Now', 'Weeks', 'Agreed', 'Looks'] as const;
/** The longest a section may be, px. */
const LONGEST = 1800;
/** With much to tell: several looks and pictures, a slide, pain, an aid, a plan, a bass, two instruments. */
const FULL = ['Noor', 'Marit', 'Dagny', 'Tilda', 'Tobin', 'Ravn', 'Ines'];

const openFile = async (page: Page, name: string) => {
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: new RegExp(`Open ${name}`) }).click();
  await button(page, 'Look at the hold').waitFor();
};
const drawn = (page: Page) =>
  expect(page.getByTestId('drawing-waits').filter({ visible: true })).toHaveCount(0, {
    timeout: 60_000,
  });

test('a phone shows who, how, what to work on and what to say without scrolling', async ({
  page,
  studio,
}) => {
  test.setTimeout(240_000);
  const told: string[] = [];
  for (const name of FULL) {
    await openFile(page, name);
    await drawn(page);
    const foot = (await button(page, 'Look at the hold').boundingBox())!.y;
    // What came of the sentence, rest, or that there is nothing to fix: the last thing of the first screen.
    const last = page
      .getByRole('button', { name: /^Worked: / })
      .or(page.getByRole('heading', { name: /^(Rest now|Nothing to fix)$/ }))
      .filter({ visible: true })
      .first();
    await expect(last).toBeVisible();
    const box = (await last.boundingBox())!;
    told.push(`${name} ${Math.round(box.y + box.height)}`);
    expect(box.y + box.height, name).toBeLessThanOrEqual(foot);
    await expect(page.getByRole('img', { name: /holds the bow/ }).first()).toBeInViewport({
      ratio: 0.99,
    });
    await page.goto(studio.url);
  }
  test.info().annotations.push({
    type: 'figure',
    description: `hand file: the first screen ends at px of 844: ${told.join(', ')}`,
  });
});

test('four sections, one at a time, none long, remembered by the device', async ({
  page,
  studio,
}) => {
  test.setTimeout(240_000);
  let longest = 0;
  for (const name of FULL.slice(0, 5)) {
    await openFile(page, name);
    for (const section of SECTIONS) {
      await openSection(page, section);
      await page.waitForLoadState('networkidle');
      const panel = page.getByRole('tabpanel', { name: section }).filter({ visible: true });
      const { height } = (await panel.boundingBox())!;
      longest = Math.max(longest, height);
      expect(height, `${name}: ${section}`).toBeLessThanOrEqual(LONGEST);
    }
    await page.goto(studio.url);
  }
  test.info().annotations.push({
    type: 'figure',
    description: `hand file: the longest section ${Math.round(longest)} px (at most ${LONGEST})`,
  });
  await openFile(page, 'Osric');
  await expect(page.getByRole('tab', { name: /^Looks/, selected: true })).toBeVisible();
  // By keys: from one section to the next, and the tools in one menu that closes again.
  await page.getByRole('tab', { name: /^Looks/ }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('tab', { name: 'Now', selected: true })).toBeFocused();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('tabpanel', { name: 'Looks' })).toBeVisible();
  await button(page, 'Tools').focus();
  await page.keyboard.press('Enter');
  await expect(button(page, 'The bow as a lever')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(button(page, 'The bow as a lever')).toHaveCount(0);
  await openTool(page, 'Edit');
  await expect(button(page, 'Save')).toBeVisible();
});

test('nothing is wider than a small phone', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 640 });
  await openFile(page, 'Noor');
  await drawn(page);
  const fits = () =>
    page.evaluate(() =>
      [...document.querySelectorAll('[role=main] *')]
        // What a drawing clips is no part of the page.
        .filter((one) => one.closest('svg') === null || one.tagName === 'svg')
        .filter((one) => one.checkVisibility() && one.getBoundingClientRect().right > 321)
        .map((one) => one.outerHTML.slice(0, 120)),
    );
  for (const section of SECTIONS) {
    await openSection(page, section);
    await page.waitForLoadState('networkidle');
    await drawn(page);
    expect(await fits(), section).toEqual([]);
  }
});

test('why, and what else, stand a touch behind the sentence; a slide and its weeks behind its line', async ({
  page,
}) => {
  await openFile(page, 'Tobin');
  await expect(button(page, /^Worked: /)).toBeVisible();
  await expect(page.getByText(/^(Probably|Perhaps) because/)).toHaveCount(0);
  await press(page, /^Why, and /);
  await expect(page.getByText(/^(Probably|Perhaps) because/).first()).toBeVisible();
  await press(page, 'Only the sentence to say');
  await expect(page.getByText(/^(Probably|Perhaps) because/)).toHaveCount(0);
  await press(page, 'Back');
  await openFile(page, 'Marit');
  await press(page, /^Drifting since .* See the weeks$/);
  await expect(page.getByRole('tab', { name: 'Weeks', selected: true })).toBeVisible();
});

test('on a wide screen letters lead on, never write, and can be turned off', async ({ page }) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await openFile(page, 'Noor');
  const tab = (name: string) => page.getByRole('tab', { name: new RegExp(`^${name}`) });
  await expect(tab('Now')).toHaveAttribute('aria-selected', 'true');
  await page.keyboard.press('4');
  await expect(tab('Looks')).toHaveAttribute('aria-selected', 'true');
  await page.keyboard.press('t');
  await expect(page.getByRole('group', { name: 'Tools' })).toBeVisible();
  await page.keyboard.press('Control+1');
  await expect(tab('Looks')).toHaveAttribute('aria-selected', 'true');
  await page.keyboard.press('l');
  await expect(page.getByRole('heading', { name: 'Take the picture' })).toBeVisible();
  // The hand file lies behind the look now, and hears nothing.
  await page.keyboard.press('1');
  await page.goBack();
  await expect(tab('Looks')).toHaveAttribute('aria-selected', 'true');
  await button(page, 'Turn keys off').click();
  await page.keyboard.press('1');
  await expect(page.getByText('Single letters do nothing here.')).toBeVisible();
  await expect(tab('Looks')).toHaveAttribute('aria-selected', 'true');
});
