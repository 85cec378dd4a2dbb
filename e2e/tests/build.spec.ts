import { openTool, press } from '../support/teacher';
import { expect, test } from '../support/test';

test('the hold is built step by step in the chosen order, timed, and the order remembered', async ({
  page,
}) => {
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: /Open Tilda/ }).click();
  await openTool(page, 'Build it step by step');
  await page.getByRole('radio', { name: 'Palm up, then turned over' }).click();
  await page.getByRole('radio', { name: '3 times' }).click();
  await press(page, 'Start');
  await expect(page.getByText(/^Step 1 of \d+ · Round 1 of 3$/)).toBeVisible();
  const progress = await page.getByText(/^Step 1 of \d+ · /).innerText();
  const steps = Number(/of (\d+)/.exec(progress)![1]);
  for (let round = 1; round <= 3; round += 1) {
    for (let step = 1; step <= steps; step += 1) {
      await expect(page.getByText(`Step ${step} of ${steps} · Round ${round} of 3`)).toBeVisible();
      await press(page, 'Done');
    }
  }
  await expect(page.getByText(/^3 times, in \d+\.\d s\./)).toBeVisible();
  await press(page, 'To the hand file');
  await openTool(page, 'Build it step by step');
  await expect(page.getByText('Last time: palm up, then turned over.')).toBeVisible();
  await expect(page.getByRole('radio', { name: 'Palm up, then turned over' })).toBeChecked();
});

test('the hold is built on a pencil by the same steps, without a frog', async ({ page }) => {
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: /Open Tilda/ }).click();
  await openTool(page, 'Build it step by step');
  await page.getByRole('radio', { name: 'Thumb first' }).click();
  await page.getByRole('radio', { name: 'a pencil or thick marker' }).click();
  await press(page, 'Start');
  for (let step = 1; step < 4; step += 1) await press(page, 'Done');
  await expect(
    page.getByRole('heading', { name: /^Seat its tip (on|under) the pencil$/ }),
  ).toBeVisible();
  await expect(page.getByText(/frog|metal/).filter({ visible: true })).toHaveCount(0);
  while (!(await page.getByRole('heading', { name: /^Stretch all joints/ }).isVisible())) {
    await press(page, 'Done');
  }
  await press(page, 'Done');
  await expect(page.getByText(/^Once, in \d+\.\d s\./)).toBeVisible();
});

test('the bow tells the names of its parts when it is touched', async ({ page }) => {
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: /Open Tilda/ }).click();
  await openTool(page, 'Build it step by step');
  await press(page, 'The parts of the bow');
  const bow = (await page.getByRole('img', { name: 'The parts of the bow' }).boundingBox())!;
  const touch = (xMm: number, yMm: number) =>
    page.mouse.click(
      bow.x + ((xMm + 66) / 142) * bow.width,
      bow.y + ((yMm + 14) / 42) * bow.height,
    );
  for (const [x, y, name] of [
    [-55, 0, 'Button'],
    [-27, 13, 'Eye'],
    [-4, 19, 'Ferrule'],
    [-38, 10, 'Frog'],
    [15, 0, 'Grip'],
    [60, 18, 'Hair'],
  ] as const) {
    await touch(x, y);
    await expect(page.getByRole('heading', { name, exact: true })).toBeVisible();
  }
});
