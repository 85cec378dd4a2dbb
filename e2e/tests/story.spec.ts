import {
  choosePicture,
  demoPicture,
  FINGER_SIDE_ORDER,
  openLook,
  openSetup,
  placePoints,
} from '../support/lookAtHold';
import { portOf, startStudio } from '../support/studio';
import { expect, test } from '../support/test';
import { openSection, openTool } from '../support/teacher';

const STUDENT = 'Osric Tidewell';

test('a look is taken, read, kept, and found again after the studio was restarted', async ({
  page,
  studio,
}) => {
  const picture = demoPicture('deep-index.finger-side');
  await openLook(page, STUDENT);
  await choosePicture(page, picture.file);
  await expect(page.getByText('Stick: its middle, near the button')).toBeVisible();
  await placePoints(page, picture, FINGER_SIDE_ORDER);
  await expect(page.getByText('Everything this view can tell is marked.')).toBeVisible();
  await page.getByRole('button', { name: 'Read the result' }).click();

  // The truth of this rendered hold: the stick lies deep in the index, and the little finger is on top.
  const fingers = page.getByRole('main');
  await expect(fingers.getByText(/2\.[01] ± 0\.2\)/)).toBeVisible();
  await expect(fingers.getByText('too deep').first()).toBeVisible();
  await expect(
    fingers.getByText('wanted between first and second joint from the tip (1.1 to 1.9)'),
  ).toBeVisible();
  await expect(fingers.getByText('on top', { exact: true })).toBeVisible();
  // What to work on, why, and what to say.
  await expect(page.getByRole('heading', { name: 'The index is deep.' })).toBeVisible();
  await expect(page.getByText('Pull the index out a little')).toBeVisible();
  await page.getByRole('button', { name: 'Show every number' }).click();
  await expect(page.getByText('not from this view: take it from thumb side').first()).toBeVisible();

  await page.getByRole('button', { name: 'Save this look' }).click();
  await expect(page.getByRole('heading', { name: STUDENT })).toBeVisible();
  await expect(page.getByText('looked at today')).toBeVisible();

  await studio.stop();
  const again = await startStudio(studio.dataDir, portOf(studio));
  await page.goto(again.url);
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: `Open ${STUDENT}’s hand file` }).click();
  await expect(page.getByText(/2\.[01] ± 0\.2\)/)).toBeVisible();
  await openSection(page, 'Looks');
  await page.getByRole('link', { name: /Open the look of/ }).click();
  const kept = page.getByRole('img', { name: /The picture, Finger side/ });
  await expect(kept).toBeVisible();
  await expect(page.getByText('too deep').filter({ visible: true }).first()).toBeVisible();
  await again.stop();
});

test('a second look from the same side stands beside the one before', async ({ page }) => {
  const picture = demoPicture('settled.finger-side');
  await openLook(page, 'Edda Marlowe-Quist');
  await choosePicture(page, picture.file);
  await placePoints(page, picture, FINGER_SIDE_ORDER);
  await page.getByRole('button', { name: 'Read the result' }).click();
  await page.getByRole('button', { name: 'Save this look' }).click();
  await openSection(page, 'Weeks');
  const change = page.getByText('Latest against the look before').locator('..');
  await expect(change).toContainText('Beforeat the second joint (2.1 ± 0.2)');
  await expect(change).toContainText(
    /Nowbetween first and second joint from the tip \(1\.[34] ± 0\.2\)/,
  );
});

test('what cannot be seen is skipped, and never becomes a number', async ({ page }) => {
  const picture = demoPicture('settled.finger-side');
  await openLook(page, STUDENT);
  await choosePicture(page, picture.file);
  await placePoints(page, picture, FINGER_SIDE_ORDER.slice(0, 4));
  await page.getByRole('button', { name: 'Can’t see it' }).click();
  await expect(page.getByText('Index: middle joint')).toBeVisible();
  await placePoints(page, picture, FINGER_SIDE_ORDER.slice(5));
  await page.getByRole('button', { name: 'Read the result' }).click();
  await expect(page.getByText('Middle finger: depth')).toBeVisible();
  await expect(page.getByText('Index: depth', { exact: true })).toHaveCount(0);
  await page.getByRole('button', { name: 'Show every number' }).click();
  await expect(page.getByText('Index: depth: its points were not all seen')).toBeVisible();
});

test('a student is added, and the left hand mirrors the drawing', async ({ page }) => {
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('button', { name: 'Add a student' }).click();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('a name is needed')).toBeVisible();
  await page.getByLabel('Name').fill('Lefty Moorgate');
  await page.getByLabel('Length of the frog, mm').fill('-46');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('between 20 and 80 mm')).toBeVisible();
  await page.getByLabel('Length of the frog, mm').fill('45,5');
  await page.getByRole('radio', { name: 'Left hand' }).click();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('heading', { name: 'Lefty Moorgate' })).toBeVisible();
  await expect(page.getByText('No look yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Look at the hold' }).click();
  await openSetup(page);
  await expect(page.getByText('Left hand holds the bow')).toBeVisible();
  await expect(page.getByText('Frog 45.5 mm, measured.')).toBeVisible();
});

test('a picture of the other hand is noticed, and flipped only on a person’s word', async ({
  page,
}) => {
  // A right hand's picture in the file of a student who bows with the left.
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: `Open ${STUDENT}’s hand file` }).click();
  await openTool(page, 'Edit');
  await page.getByRole('radio', { name: 'Left hand' }).click();
  await page.getByRole('button', { name: 'Save' }).click();
  await page.getByRole('button', { name: 'Look at the hold' }).click();
  const picture = demoPicture('settled.finger-side');
  await choosePicture(page, picture.file);
  await placePoints(page, picture, FINGER_SIDE_ORDER);
  await expect(page.getByText(/Is the picture mirrored/)).toBeVisible();
  await page.getByRole('button', { name: 'Flip picture and points' }).click();
  await expect(page.getByText(/Is the picture mirrored/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Read the result' }).click();
  await expect(page.getByText(/1\.[34] ± 0\.2\)/).first()).toBeVisible();
});

test('the result’s doubts are drawn in a worker, and what is kept is what was shown', async ({
  page,
}) => {
  const started = page.waitForEvent('worker', (worker) => worker.url().includes('breakdown'));
  const picture = demoPicture('settled.finger-side');
  await openLook(page, STUDENT);
  await choosePicture(page, picture.file);
  await placePoints(page, picture, FINGER_SIDE_ORDER);
  await page.getByRole('button', { name: 'Read the result' }).click();
  await started;
  const spread = page.getByText('Spread of the hand').filter({ visible: true }).locator('..');
  await page.getByRole('button', { name: 'Show every number' }).click();
  const shown = await spread.innerText();
  await page.getByRole('button', { name: 'Save this look' }).click();
  await openSection(page, 'Looks');
  await page.getByRole('link', { name: /Open the look of/ }).click();
  await page.getByRole('button', { name: 'Show every number' }).filter({ visible: true }).click();
  await expect(spread).toHaveText(shown.replace('\n', ''));
});

test('a cellist is judged by the cello’s hold, with the cello’s frog', async ({ page }) => {
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('button', { name: 'Add a student' }).click();
  await page.getByLabel('Name').fill('Cleo Harbinger');
  await page.getByRole('radio', { name: 'Cello' }).click();
  await expect(page.getByRole('radio', { name: 'shallow index' })).toHaveCount(0);
  await page.getByRole('radio', { name: 'small hand' }).click();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(
    page.getByText('Cello · small hand').filter({ visible: true }).first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Look at the hold' }).click();
  await openSetup(page);
  await expect(page.getByText('Frog 52 ± 2 mm, an estimate.')).toBeVisible();
  const picture = demoPicture('settled.finger-side');
  await choosePicture(page, picture.file);
  await placePoints(page, picture, FINGER_SIDE_ORDER);
  await page.getByRole('button', { name: 'Read the result' }).click();
  await expect(page.getByText('wanted at the first joint from the tip (0.9 to 1.3)')).toBeVisible();
});

test('any two holds stand side by side, with what they rest on', async ({ page }) => {
  await page.getByRole('link', { name: 'Holds' }).click();
  await expect(page.getByRole('img', { name: /Violin: shallow index/ })).toBeVisible();
  await expect(page.getByText('Index: depth · they differ')).toBeVisible();
  await expect(page.getByText('between second joint and base (2.0 to 2.9)')).toBeVisible();
  await expect(page.getByText(/Flesch/)).toBeVisible();
  const second = page.getByRole('radiogroup', { name: 'beside this one' });
  await second.getByRole('radio', { name: 'Double bass: German' }).click();
  await expect(page.getByRole('img', { name: /Double bass: German/ })).toBeVisible();
  await expect(page.getByText('−25 to 15 mm')).toBeVisible();
});
