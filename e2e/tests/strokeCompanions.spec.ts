import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { clipFile, openClip, openStroke } from '../support/clip';
import { expectAccessible } from '../support/expectAccessible';
import { ROOT } from '../support/studio';
import { button, press } from '../support/teacher';
import { expect, test } from '../support/test';

const picture = (name: string) => join(ROOT, `studio-demo/pictures/${name}`);
const truthOf = (name: string) =>
  JSON.parse(readFileSync(picture(`${name}.json`), 'utf8')) as {
    image: { width: number; height: number };
    points2d: Record<string, [number, number]>;
    trueFlexionDeg: { wrist: number };
  };

async function chooseStill(page: Page, place: string, file: string): Promise<void> {
  const chooser = page.waitForEvent('filechooser');
  await press(page, `Choose the picture at the ${place}`);
  await (await chooser).setFiles(file);
  await expect(page.getByRole('img', { name: `The picture at the ${place}` })).toBeVisible();
  await expect(button(page, `Choose the picture at the ${place}`)).toBeEnabled({ timeout: 30_000 });
}

/** Touches places of the frame that is shown, px of the picture. */
async function touch(
  page: Page,
  { width }: { width: number },
  places: readonly (readonly [number, number])[],
): Promise<void> {
  const shown = page.getByRole('img', { name: /^Frame at / }).filter({ visible: true });
  await shown.scrollIntoViewIfNeeded();
  const box = (await shown.boundingBox())!;
  const scale = box.width / width;
  for (const [x, y] of places) await page.mouse.click(box.x + x * scale, box.y + y * scale);
}

test.describe('three stills', () => {
  test.use({ finder: true });

  test('of heel, middle and point give a take of their own', async ({ page }) => {
    const stills = [
      ['heel', 'settled.profile'],
      ['middle', 'lost-little-finger.profile'],
      ['point', 'cello.profile'],
    ] as const;
    await openStroke(page);
    await press(page, 'Add a take');
    await press(page, 'Three stills');
    await expect(button(page, 'Mark them')).toBeDisabled();
    const chooser = page.waitForEvent('filechooser');
    await press(page, 'Choose the picture at the heel');
    await (await chooser).setFiles(picture('settled.profile.json'));
    await expect(page.getByRole('alert')).toContainText('This file is not a picture');
    for (const [place, name] of stills) await chooseStill(page, place, picture(`${name}.jpg`));
    await expectAccessible(page, 'three stills');
    await press(page, 'Mark them');
    for (const [, name] of stills) {
      const { image, points2d } = truthOf(name);
      const [wrist, forearm] = [points2d.wrist!, points2d.forearm!];
      const near = [0, 1].map((k) => wrist[k]! + 0.3 * (forearm[k]! - wrist[k]!));
      // Where the finder saw no hand, it is marked by hand as well.
      const guide = page.getByRole('status', { name: 'What to touch' });
      if ((await guide.textContent())!.includes('Touch the wrist')) {
        await touch(page, image, [wrist, points2d.middleMcp!]);
      }
      await touch(page, image, [near as [number, number], forearm]);
    }
    await press(page, 'Read the curve');
    for (const [place, name] of stills) {
      const label = await page
        .getByRole('img', { name: new RegExp(`^The wrist at the ${place}: `) })
        .first()
        .getAttribute('aria-label');
      const read = Number(/: (−?\d+)°/.exec(label!)![1]!.replace('−', '-'));
      expect(Math.abs(read - truthOf(name).trueFlexionDeg.wrist)).toBeLessThanOrEqual(7);
    }
    await press(page, 'Keep this take');
    await expect(button(page, 'Add a take')).toBeVisible();
    await page.reload();
    await expect(page.getByRole('status', { name: 'Wrist over a stroke' })).toContainText(/wrist/);
  });
});

test('three stills from the front tell the bow’s path, and are kept', async ({ page }) => {
  await openStroke(page);
  await press(page, 'Add a take');
  await page.getByRole('radio', { name: 'The bow’s path, from the front' }).click();
  await press(page, 'Three stills');
  const file = picture('settled.finger-side.jpg');
  const { image } = truthOf('settled.finger-side');
  for (const place of ['heel', 'middle', 'point']) await chooseStill(page, place, file);
  await press(page, 'Mark them');
  // An upright string at 600 px; the bow crosses it at its heel, middle and point, its tip higher and higher.
  const string = [
    [600, 200],
    [600, 700],
  ] as const;
  const bow = (handX: number, deg: number) => {
    const rise = Math.tan((deg * Math.PI) / 180);
    const at = (x: number) => [x, 450 - (x - 600) * rise] as const;
    return [at(handX), at(handX + 560)];
  };
  await touch(page, image, [...bow(550, 0), ...string]);
  await touch(page, image, bow(300, 6));
  await touch(page, image, bow(60, 14));
  await press(page, 'Read the curve');
  await expect(page.getByText(/the point drifts toward the scroll\.$/)).toBeVisible();
  const point = page.getByRole('img', { name: /^The bow on the string at the point: 14° ± / });
  await expect(point).toBeVisible();
  await expectAccessible(page, 'the bow’s path');
  await press(page, 'Keep this take');
  await expect(button(page, 'Add a take')).toBeVisible();
  await page.reload();
  await expect(point).toBeVisible();
});

test('a clip from the front tells the bow’s path over a stroke, and is scrubbed through', async ({
  page,
}) => {
  await openStroke(page);
  // Without the finder its frames are picked evenly.
  await openClip(page, clipFile('odd/turned.mp4'), 'The bow’s path, from the front');
  await expect(page.getByText('Touch the hand end of the stick.')).toBeVisible({ timeout: 30_000 });
  const clip = { width: 640 };
  const string = [
    [320, 60],
    [320, 400],
  ] as const;
  // First turn, second turn, middle: the tip rises toward the point.
  await touch(page, clip, [[300, 240], [600, 240], ...string]);
  await touch(page, clip, [
    [40, 262],
    [340, 210],
  ]);
  await touch(page, clip, [
    [170, 252],
    [470, 226],
  ]);
  await press(page, 'Read the curve');
  await expect(page.getByText(/the point drifts toward the scroll\.$/)).toBeVisible();
  await page.getByRole('slider', { name: 'Time in the clip' }).focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(
    page.getByText(/^At \d\.\d\d s the bow is \d+° ± \d+° from square\.$/),
  ).toBeVisible();
});

test('string crossings: a drill over the levels, a tap for each string, kept without a network', async ({
  page,
  context,
}) => {
  await openStroke(page);
  const told = page.getByRole('status', { name: 'String crossings' });
  await expect(told).toContainText('One slow stroke on each string');
  await page.clock.install();
  await press(page, 'Play the drill');
  const heard: string[] = [];
  for (let i = 0; i < 7; i += 1) {
    heard.push((await told.textContent())!);
    await page.clock.runFor(4000);
  }
  expect(heard.map((text) => text[0])).toEqual(['G', 'D', 'A', 'E', 'A', 'D', 'G']);
  await press(page, 'Stop');

  const answer = (string: string, elbow: string) =>
    page
      .getByRole('radiogroup', { name: `Elbow on the ${string} string` })
      .getByRole('radio', { name: elbow })
      .click();
  await answer('G', 'dropped');
  await answer('D', 'level');
  await answer('A', 'level');
  await answer('E', 'raised');
  await expect(told).toContainText('The elbow does not come up to the G string.');
  await expect(told).toContainText('The elbow stays up on the E string.');
  await context.setOffline(true);
  await press(page, 'Keep this');
  await expect(told).toContainText('Last looked at today');
  await context.setOffline(false);
  await page.clock.runFor(30_000);
  await expect(page.getByText(/waits? on this device/)).toBeHidden();
  await page.reload();
  await expect(told).toContainText('The elbow stays up on the E string.');
});

test('a bass may have a fifth string', async ({ page }) => {
  await openStroke(page, 'Bram');
  await expect(page.getByRole('radiogroup', { name: 'Elbow on the B string' })).toBeHidden();
  await page.getByRole('checkbox', { name: 'Five strings' }).click();
  await expect(page.getByRole('radiogroup', { name: 'Elbow on the B string' })).toBeVisible();
});
