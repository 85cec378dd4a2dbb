import { expect, type Page } from '@playwright/test';
import type { DemoPicture } from './lookAtHold';
import { press } from './teacher';

/** Waits until the hand finder has said what it has to say. */
export async function finderIsDone(page: Page): Promise<void> {
  await expect(page.getByText(/^(Getting the hand finder ready|Looking for the hand)/)).toHaveCount(
    0,
  );
}

/** What the page asks about now. */
export const asked = (page: Page) => page.getByText(/^A guess: is it right\?/);

/** The guesses that are looked at now, as their marks tell them: px of the picture. */
export async function guesses(page: Page): Promise<Record<string, [number, number]>> {
  const labels = await page
    .getByRole('button', { name: /, a guess, at \d+, \d+$/ })
    .evaluateAll((marks) => marks.map((mark) => mark.getAttribute('aria-label')!));
  return Object.fromEntries(
    labels.map((label) => {
      const [, name, x, y] = /^(.*), a guess, at (\d+), (\d+)$/.exec(label)!;
      return [name!, [Number(x), Number(y)]];
    }),
  );
}

/** Calls every guess right that is asked about, and gives all of them by name. */
export async function callAllRight(page: Page): Promise<Record<string, [number, number]>> {
  const all: Record<string, [number, number]> = {};
  while (await asked(page).isVisible()) {
    const before = await asked(page).innerText();
    Object.assign(all, await guesses(page));
    await press(page, 'Right');
    await expect(page.getByText(before, { exact: true })).toHaveCount(0);
  }
  return all;
}

/** Where a place of the picture is on the screen, however it is zoomed. */
export async function onZoomed(
  page: Page,
  picture: DemoPicture,
  [x, y]: readonly [number, number],
): Promise<{ x: number; y: number }> {
  const box = (await page.getByTestId('picture').boundingBox())!;
  const scale = box.width / picture.image.width;
  return { x: box.x + x * scale, y: box.y + y * scale };
}

/** A guess nearer than this to its joint is called right, px of a demo picture. */
const LETS_PASS_PX = 14;

/**
 * Looks at every guess as a careful person does: drags what is off to where it truly is, then calls it right.
 *
 * @returns how many guesses were dragged
 */
export async function confirmCarefully(page: Page, picture: DemoPicture): Promise<number> {
  let dragged = 0;
  while (await asked(page).isVisible()) {
    const before = await asked(page).innerText();
    for (const name of Object.keys(await guesses(page))) {
      const truth = picture.points2d[POINT_OF[name]!]!;
      // Whoever looks carefully sees where a mark was let go, and moves it again.
      for (let i = 0; i < 4 && (await isOff(page, name, truth)); i += 1) {
        await dragGuess(page, picture, (await guesses(page))[name]!, truth);
        if (i === 0) dragged += 1;
      }
    }
    await press(page, 'Right');
    await expect(page.getByText(before, { exact: true })).toHaveCount(0);
  }
  return dragged;
}

async function isOff(page: Page, name: string, truth: readonly [number, number]): Promise<boolean> {
  const at = (await guesses(page))[name];
  return at !== undefined && Math.hypot(at[0] - truth[0], at[1] - truth[1]) > LETS_PASS_PX;
}

async function dragGuess(
  page: Page,
  picture: DemoPicture,
  at: readonly [number, number],
  truth: readonly [number, number],
): Promise<void> {
  const from = await onZoomed(page, picture, at);
  const to = await onZoomed(page, picture, truth);
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move((from.x + to.x) / 2, (from.y + to.y) / 2);
  await page.mouse.move(to.x, to.y);
  await page.mouse.up();
}

/** How far guesses are off in the median, px. */
export function medianOff(
  told: Record<string, [number, number]>,
  truthOf: (point: string) => readonly [number, number],
): number {
  const off = Object.entries(told).map(([name, [x, y]]) => {
    const truth = truthOf(POINT_OF[name]!);
    return Math.hypot(x - truth[0], y - truth[1]);
  });
  return off.sort((a, b) => a - b)[off.length >> 1]!;
}

const JOINTS = { knuckle: 'Mcp', 'middle joint': 'Pip', 'last joint': 'Dip', tip: 'Tip' };
const FINGERS = {
  Index: 'index',
  'Middle finger': 'middle',
  'Ring finger': 'ring',
  'Little finger': 'little',
};

/** The points by the names that the app gives them. */
export const POINT_OF: Record<string, string> = {
  Wrist: 'wrist',
  'Thumb: root, at the wrist': 'thumbCmc',
  'Thumb: middle joint': 'thumbMcp',
  'Thumb: last joint': 'thumbIp',
  'Thumb: tip': 'thumbTip',
  'Stick: its middle, near the button': 'stickHandEnd',
  'Stick: its middle, toward the tip': 'stickTipEnd',
  'Frog: front edge': 'frogFront',
  'Frog: back edge': 'frogBack',
  ...Object.fromEntries(
    Object.entries(FINGERS).flatMap(([finger, id]) =>
      Object.entries(JOINTS).map(([joint, suffix]) => [`${finger}: ${joint}`, `${id}${suffix}`]),
    ),
  ),
};
