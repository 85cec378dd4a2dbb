import { expect, type Locator, type Page } from '@playwright/test';
import { openFileOf } from './lookAtHold';

/** What is seen on a screen of the stack: those below it stay mounted. */
export const button = (page: Page, name: string | RegExp, exact = true) =>
  page.getByRole('button', { name, exact }).filter({ visible: true }).first();

export const press = (page: Page, name: string | RegExp, exact = true) =>
  button(page, name, exact).click();

/** Opens a section of the hand file. What comes late in it moves what is below, at times from under the touch: it is touched again then. */
export async function openSection(
  page: Page,
  name: 'Now' | 'Weeks' | 'Agreed' | 'Looks',
): Promise<void> {
  const tab = page.getByRole('tab', { name: new RegExp(`^${name}`) }).filter({ visible: true });
  await expect(async () => {
    await tab.click();
    await expect(tab).toHaveAttribute('aria-selected', 'true', { timeout: 2000 });
  }).toPass();
}

/** Goes to a tool of the hand file. */
export async function openTool(page: Page, name: string): Promise<void> {
  await press(page, 'Tools');
  await press(page, name);
}

/** Begins a look without a camera: this is how the next one on this device begins. */
export async function lookByTap(page: Page, student: string): Promise<void> {
  await openFileOf(page, student);
  await press(page, 'Look at the hold');
  const byTap = button(page, 'By tap');
  await byTap
    .or(page.getByText('Station 1 of 5').filter({ visible: true }))
    .first()
    .waitFor();
  if (await byTap.isVisible()) await byTap.click();
}

/** The part of the drawn hand that a checkpoint belongs to. */
const PART_OF: Readonly<Record<string, string>> = {
  'Bend of the last joint': 'Bend of the thumb',
  'Part of the thumb on the stick': 'Tip of the thumb',
  'Against the middle finger': 'Place of the thumb',
  'Index: depth': 'Index',
  'Middle finger: depth': 'Middle finger',
  'Ring finger: depth': 'Ring finger',
  'Where the tip rests': 'Its tip',
  Depth: 'Its tip',
  'Little finger: bend of the last joint': 'Its bend',
  'Wrist up or down': 'Wrist',
};

/** Touches a part of the hand by its name. */
export const openPart = (page: Page, part: string) => press(page, new RegExp(`^${part}: `), false);

/** One answer brings back to the station. */
const backAtStation = (page: Page) =>
  page
    .getByText(/^Station \d of \d$/)
    .filter({ visible: true })
    .waitFor();

async function openCheckpoint(page: Page, name: string, answers: Locator): Promise<void> {
  await openPart(page, PART_OF[name]!);
  const more = button(page, 'Something else about it');
  await answers.or(more).first().waitFor();
  if (!(await answers.isVisible())) await more.click();
}

/** Answers one checkpoint of the station that is open. */
export async function answerCheckpoint(page: Page, name: string, choice: string): Promise<void> {
  const answers = page
    .getByRole('radiogroup', { name: new RegExp(`${name}$`, 'i') })
    .filter({ visible: true });
  await openCheckpoint(page, name, answers);
  await answers.getByRole('radio', { name: choice, exact: true }).click();
  await backAtStation(page);
}

/** Touches a drawn finger at a share of its length from its tip. */
export async function touchFinger(
  page: Page,
  name: string,
  fromTip: number,
  sliderName = name,
): Promise<void> {
  const slider = page.getByRole('slider', { name: sliderName });
  await openCheckpoint(page, name, slider);
  // Where it stands once it stands still.
  await slider.click({ trial: true });
  const box = (await slider.boundingBox())!;
  await page.mouse.click(box.x + box.width / 2, box.y + box.height * (1 - fromTip));
  await backAtStation(page);
}

/** Everything from this station on is fine, up to the result or what stands for it. */
export async function restIsFine(page: Page): Promise<void> {
  const station = page.getByText(/^Station \d of 5$/).filter({ visible: true });
  while (await station.isVisible()) {
    const before = await station.innerText();
    await page
      .getByRole('button', { name: /^(All fine here|Rest is fine|Go on)$/ })
      .filter({ visible: true })
      .last()
      .click();
    await page
      .getByText(before, { exact: true })
      .filter({ visible: true })
      .waitFor({ state: 'hidden' });
  }
  const done = page.getByRole('button', { name: /^(The look is done|Save this look)$/ });
  await done.filter({ visible: true }).waitFor();
}
