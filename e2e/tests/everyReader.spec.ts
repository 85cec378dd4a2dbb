import type { Page } from '@playwright/test';
import { expectFits } from '../support/expectFits';
import {
  answerCheckpoint,
  button,
  lookByTap,
  openPart,
  openSection,
  openTool,
  press,
  restIsFine,
} from '../support/teacher';
import { expect, test } from '../support/test';

const MARIT = 'Marit Solvane';

/** What is asked for has come, and is drawn. */
async function settled(page: Page): Promise<void> {
  await page.waitForLoadState('networkidle');
  await expect(page.getByTestId('drawing-waits').filter({ visible: true })).toHaveCount(0);
}

async function fits(page: Page, screen: string): Promise<void> {
  await settled(page);
  await expectFits(page, screen);
}

async function openFile(page: Page, name: string): Promise<void> {
  await page.getByRole('link', { name: 'Students' }).filter({ visible: true }).click();
  await page
    .getByRole('link', { name: `Open ${name}’s hand file` })
    .filter({ visible: true })
    .click();
  await expect(page.getByRole('heading', { name })).toBeVisible();
}

// A phone of 390 px whose text is set to twice its size lays a page out as if it were half as wide.
for (const [name, width, height] of [
  ['a phone 320 px wide', 320, 640],
  ['a phone with text at 200 %', 195, 422],
] as const) {
  test(`everything is read and reached on ${name}`, async ({ page, studio }) => {
    await page.setViewportSize({ width, height });
    await page.reload();
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
    await fits(page, 'Today');
    await openFile(page, MARIT);
    await fits(page, 'the hand file');
    for (const section of ['Weeks', 'Agreed', 'Looks', 'Now'] as const) {
      await openSection(page, section);
      await page.getByRole('tabpanel').evaluate((panel) => panel.scrollIntoView());
      await fits(page, section);
    }
    for (const tool of ['The bow as a lever', 'Build it step by step', 'Edit']) {
      await openTool(page, tool);
      await fits(page, tool);
      await page.goBack();
    }
    await openSection(page, 'Weeks');
    await press(page, 'Over the weeks');
    await fits(page, 'the weeks');
    await page.goto(studio.url);
    await lookByTap(page, 'Osric Tidewell');
    await fits(page, 'a station');
    await openPart(page, 'Bend of the thumb');
    await fits(page, 'a part of the hand');
    await press(page, 'Back');
    await answerCheckpoint(page, 'Bend of the last joint', 'bent backward');
    await restIsFine(page);
    await fits(page, 'the result');
    await page.getByText('Bend of the last joint').filter({ visible: true }).first().hover();
    await fits(page, 'the breakdown');
    await page.goto(studio.url);
    await openFile(page, MARIT);
    await openSection(page, 'Agreed');
    await press(page, /practice$/i, false);
    await expect(button(page, 'A minute more')).toBeVisible();
    await fits(page, 'practice');
  });
}

/** Goes on with the Tab key until this is reached; everything on the way can be reached too. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let i = 0; i < 80; i += 1) {
    await page.keyboard.press('Tab');
    const reached = await page.evaluate(() => {
      const at = document.activeElement;
      return at?.getAttribute('aria-label') ?? at?.textContent ?? '';
    });
    if (name.test(reached)) return;
  }
  throw new Error(`The Tab key does not reach ${name}.`);
}

test('a look is taken and kept with keys alone, from Today on', async ({ page }) => {
  await page.addInitScript(() => localStorage.setItem('open-palm.look.way', 'tap'));
  await page.reload();
  const enter = async (name: RegExp) => {
    await tabTo(page, name);
    await page.keyboard.press('Enter');
  };
  await button(page, 'Look at Osric Tidewell’s hold').waitFor();
  await enter(/^Look at Osric Tidewell’s hold$/);
  await expect(page.getByText('Station 1 of 5').filter({ visible: true })).toBeVisible();
  await enter(/^Bend of the thumb: /);
  await expect(page.getByRole('radio', { name: 'bent backward' })).toBeVisible();
  await enter(/^bent backward$/);
  await enter(/Rest is fine$/);
  for (let station = 2; station <= 5; station += 1) {
    await expect(page.getByText(`Station ${station} of 5`).filter({ visible: true })).toBeVisible();
    await enter(/All fine here$/);
  }
  await expect(page.getByRole('heading', { name: 'The thumb is straight.' })).toBeVisible();
  await enter(/Save this look$/);
  await expect(page.getByText(/looked at today/)).toBeVisible();
});

test('who wants no motion sees none', async ({ page }) => {
  const moving = () =>
    page.evaluate(() =>
      document
        .getAnimations()
        // A colour that fades moves nothing.
        .filter((one) => (one as CSSTransition).transitionProperty !== 'background-color')
        .filter(({ playState, effect }) => {
          const { duration } = effect!.getComputedTiming();
          return playState === 'running' && Number(duration) > 0;
        })
        .map(({ effect }) => (effect as KeyframeEffect).target?.outerHTML.slice(0, 120)),
    );
  await settled(page);
  expect(await moving()).toEqual([]);
  await openFile(page, MARIT);
  await settled(page);
  expect(await moving()).toEqual([]);
  await openSection(page, 'Weeks');
  expect(await moving()).toEqual([]);
  await press(page, 'Tools');
  expect(await moving()).toEqual([]);
});
