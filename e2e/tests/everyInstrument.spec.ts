import type { Page } from '@playwright/test';
import {
  choosePicture,
  demoPicture,
  FINGER_SIDE_ORDER,
  markPicture,
  openLook,
  placePoints,
  type DemoPicture,
} from '../support/lookAtHold';
import { expect, test } from '../support/test';
import { answerCheckpoint, openPart, openSection, touchFinger } from '../support/teacher';

const settled = demoPicture('settled.finger-side');

const mapped = (
  picture: DemoPicture,
  change: (at: [number, number]) => [number, number],
): DemoPicture => ({
  ...picture,
  points2d: Object.fromEntries(
    Object.entries(picture.points2d).map(([name, at]) => [name, change(at)]),
  ),
});

/** A left hand's picture is the right hand's, flipped. */
const flipped = mapped(settled, ([x, y]) => [settled.image.width - x, y]);

/** The fingers on the hair's side of the stick, as an under-hand hold has them; the bow stays where it is. */
const stickY = settled.points2d.stickHandEnd![1];
const underHand: DemoPicture = {
  ...mapped(settled, ([x, y]) => [x, 2 * stickY - y]),
  points2d: {
    ...mapped(settled, ([x, y]) => [x, Math.min(settled.image.height - 5, 2 * stickY - y)])
      .points2d,
    stickHandEnd: settled.points2d.stickHandEnd!,
    stickTipEnd: settled.points2d.stickTipEnd!,
    frogFront: settled.points2d.frogFront!,
    frogBack: settled.points2d.frogBack!,
  },
};

interface Player {
  on: string;
  name: string;
  picture: DemoPicture;
  left?: true;
  /** What this picture's index is, by the player's own hold. */
  index: { wanted: string; verdict: string };
}

const shallow = {
  wanted: 'wanted between first and second joint from the tip (1.1 to 1.9)',
  verdict: 'good',
};

const PLAYERS: readonly Player[] = [
  { on: 'violin', name: 'Tobin Wrenfield', picture: settled, index: shallow },
  { on: 'viola', name: 'Osric Tidewell', picture: settled, index: shallow },
  {
    on: 'cello, left-handed',
    name: 'Linnea Korfus',
    picture: flipped,
    left: true,
    index: {
      wanted: 'wanted between first and second joint from the tip (0.9 to 1.8)',
      verdict: 'good',
    },
  },
  {
    on: 'French bass',
    name: 'Bram Osterlind',
    picture: settled,
    index: { wanted: 'no band', verdict: '' },
  },
  {
    on: 'German bass',
    name: 'Dagny Fellhaven',
    picture: underHand,
    index: { wanted: 'wanted on the last pad (0.0 to 1.0)', verdict: 'too deep' },
  },
];

const indexRow = (page: Page) =>
  page
    .getByText('Index: depth', { exact: true })
    .filter({ visible: true })
    .first()
    .locator('..')
    .locator('..');

for (const { on, name, picture, left, index } of PLAYERS) {
  test(`${on}: a look by photo, and one by the station sheet alone, judged by that hold`, async ({
    page,
  }) => {
    await openLook(page, name);
    if (left) {
      await page.getByRole('radio', { name: 'Finger side' }).click();
      await choosePicture(page, picture.file);
      await page.getByRole('button', { name: 'Back', exact: true }).click();
      await page.getByRole('button', { name: 'Flip the picture' }).click();
      await page.getByRole('button', { name: 'Place the points' }).click();
      await expect(page.getByTestId('canvas')).toBeVisible();
      await placePoints(page, picture, FINGER_SIDE_ORDER);
    } else {
      await markPicture(page, 'Finger side', picture, FINGER_SIDE_ORDER);
    }
    await expect(page.getByText(/Is the picture mirrored/)).toHaveCount(0);
    await page.getByRole('button', { name: 'Read the result' }).click();
    await page.getByRole('button', { name: 'Show every number' }).click();
    await expect(indexRow(page)).toContainText(/1\.[34] ± 0\.2\)/);
    await expect(indexRow(page)).toContainText(index.wanted);
    await expect(indexRow(page)).toContainText(index.verdict);
    await page.getByRole('button', { name: 'Save this look' }).click();
    await expect(page.getByText(/looked at today/)).toBeVisible();
    await openSection(page, 'Looks');
    await expect(page.getByText('Free in the air · Finger side').first()).toBeVisible();

    await page.getByRole('button', { name: 'Look at the hold' }).click();
    let taps = 0;
    const tap = async (button: string) => {
      await page.getByRole('button', { name: button, exact: true }).click();
      taps += 1;
    };
    await tap('By tap');
    for (const station of ['Thumb', 'Fingers', 'Little finger', 'Wrist', 'Relaxation']) {
      await expect(page.getByRole('heading', { name: station, exact: true })).toBeVisible();
      const fine = page.getByRole('button', { name: 'All fine here' });
      await tap((await fine.isVisible()) ? 'All fine here' : 'Go on');
    }
    await expect(page.getByText('looked good').filter({ visible: true }).first()).toBeVisible();
    // One of them has told of pain: nothing is said then but rest.
    await expect(page.getByRole('heading', { name: /^(Nothing to fix|Rest now)$/ })).toBeVisible();
    await tap('Save this look');
    expect(taps).toBeLessThanOrEqual(14);
    await expect(page.getByText(/looked at today/)).toBeVisible();
    await openSection(page, 'Looks');
    await expect(page.getByText('Free in the air · By tap').first()).toBeVisible();
    // A clean look has nothing to work on in what it judged.
    const newest = page.getByRole('link', { name: /Open the look of/ }).first();
    await expect(newest.getByRole('img', { name: 'Thumb: good' })).toBeVisible();
    await expect(newest.getByRole('img', { name: 'Little finger: good' })).toBeVisible();
    // What was kept is drawn, though there is no picture.
    await newest.click();
    await expect(page.getByText(/checkpoints? (was|were) answered by tap/)).toBeVisible();
    await expect(
      page.getByRole('img', { name: 'The hold drawn from the numbers' }).filter({ visible: true }),
    ).toBeVisible();
  });
}

test('a violin hold answered checkpoint by checkpoint, faults and all', async ({ page }) => {
  await openLook(page, 'Osric Tidewell');
  await page.getByRole('button', { name: 'By tap' }).click();
  await answerCheckpoint(page, 'Bend of the last joint', 'bent backward');
  await openPart(page, 'Bend of the thumb');
  // What was answered is marked, and can be answered anew; the good one is told by its mark.
  await expect(page.getByRole('radio', { name: 'bent backward' })).toBeChecked();
  await page.getByRole('button', { name: 'Back' }).click();
  await answerCheckpoint(page, 'Part of the thumb on the stick', 'the pad');
  // The stick is touched in the middle of the drawing, a little up from the frog's front.
  await openPart(page, 'Place of the thumb');
  const stickSlider = page.getByRole('slider', { name: /Thumb: place/ });
  await stickSlider.click({ trial: true });
  const stick = (await stickSlider.boundingBox())!;
  await page.mouse.click(stick.x + stick.width * 0.5, stick.y + stick.height / 2);
  await expect(page.getByText('3 ± 3 mm')).toBeVisible();
  await page.getByRole('button', { name: 'Go on' }).click();

  // Near the knuckle: the stick lies deep.
  await touchFinger(page, 'Index: depth', 0.75);
  await page.getByRole('button', { name: 'Rest is fine' }).click();
  for (let station = 3; station <= 5; station += 1) {
    await page.getByRole('button', { name: 'All fine here' }).click();
  }

  const result = page.getByRole('main');
  await expect(result.getByText('Work on first')).toBeVisible();
  await expect(result.getByRole('heading', { name: /^The thumb is straight/ })).toBeVisible();
  await expect(result.getByText('too straight').first()).toBeVisible();
  await expect(result.getByText('on its pad', { exact: true })).toBeVisible();
  await expect(result.getByText('too deep').first()).toBeVisible();
  await expect(result.getByText('Angle to the stick', { exact: true })).toHaveCount(0);
});

test('a touch on the drawn finger reads the depth where it is drawn, at its ends too', async ({
  page,
}) => {
  await openLook(page, 'Osric Tidewell');
  await page.getByRole('button', { name: 'By tap' }).click();
  await page.getByRole('button', { name: 'All fine here' }).click();
  for (const [share, told] of [
    [0.99, '0.0 ± '],
    [0.7, null],
    [0.45, null],
    [0.05, '3.0 ± '],
  ] as const) {
    await openPart(page, 'Index');
    const slider = page.getByRole('slider', { name: 'Index: depth' });
    await expect(slider.locator('path').first()).toBeVisible();
    const shown = (await slider.boundingBox())!;
    const at = { x: shown.x + shown.width / 2, y: shown.y + shown.height * share };
    await page.mouse.move(at.x, at.y);
    await page.mouse.down();
    const stick = (await slider.locator('line').boundingBox())!;
    // Between its ends the drawn stick lies where it was touched.
    if (told === null) expect(Math.abs(stick.y + stick.height / 2 - at.y)).toBeLessThan(3);
    const value = Number(await slider.getAttribute('aria-valuenow'));
    await page.mouse.up();
    await expect(page.getByText(told ?? `${value.toFixed(1)} ± `)).toBeVisible();
  }
});

test('a finger’s depth is answered with keys alone', async ({ page }) => {
  await openLook(page, 'Osric Tidewell');
  await page.getByRole('button', { name: 'By tap' }).click();
  await page.getByRole('button', { name: 'All fine here' }).click();
  await openPart(page, 'Index');
  const slider = page.getByRole('slider', { name: 'Index: depth' });
  await slider.focus();
  for (let i = 0; i < 4; i += 1) await page.keyboard.press('Shift+ArrowUp');
  await expect(slider).toHaveAttribute('aria-valuenow', '2');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^at the second joint \(2\.0 ± 0\.[12]\)$/)).toBeVisible();
});
