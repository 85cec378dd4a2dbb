import type { Page } from '@playwright/test';
import { openLook } from './lookAtHold';

/** What is seen on a screen of the stack: those below it stay mounted. */
export const button = (page: Page, name: string | RegExp, exact = true) =>
  page.getByRole('button', { name, exact }).filter({ visible: true }).first();

export const press = (page: Page, name: string | RegExp, exact = true) =>
  button(page, name, exact).click();

/** Opens a section of the hand file. */
export const openSection = (page: Page, name: 'Now' | 'Weeks' | 'Agreed' | 'Looks') =>
  page
    .getByRole('tab', { name: new RegExp(`^${name}`) })
    .filter({ visible: true })
    .click();

/** Goes to a tool of the hand file. */
export async function openTool(page: Page, name: string): Promise<void> {
  await press(page, 'Tools');
  await press(page, name);
}

/** Begins a look without a camera. */
export async function lookByTap(page: Page, student: string): Promise<void> {
  await openLook(page, student);
  await press(page, 'By tap');
}

/** Answers one checkpoint of the station that is open. */
export async function answerCheckpoint(page: Page, name: string, choice: string): Promise<void> {
  await page
    .getByRole('link', { name: `Answer: ${name}` })
    .filter({ visible: true })
    .click();
  await page.getByRole('radio', { name: choice, exact: true }).filter({ visible: true }).click();
  // The next checkpoint is asked at once: one goes back to the station from it.
  const station = page.getByText(/^Station \d of \d$/).filter({ visible: true });
  if (!(await station.isVisible())) await press(page, 'Back');
  await station.waitFor();
}

/** Touches a drawn finger at a share of its length from its tip. */
export async function touchFinger(
  page: Page,
  name: string,
  fromTip: number,
  sliderName = name,
): Promise<void> {
  await page
    .getByRole('link', { name: `Answer: ${name}` })
    .filter({ visible: true })
    .click();
  const slider = page.getByRole('slider', { name: sliderName });
  // Where it stands once it stands still.
  await slider.click({ trial: true });
  const box = (await slider.boundingBox())!;
  await page.mouse.click(box.x + box.width / 2, box.y + box.height * (1 - fromTip));
  const station = page.getByText(/^Station \d of \d$/).filter({ visible: true });
  if (!(await station.isVisible())) await press(page, 'Back');
  await station.waitFor();
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
