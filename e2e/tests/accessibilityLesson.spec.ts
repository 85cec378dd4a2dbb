import { openSetup } from '../support/lookAtHold';
import { expectAccessible } from '../support/expectAccessible';
import { answerCheckpoint, openSection, openTool, press, restIsFine } from '../support/teacher';
import { expect, test } from '../support/test';

for (const [colorScheme, viewport] of [
  ['light', { width: 390, height: 844 }],
  ['dark', { width: 1280, height: 800 }],
] as const) {
  test.describe(`${colorScheme}, ${viewport.width} px wide`, () => {
    test.use({ colorScheme, viewport });

    test('every screen of a lesson passes axe', async ({ page }) => {
      await page.getByRole('link', { name: 'Students' }).click();
      await page.getByRole('link', { name: /Open Dagny/ }).click();
      await expect(page.getByRole('alert')).toContainText('Pain was reported');
      await expectAccessible(page, 'hand file with a flag');
      await page
        .getByRole('link', { name: /Open Tobin/ })
        .or(page.getByRole('button', { name: 'Back', exact: true }))
        .first()
        .click();
      if (viewport.width < 900) await page.getByRole('link', { name: /Open Tobin/ }).click();
      await openTool(page, 'Build it step by step');
      await expectAccessible(page, 'build the hold');
      await press(page, 'The parts of the bow');
      await page.getByRole('radio', { name: 'Throat' }).click();
      await expectAccessible(page, 'parts of the bow');
      await press(page, 'Back');
      await press(page, 'Start');
      await expectAccessible(page, 'step of building');
      await press(page, 'Back');
      await press(page, 'Back to the student');
      await openSection(page, 'Looks');
      await page
        .getByRole('link', { name: /Open the look of/ })
        .first()
        .click();
      await press(page, 'Write feedback');
      await expect(page.getByLabel('Point 1', { exact: true })).toBeVisible();
      await expectAccessible(page, 'feedback');
      await press(page, 'Back');
      await press(page, 'Back to the student');
      await press(page, 'Look at the hold');
      await openSetup(page);
      await press(page, 'Before you start');
      await page.getByRole('radio', { name: 'too long' }).click();
      await expectAccessible(page, 'ready');
      await press(page, 'Back');
      await press(page, 'By tap');
      await answerCheckpoint(page, 'Bend of the last joint', 'bent backward');
      await press(page, 'Rest is fine');
      for (let station = 2; station < 5; station += 1) await press(page, 'All fine here');
      await expectAccessible(page, 'relaxation');
      await press(page, 'Whole-hand tests');
      await expectAccessible(page, 'tests');
      await page.getByRole('button', { name: 'Do the test: Raise the tip' }).click();
      await expectAccessible(page, 'a test');
      await press(page, 'Back');
      await page.getByRole('button', { name: 'Do the test: Form it again, five times' }).click();
      await press(page, 'Start');
      await press(page, 'Stop');
      await expectAccessible(page, 'forming it again');
      await press(page, 'Back');
      await press(page, 'Back');
      await restIsFine(page);
      await press(page, /^Worked: /, false);
      await press(page, 'What did it do?');
      await press(page, 'I see it differently');
      await press(page, 'I see it differently: Bend of the last joint');
      await expectAccessible(page, 'result with everything open');
      await press(page, 'Numb or tingling');
      await expectAccessible(page, 'it hurts');
      await page.reload();
      await expect(page.getByText('Your unfinished look is back.')).toBeVisible();
      await expectAccessible(page, 'restored');
    });
  });
}
