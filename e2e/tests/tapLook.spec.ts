import type { Locator, Page } from '@playwright/test';
import { answerCheckpoint, button, openPart, press } from '../support/teacher';
import { expect, test } from '../support/test';

/** As a teacher's phone is: the last look was one without a camera. */
test.beforeEach(async ({ page }) => {
  await page.addInitScript(() => localStorage.setItem('open-palm.look.way', 'tap'));
  await page.reload();
});

/** Taps on places of the screen, counted; how many of them the thumb of the hand that holds the phone reaches. */
function counted(page: Page) {
  let [taps, low] = [0, 0];
  const at = async (one: Locator) => {
    const on = one.filter({ visible: true }).first();
    await on.click({ trial: true });
    const box = (await on.boundingBox())!;
    await on.click();
    taps += 1;
    // The lower 60 % of the screen.
    if (box.y + box.height / 2 > 0.4 * page.viewportSize()!.height) low += 1;
  };
  return { at, told: () => ({ taps, low }) };
}

const stationIs = (page: Page, n: number) =>
  expect(page.getByText(`Station ${n} of 5`).filter({ visible: true })).toBeVisible();

/** From Today: the look begins, these parts are answered at their stations, the rest is fine, and it is kept. */
async function takeLook(page: Page, wrong: readonly { at: number; part: string; as: string }[]) {
  const tap = counted(page);
  await tap.at(page.getByRole('button', { name: /^Look at .*Osric Tidewell/ }));
  for (let station = 1; station <= 5; station += 1) {
    await stationIs(page, station);
    const here = wrong.filter(({ at }) => at === station);
    for (const { part, as } of here) {
      await tap.at(page.getByTestId(`touch-${part}`));
      await tap.at(page.getByRole('radio', { name: as, exact: true }));
      await stationIs(page, station);
    }
    const fine = here.length > 0 ? 'Rest is fine' : 'All fine here';
    await tap.at(page.getByRole('button', { name: fine }));
  }
  await tap.at(page.getByRole('button', { name: 'Save this look' }));
  await expect(page.getByText(/looked at today/)).toBeVisible();
  return tap.told();
}

const STRAIGHT_THUMB = { at: 1, part: 'thumbBend', as: 'bent backward' };
const LITTLE_OFF = { at: 3, part: 'littleTip', as: 'off the stick' };

for (const [name, wrong, most, said] of [
  ['a clean look', [], 7, 'Nothing to fix'],
  ['one fault', [STRAIGHT_THUMB], 9, 'The thumb is straight.'],
  ['two faults', [STRAIGHT_THUMB, LITTLE_OFF], 12, /^The (thumb|little finger)/],
] as const) {
  test(`${name}, from Today to kept, takes ${most} taps at most, half of them where the thumb reaches`, async ({
    page,
  }) => {
    const { taps, low } = await takeLook(page, wrong);
    console.log(`${name}: ${taps} taps from Today to kept, ${low} of them in the lower 60 %`);
    expect(taps).toBeLessThanOrEqual(most);
    expect(2 * low).toBeGreaterThanOrEqual(taps);
    await expect(page.getByRole('heading', { name: said }).first()).toBeVisible();
  });
}

test('“all fine” means what that side shows; turned over, it means both', async ({ page }) => {
  await press(page, /^Look at .*Osric Tidewell/);
  await stationIs(page, 1);
  await press(page, 'All fine here');
  await stationIs(page, 2);
  await press(page, 'Back');
  const tip = () => button(page, /^Tip of the thumb: /, false);
  await tip().click();
  const through = page.getByRole('radiogroup', { name: 'Thumb: past the stick’s far edge' });
  await expect(through).toBeVisible();
  await press(page, 'Back');
  await expect(button(page, 'Go on')).toBeVisible();
  for (let i = 0; i < 3; i += 1) await press(page, /: turn to /, false);
  await expect(page.getByRole('button', { name: /^Fingers’ side: turn to / })).toBeVisible();
  await press(page, 'Rest is fine');
  await stationIs(page, 2);
  await press(page, 'Back');
  await expect(button(page, 'Rest is fine')).toHaveCount(0);
});

test('a part is touched by keys too, is said not to be seen in one tap, and a swipe goes on', async ({
  page,
}) => {
  await press(page, /^Look at .*Osric Tidewell/);
  await stationIs(page, 1);
  await button(page, /^Bend of the thumb: not touched/, false).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Bend of the thumb' })).toBeVisible();
  await page.getByRole('radio', { name: 'nearly straight' }).focus();
  await page.keyboard.press('Enter');
  await expect(button(page, /^Bend of the thumb: nearly straight/, false)).toBeVisible();
  // It can be taken back.
  await openPart(page, 'Bend of the thumb');
  await press(page, 'Can’t tell');
  await expect(button(page, /^Bend of the thumb: not touched/, false)).toBeVisible();
  await press(page, 'Not seen');
  await stationIs(page, 2);
  // A finger on the drawn hand: to the left it goes on, to the right it goes back.
  const swipe = async (from: number, to: number) => {
    // A finger that is on the picture while it is drawn anew has nothing under it.
    await expect(page.getByTestId('drawing-waits').filter({ visible: true })).toHaveCount(0);
    await page.getByRole('img', { name: 'The hold as it was answered so far' }).evaluate(
      (hand, [start, end]) => {
        const { left, top, height, width } = hand.getBoundingClientRect();
        const at = (share: number) =>
          new Touch({
            identifier: 1,
            target: hand,
            pageX: left + share * width,
            pageY: top + height / 2,
            clientX: left + share * width,
            clientY: top + height / 2,
          });
        const tell = (type: string, share: number, touches: Touch[]) =>
          hand.dispatchEvent(
            new TouchEvent(type, {
              bubbles: true,
              cancelable: true,
              touches,
              targetTouches: touches,
              changedTouches: [at(share)],
            }),
          );
        tell('touchstart', start!, [at(start!)]);
        tell('touchend', end!, []);
      },
      [from, to],
    );
  };
  await swipe(0.8, 0.2);
  await stationIs(page, 3);
  await swipe(0.2, 0.8);
  await stationIs(page, 2);
});

test('what only feeling tells is a drawn token: touched it is there, and “fine” leaves it so', async ({
  page,
}) => {
  await press(page, /^Look at .*Osric Tidewell/);
  for (let station = 1; station < 5; station += 1) {
    await stationIs(page, station);
    await press(page, 'All fine here');
  }
  const squeezes = page.getByRole('checkbox', { name: 'The hand squeezes' });
  await squeezes.click();
  await expect(squeezes).toBeChecked();
  await press(page, 'Rest is fine');
  await expect(page.getByRole('heading', { name: /squeez/i }).first()).toBeVisible();
  await press(page, 'Save this look');
  await expect(page.getByText(/looked at today/)).toBeVisible();
  // The next look of the lesson begins with the bow held as in this one.
  await press(page, 'Look at the hold');
  await answerCheckpoint(page, 'Part of the thumb on the stick', 'the pad');
});
