import { expectAccessible } from '../support/expectAccessible';
import {
  choosePicture,
  demoPicture,
  FINGER_SIDE_ORDER,
  openLook,
  placePoints,
} from '../support/lookAtHold';
import { expect, test } from '../support/test';
import { openPart, openSection, press } from '../support/teacher';

// Each screen in both schemes and on both widths; every combination of them would take twice as long.
for (const [colorScheme, viewport] of [
  ['light', { width: 390, height: 844 }],
  ['dark', { width: 1280, height: 800 }],
] as const) {
  test.describe(`${colorScheme}, ${viewport.width} px wide`, () => {
    test.use({ colorScheme, viewport });

    test('every screen passes axe', async ({ page }) => {
      await expectAccessible(page, 'today');
      await page.getByRole('link', { name: 'Students' }).click();
      await expect(page.getByRole('heading', { name: 'Students' })).toBeVisible();
      await expectAccessible(page, 'students');
      await page.getByRole('link', { name: 'Groups' }).click();
      await page.getByRole('link', { name: 'Open Wednesday strings' }).click();
      await expect(page.getByRole('heading', { name: 'What they share' })).toBeVisible();
      await press(page, 'Make partner pairs');
      await press(page, 'Tools');
      await expectAccessible(page, 'group');
      await press(page, 'Over the weeks');
      await expect(page.getByRole('heading', { name: 'What has changed' })).toBeVisible();
      await expectAccessible(page, 'group over the weeks');
      await press(page, 'Back');
      await press(page, 'Players and seats');
      await expect(page.getByRole('heading', { name: 'Where they sit' })).toBeVisible();
      await expectAccessible(page, 'group form');
      await press(page, 'Back');
      await press(page, 'Walk the row');
      await expect(page.getByText('1 of 22').filter({ visible: true })).toBeVisible();
      await expectAccessible(page, 'walk by seat');
      await page.getByRole('radio', { name: 'By fault' }).click();
      await page.getByRole('radio', { name: 'The thumb is straight' }).click();
      await expectAccessible(page, 'walk by fault');
      await press(page, 'Back');
      await press(page, 'Back');
      await page.getByRole('link', { name: 'Holds' }).click();
      await expect(page.getByRole('heading', { name: 'Holds' })).toBeVisible();
      await expectAccessible(page, 'holds');
      await page.getByRole('button', { name: 'Copy: Violin: shallow index' }).click();
      await page.getByLabel('from, in joints from the tip').fill('9');
      await expect(page.getByText(/beyond what is possible|not below its end/)).toBeVisible();
      await expectAccessible(page, 'own hold');
      await page.getByRole('button', { name: 'Back' }).click();
      await page.getByRole('link', { name: 'Students' }).click();
      await page.getByRole('button', { name: 'Add a student' }).click();
      await page.getByRole('button', { name: 'Save' }).click();
      await expect(page.getByText('a name is needed')).toBeVisible();
      await expectAccessible(page, 'student form');
      await page.getByRole('button', { name: 'Back' }).click();
      await page.getByRole('link', { name: /Open Edda/ }).click();
      await openSection(page, 'Weeks');
      await expect(page.getByText('Latest against the look before')).toBeVisible();
      await openSection(page, 'Now');
      await page.getByRole('button', { name: 'Show every number' }).click();
      await page.getByRole('button', { name: 'Tools' }).click();
      await expectAccessible(page, 'hand file');
      // On a light phone their own journeys check them.
      if (colorScheme === 'dark') {
        await openSection(page, 'Weeks');
        await page.getByRole('button', { name: 'Over the weeks' }).click();
        await expect(page.getByRole('heading', { name: /its checkpoints/ })).toBeVisible();
        await page.getByRole('button', { name: 'As a table: The four families' }).click();
        await expectAccessible(page, 'weeks');
        await page.goto(new URL('/studio/files', page.url()).href);
        await expect(page.getByRole('heading', { name: 'Export' })).toBeVisible();
        await expectAccessible(page, 'files');
        await page.getByRole('button', { name: 'Back' }).click();
        await expectAccessible(page, 'studio');
        await page.getByRole('button', { name: 'Back' }).click();
        await page.getByRole('link', { name: /Open Edda/ }).click();
      }
      await openSection(page, 'Looks');
      await page.getByRole('button', { name: 'Take the hand at rest' }).click();
      await choosePicture(page, demoPicture('settled.finger-side').file);
      await expect(page.getByRole('heading', { name: 'The hand at rest' })).toBeVisible();
      await expectAccessible(page, 'hand at rest');
      await page.getByRole('button', { name: 'Back' }).click();
      await page.getByRole('button', { name: 'Back' }).click();
      await page
        .getByRole('link', { name: /Open the look of/ })
        .first()
        .click();
      await expect(page.getByRole('img', { name: /The picture/ })).toBeVisible();
      await expectAccessible(page, 'kept look');
      await page.goto(page.url().replace(/\/checks.*/, '/nowhere/at/all'));
      await expect(page.getByRole('heading', { name: 'Nothing is kept here' })).toBeVisible();
      await expectAccessible(page, 'not found');
      await page.getByRole('button', { name: 'Go to Today' }).click();
      await openLook(page, 'Osric Tidewell');
      await expectAccessible(page, 'setup');
      await page.getByRole('button', { name: 'By tap' }).click();
      await expectAccessible(page, 'station');
      await openPart(page, 'Bend of the thumb');
      await expectAccessible(page, 'drawn choices');
      await page.getByRole('button', { name: 'Back' }).click();
      await openPart(page, 'Place of the thumb');
      await expectAccessible(page, 'place on the stick');
      await page.getByRole('button', { name: 'Back' }).click();
      await page.getByRole('button', { name: 'All fine here' }).click();
      await openPart(page, 'Index');
      await expectAccessible(page, 'place on a finger');
      await page.getByRole('button', { name: 'Back' }).click();
      await page.getByRole('button', { name: 'Back' }).click();
      await page.getByRole('button', { name: 'Back' }).click();
      await page.getByRole('button', { name: 'Picture', exact: true }).click();
      await expect(page.getByText('No camera can be used here.')).toBeVisible();
      await expectAccessible(page, 'viewfinder');
      const picture = demoPicture('deep-index.finger-side');
      await choosePicture(page, picture.file);
      await expect(page.getByTestId('canvas')).toBeVisible();
      await placePoints(page, picture, FINGER_SIDE_ORDER);
      await expectAccessible(page, 'measure');
      await page.getByRole('button', { name: 'Read the result' }).click();
      await expect(page.getByRole('heading', { name: 'What was measured' })).toBeVisible();
      await expectAccessible(page, 'result');
    });
  });
}
