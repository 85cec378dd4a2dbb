import {
  choosePicture,
  demoPicture,
  FINGER_SIDE_ORDER,
  markPicture,
  onScreen,
} from '../support/lookAtHold';
import { expect, test } from '../support/test';
import { openSection } from '../support/teacher';

const picture = demoPicture('settled.finger-side');

/** Fingers hanging side by side, 70 px apart, as the marks of a hand at rest. */
const HANGING: [number, number][] = ['index', 'middle', 'ring', 'little'].flatMap((_, i) =>
  [120, 280, 380, 450].map((y): [number, number] => [620 - 70 * i, y]),
);

test('the hand at rest is marked and kept, and gaps are then told against it', async ({ page }) => {
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: /Open Osric/ }).click();
  await openSection(page, 'Looks');
  await expect(page.getByText(/shows its own gaps and lengths/)).toBeVisible();
  await page.getByRole('button', { name: 'Take the hand at rest' }).click();
  await choosePicture(page, picture.file);
  await expect(page.getByRole('heading', { name: 'The hand at rest' })).toBeVisible();
  const keep = page.getByRole('button', { name: 'Keep it' });
  await expect(keep).toBeDisabled();
  for (const at of HANGING) {
    const { x, y } = await onScreen(page, picture, at);
    await page.mouse.click(x, y);
  }
  // 70 px of a first phalanx of 160 px, which is 44.6 of the middle finger's 92.3 parts of 100 mm.
  await expect(page.getByText('index to little finger: 21 · 21 · 21 mm')).toBeVisible();
  await keep.click();
  await expect(page.getByRole('button', { name: 'Take it again' })).toBeVisible();
  await expect(page.getByText(/Curl of the last joints/)).toBeVisible();

  await page.getByRole('button', { name: 'Look at the hold' }).click();
  await markPicture(page, 'Finger side', picture, FINGER_SIDE_ORDER);
  await page.getByRole('button', { name: 'Read the result' }).click();
  await page.getByRole('button', { name: 'Show every number' }).click();
  await expect(page.getByText('Gap index to middle, against the hand at rest')).toBeVisible();
});
