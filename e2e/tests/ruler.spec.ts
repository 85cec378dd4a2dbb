import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { expectAccessible } from '../support/expectAccessible';
import { choosePicture, onScreen, type DemoPicture } from '../support/lookAtHold';
import { press } from '../support/teacher';
import { expect, test } from '../support/test';

const WIDTH = 1200;

/** The page as the app itself draws it, as a photograph taken from right above, and where its crosses are. */
async function photograph(
  page: Page,
): Promise<{ picture: DemoPicture; crosses: [number, number][] }> {
  await page.locator('svg[viewBox^="-12 "]').waitFor();
  const taken = await page.evaluate(async (width) => {
    const svg = document.querySelector<SVGSVGElement>('svg[viewBox^="-12 "]')!;
    const [left, top, across, down] = svg.getAttribute('viewBox')!.split(' ').map(Number) as [
      number,
      number,
      number,
      number,
    ];
    const scale = width / across;
    const crosses = [...svg.querySelectorAll('g > line:first-child')].map((line) => {
      const at = (name: string) => Number(line.getAttribute(name));
      return [((at('x1') + at('x2')) / 2 - left) * scale, (at('y1') - top) * scale];
    });
    const copy = svg.cloneNode(true) as SVGSVGElement;
    copy.setAttribute('width', String(width));
    copy.setAttribute('height', String(down * scale));
    const image = new Image();
    image.src = `data:image/svg+xml,${encodeURIComponent(new XMLSerializer().serializeToString(copy))}`;
    await image.decode();
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [width, Math.round(down * scale)];
    canvas.getContext('2d')!.drawImage(image, 0, 0);
    return { png: canvas.toDataURL('image/png').split(',')[1]!, height: canvas.height, crosses };
  }, WIDTH);
  const file = join(mkdtempSync(join(tmpdir(), 'ruler-')), 'page.png');
  writeFileSync(file, Buffer.from(taken.png, 'base64'));
  const picture = { file, image: { width: WIDTH, height: taken.height }, points2d: {} };
  return { picture, crosses: taken.crosses as [number, number][] };
}

async function touchCrosses(
  page: Page,
  picture: DemoPicture,
  crosses: readonly [number, number][],
  slip: (i: number) => [number, number],
): Promise<void> {
  for (const [i, [x, y]] of crosses.entries()) {
    await expect(page.getByText(`${i} of ${crosses.length}`)).toBeVisible();
    const [dx, dy] = slip(i);
    const at = await onScreen(page, picture, [x + dx, y + dy]);
    await page.mouse.click(at.x, at.y);
  }
}

test('a printed page tells how well this device measures, and the doubt of a touch follows it', async ({
  page,
  studio,
}) => {
  await page.goto(`${studio.url}/studio/ruler`);
  await expect(page.getByText('Not checked on this device yet')).toBeVisible();
  await expectAccessible(page, 'checking the ruler');
  const printed = page.waitForEvent('download');
  await press(page, 'Page for A4');
  expect((await printed).suggestedFilename()).toBe('open-palm-ruler-a4.pdf');

  const { picture, crosses } = await photograph(page);
  expect(crosses).toHaveLength(17);
  await press(page, 'Take its picture');
  await choosePicture(page, picture.file);
  await expect(page.getByRole('heading', { name: /^Touch the cross 0/ })).toBeVisible();
  await touchCrosses(page, picture, crosses, () => [0, 0]);
  await press(page, 'Read the result');
  // Touched to within a pixel of the screen, which is three of the picture.
  const said = page.getByRole('heading', { name: /^On this page the bends were told/ });
  const [, bend, length] = /± ([\d.]+)° and the lengths to ± ([\d.]+) %/.exec(
    (await said.textContent())!,
  )!;
  expect(Number(bend)).toBeLessThan(1.5);
  expect(Number(length)).toBeLessThan(2);
  await expect(page.getByText(/The usual doubt stays/)).toBeVisible();
  await expect(page.getByText(/from right above/)).toHaveCount(0);
  await expectAccessible(page, 'what the ruler has told');

  // A clumsy finger: the doubt of its touches grows.
  await press(page, 'Touch them again');
  await touchCrosses(page, picture, crosses, (i) => [i % 2 ? 14 : -14, i % 3 ? 12 : -12]);
  await press(page, 'Read the result');
  await expect(page.getByText(/count with the larger doubt from now on/)).toBeVisible();
  // Its slips look like a tilt of twelve degrees, and are none.
  await expect(page.getByText(/from right above/)).toHaveCount(0);
  await press(page, 'Keep this');
  await expect(page.getByText('Checked today')).toBeVisible();
  await page.reload();
  await expect(page.getByText('Checked today')).toBeVisible();
  await press(page, 'Back to the usual doubt');
  await expect(page.getByText('Not checked on this device yet')).toBeVisible();
});

test('crosses that were taken for others are no picture of the page', async ({ page, studio }) => {
  await page.goto(`${studio.url}/studio/ruler`);
  const { picture, crosses } = await photograph(page);
  await press(page, 'Take its picture');
  await choosePicture(page, picture.file);
  await touchCrosses(page, picture, [...crosses].reverse(), () => [0, 0]);
  await expect(page.getByText(/no picture of the page/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Read the result' })).toBeDisabled();
});
