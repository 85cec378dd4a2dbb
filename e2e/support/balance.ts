import type { Locator, Page } from '@playwright/test';
import { openTool } from './teacher';

/** Opens a demo student's bow as a lever. */
export async function openBalance(page: Page, student: string): Promise<void> {
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: new RegExp(`Open ${student}`) }).click();
  await openTool(page, 'The bow as a lever');
  await page.getByRole('heading', { name: 'Balance' }).waitFor();
}

export const handle = (page: Page, name: string): Locator =>
  page.getByRole('slider', { name, exact: true });

/** Takes hold of something and moves it, CSS px. */
export async function dragBy(page: Page, name: string, right: number, down = 0): Promise<void> {
  await handle(page, name).scrollIntoViewIfNeeded();
  const box = (await handle(page, name).boundingBox())!;
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + right / 2, y + down / 2);
  await page.mouse.move(x + right, y + down);
  await page.mouse.up();
}

/** What the hand is said to do now. */
export const told = (page: Page): Locator => page.getByRole('status', { name: 'Balance' });

/** The first force in a sentence, N. */
export function forceIn(sentence: string): number {
  const found = /(\d+\.\d)(?:\s±\s\d+\.\d)?\sN/.exec(sentence);
  if (!found) throw new Error(`no force in “${sentence}”`);
  return Number(found[1]);
}

/** Where a handle is, mm: what it tells to those who cannot see it. */
export async function placeOf(page: Page, name: string): Promise<number> {
  const text = (await handle(page, name).getAttribute('aria-valuetext'))!;
  const found = /(\d+)\smm (ahead|behind)/.exec(text);
  if (!found) throw new Error(`no place in “${text}”`);
  return Number(found[1]) * (found[2] === 'ahead' ? 1 : -1);
}
