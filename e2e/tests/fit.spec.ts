import { expectAccessible } from '../support/expectAccessible';
import {
  demoPicture,
  markPicture,
  openLook,
  THUMB_SIDE_ORDER,
  type DemoPicture,
} from '../support/lookAtHold';
import { pictureWithPoints } from '../support/pointsFile';
import { CHROMIUM, CHROMIUM_FLAGS_IN_SPACE } from '../support/studio';
import { press } from '../support/teacher';
import { expect, test } from '../support/test';
import { markWholeHand } from '../support/wholeHand';
import type { Page } from '@playwright/test';

test.use({
  viewport: { width: 1280, height: 800 },
  launchOptions: { executablePath: CHROMIUM, args: CHROMIUM_FLAGS_IN_SPACE },
});

const thumbSide = demoPicture('settled.thumb-side');
const profile = demoPicture('settled.profile');

/** Bend and doubt of a joint in the table of the fitted hand. */
async function bendOf(page: Page, joint: string): Promise<{ deg: number; sd: number }> {
  const row = page.getByRole('row').filter({ hasText: joint });
  const [, deg, sd] = /(−?\d+)° ± (\d+)°/.exec(await row.innerText())!;
  return { deg: Number(deg!.replace('−', '-')), sd: Number(sd) };
}

/** A look of two pictures with their points from files, and what it is read as. */
async function twoPictures(
  page: Page,
  first: readonly [DemoPicture, string],
  second: readonly [DemoPicture, string],
): Promise<void> {
  await openLook(page, 'Osric Tidewell');
  await pictureWithPoints(page, ...first);
  await press(page, 'Read the result');
  await press(page, 'Picture');
  await pictureWithPoints(page, ...second);
  await press(page, 'Read the result');
}

test('two pictures become a hand in space whose bends are the true ones, kept and turned', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await openLook(page, 'Osric Tidewell');
  await markPicture(page, 'Thumb side', thumbSide, THUMB_SIDE_ORDER);
  await press(page, 'Read the result');
  // The thumb alone makes no hand: what is missing is said.
  await expect(page.getByText(/^Mark the whole hand, thumb and fingers/)).toBeVisible();
  await press(page, 'Go to that picture');
  await markWholeHand(page, thumbSide);
  await press(page, 'Read the result');
  await expect(page.getByText(/^From one picture alone \(Thumb side\)/)).toBeVisible();
  await expect(
    page.getByText(
      /A picture from (Profile with forearm|Finger side|Player’s eye) of the same hold helps most/,
    ),
  ).toBeVisible();
  await press(page, 'Picture');
  await markPicture(page, 'Profile with forearm', profile, []);
  await markWholeHand(page, profile);
  await press(page, 'Read the result');
  await expect(
    page.getByText(/^Fitted to Thumb side and Profile with forearm, \d\d° apart/),
  ).toBeVisible();
  await press(page, 'Show every bend');
  const truths: [string, string, number][] = [
    ['Thumb: middle joint', 'thumbMcp', 4],
    ['Thumb: last joint', 'thumbIp', 4],
    ['Index: middle joint', 'indexPip', 3.5],
    ['Middle finger: middle joint', 'middlePip', 3.5],
    ['Ring finger: middle joint', 'ringPip', 3.5],
    ['Little finger: middle joint', 'littlePip', 3.5],
  ];
  const errors: number[] = [];
  for (const [joint, id, target] of truths) {
    const { deg, sd } = await bendOf(page, joint);
    const error = Math.abs(deg - profile.trueFlexionDeg![id]!);
    errors.push(error / target);
    expect(error, joint).toBeLessThanOrEqual(2 * Math.max(sd, target));
  }
  expect(errors.reduce((sum, e) => sum + e, 0) / errors.length).toBeLessThanOrEqual(1);
  // What no picture shows flat now counts from the fitted hand; where both tell, both stand.
  await expect(
    page
      .getByText(
        /^counts: fitted hand \(Thumb side and Profile with forearm\): .*\(1\.\d ± 0\.\d\)/,
      )
      .first(),
  ).toBeVisible();

  await press(page, 'Save this look');
  await press(page, 'Turn it · today');
  const hand = page.getByTestId('turnable-hand').filter({ visible: true });
  await press(page, 'Turn it in space');
  await expect(hand.locator('canvas')).toBeVisible();
  const before = await hand.screenshot();
  await hand.focus();
  for (let i = 0; i < 4; i += 1) await page.keyboard.press('ArrowRight');
  const turned = await hand.screenshot();
  expect(turned.equals(before)).toBe(false);
  await press(page, 'Lay the wanted hold over it');
  await expect(page.getByRole('button', { name: 'Hide the wanted hold' })).toBeVisible();
  expect((await hand.screenshot()).equals(turned)).toBe(false);
  await expectAccessible(page, 'a kept look with a fitted hand');
});

test('two pictures of different holds are refused with the reason, and the flat numbers stand', async ({
  page,
}) => {
  await twoPictures(
    page,
    [demoPicture('settled.finger-side'), 'finger-side'],
    [demoPicture('lost-little-finger.profile'), 'profile'],
  );
  await expect(page.getByText('These pictures give no hand')).toBeVisible();
  await expect(
    page.getByText(/^No one hand fits Finger side and Profile with forearm\. Did the hold change/),
  ).toBeVisible();
  await expect(page.getByTestId('turnable-hand')).toHaveCount(0);
  await expect(page.getByText(/° ± \d+°/).first()).toBeVisible();
});

test('a mirrored second picture and the same picture twice are named', async ({ page }) => {
  const mirrored: DemoPicture = {
    ...profile,
    points2d: Object.fromEntries(
      Object.entries(profile.points2d).map(([name, [x, y]]) => [
        name,
        [profile.image.width - x, y],
      ]),
    ),
  };
  await twoPictures(page, [thumbSide, 'thumb-side'], [mirrored, 'profile']);
  await expect(page.getByText(/^Profile with forearm: .*probably mirrored/)).toBeVisible();
  await press(page, /^Remove: Profile with forearm/);
  await press(page, 'Picture');
  await pictureWithPoints(page, thumbSide, 'thumb-side');
  await press(page, 'Read the result');
  await expect(page.getByText(/this is the same picture again/)).toBeVisible();
  await press(page, 'Go to that picture');
  await expect(page.getByTestId('canvas')).toBeVisible();
});
