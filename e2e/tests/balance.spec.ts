import { dragBy, forceIn, handle, openBalance, placeOf, told } from '../support/balance';
import { expectAccessible } from '../support/expectAccessible';
import { answerCheckpoint, lookByTap, press } from '../support/teacher';
import { expect, test } from '../support/test';

test('dragging the index toward the thumb makes it press as much more as its lead is less', async ({
  page,
}) => {
  await openBalance(page, 'Ines');
  await expect(page.getByText(/As last seen: thumb/)).toBeVisible();
  await expect(told(page)).toContainText('the index presses');
  const lead = async () =>
    (await placeOf(page, 'Index on the stick')) - (await placeOf(page, 'Thumb on the stick'));
  const before = { force: forceIn(await told(page).innerText()), lead: await lead() };

  await dragBy(page, 'Index on the stick', -28);
  const after = { force: forceIn(await told(page).innerText()), lead: await lead() };
  expect(after.lead).toBeLessThan(before.lead - 8);
  // Far from the frog index and thumb carry all of it: force × lead is the moment of the string, which stays.
  // Places are told in whole millimetres.
  expect(after.force / before.force).toBeGreaterThan((before.lead - 1) / (after.lead + 1));
  expect(after.force / before.force).toBeLessThan((before.lead + 1) / (after.lead - 1));

  // Side by side, with one sentence from the same numbers.
  const sentence = page.getByText(/^Index \d+\smm → \d+\smm ahead of the thumb: the index presses/);
  // It follows the drag a frame later, or more where the machine is busy.
  await expect(sentence).toHaveText(
    new RegExp(
      `presses ${after.force.toFixed(1)}\\sN instead of ${before.force.toFixed(1)}\\sN`.replaceAll(
        '.',
        '\\.',
      ),
    ),
  );
  await expect(page.getByRole('img', { name: 'Today' })).toBeVisible();
  await press(page, 'Back to today');
  expect(forceIn(await told(page).innerText())).toBe(before.force);
});

test('nearer the heel the little finger carries instead of the index; louder is more, softer less', async ({
  page,
}) => {
  await openBalance(page, 'Ines');
  const middle = forceIn(await told(page).innerText());
  await handle(page, 'How loud').press('Shift+ArrowRight');
  expect(forceIn(await told(page).innerText())).toBeGreaterThan(middle);
  await dragBy(page, 'Where the string is', -150);
  expect(await placeOf(page, 'Where the string is')).toBeLessThan(60);
  await expect(told(page)).toContainText('the little finger presses');
});

test('in the air: the tip is raised, the hand slides up, and without a little finger nothing holds it', async ({
  page,
}) => {
  await openBalance(page, 'Ines');
  await page.getByRole('radio', { name: 'in the air' }).click();
  await expect(told(page)).toContainText('In the air the little finger carries');
  const level = forceIn(await told(page).innerText());
  await dragBy(page, 'Tilt of the bow', -60, -200);
  const raised = Number(await handle(page, 'Tilt of the bow').getAttribute('aria-valuenow'));
  expect(raised).toBeGreaterThan(20);
  const less = forceIn(await told(page).innerText());
  expect(less / level).toBeCloseTo(Math.cos((raised * Math.PI) / 180), 1);

  for (let i = 0; i < 20; i += 1) await handle(page, 'Tilt of the bow').press('Shift+ArrowDown');
  await dragBy(page, 'Hand up the stick', 30);
  expect(forceIn(await told(page).innerText())).toBeLessThan(level);
  await expect(
    page.getByText(/^Hand \d+\smm up the stick: the little finger presses/),
  ).toBeVisible();
  await press(page, 'Back to today');

  await page.getByRole('checkbox', { name: 'little finger' }).click();
  await page.getByRole('checkbox', { name: 'ring finger' }).click();
  await expect(
    page.getByText('With nothing on the bow behind the thumb, nothing holds the tip up.').first(),
  ).toBeVisible();
});

test('a cello’s weight across the strings falls on an index that is too near; a left hand is mirrored', async ({
  page,
}) => {
  await openBalance(page, 'Linnea');
  const across = page.getByText(/^The bow also hangs across the strings\./);
  const before = forceIn(await across.innerText());
  // The tip is to the left: ahead is to the left.
  await dragBy(page, 'Index on the stick', -40);
  expect(forceIn(await across.innerText())).toBeLessThan(before * 0.6);
  await expect(page.getByText(/^Index 10\smm → \d+\smm ahead of the thumb: /)).toBeVisible();
});

test('the bow is weighed in three steps, doubted where it is unlike its kind, refused where it is none, and kept', async ({
  page,
}) => {
  await openBalance(page, 'Ines');
  await expect(page.getByText(/^Violin bow: 60 g ± \d \(estimate\)/)).toBeVisible();
  await press(page, 'Weigh this bow');
  const next = page.getByRole('button', { name: 'Next' });
  const mass = page.getByLabel('What it weighs, g');
  for (const [text, sentence] of [
    ['0', /between 15 and 300 g/],
    ['-60', /between 15 and 300 g/],
    ['5000', /between 15 and 300 g/],
    ['heavy', /A number is needed/],
  ] as const) {
    await mass.fill(text);
    await expect(page.getByRole('alert')).toContainText(sentence);
    await expect(next).toBeDisabled();
  }
  await mass.fill('41');
  await expect(page.getByText(/A 1\/4 bow would be like this/)).toBeVisible();
  await mass.fill('57,5');
  await expect(page.getByText(/Such bows usually lie between 50 g and 70 g/)).toBeVisible();
  await next.click();
  await page.getByLabel(/balance point/).fill('900');
  await expect(page.getByRole('alert')).toContainText('beyond the end of such a bow');
  await page.getByLabel(/balance point/).fill('236');
  await next.click();
  await press(page, 'Keep this bow');
  await expect(
    page.getByText('Violin bow: 57.5 g (measured), balances 236 mm (measured)', { exact: false }),
  ).toBeVisible();

  await page.reload();
  await expect(page.getByText(/57\.5 g \(measured\)/)).toBeVisible();
});

test('a child begins the tip raise further up the stick, and the test says so', async ({
  page,
}) => {
  await openBalance(page, 'Tobin');
  const advice = page.getByText(/^Begin \d+\smm up the stick, then move down/);
  await expect(advice).toBeVisible();
  const sentence = await advice.innerText();
  await expect(page.getByText('Comfort caps are those of a child under twelve.')).toBeVisible();

  await page.goto(page.url().replace(/\/students.*/, ''));
  await lookByTap(page, 'Tobin Wrenfield');
  await answerCheckpoint(page, 'Bend of the last joint', 'bent backward');
  await press(page, 'Rest is fine');
  for (let station = 2; station < 5; station += 1) await press(page, 'All fine here');
  await press(page, 'Whole-hand tests');
  await page.getByRole('button', { name: 'Do the test: Raise the tip' }).click();
  await expect(page.getByText(sentence)).toBeVisible();
});

for (const [colorScheme, viewport] of [
  ['light', { width: 390, height: 844 }],
  ['dark', { width: 1280, height: 800 }],
] as const) {
  test.describe(`${colorScheme}, ${viewport.width} px wide`, () => {
    test.use({ colorScheme, viewport });

    test('the lever and the weighing pass axe', async ({ page }) => {
      await openBalance(page, 'Bram');
      await press(page, 'Index 10 mm further ahead');
      await press(page, 'As a table: Over the stroke');
      await press(page, 'As a table: What the hand does');
      await press(page, 'More settings');
      await expectAccessible(page, 'balance');
      await press(page, 'Weigh this bow');
      await page.getByLabel('What it weighs, g').fill('90');
      await expectAccessible(page, 'weighing');
    });
  });
}
