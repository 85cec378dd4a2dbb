import { v7 as uuidv7 } from 'uuid';
import type { Browser, Page } from '@playwright/test';
import { expect } from './test';
import { put } from './putStudent';
import { button, openSection, press } from './teacher';
import type { RunningStudio } from './studio';

/** A day so many days from today, on this machine's calendar. */
export function dayFromNow(days: number): string {
  const at = new Date();
  at.setDate(at.getDate() + days);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
}

/** Writes down a plan of the last five days, with the lesson tomorrow unless told. */
export async function putPlan(
  studio: RunningStudio,
  { id: studentId, setupId }: { id: string; setupId: string },
  lessonIn = 1,
): Promise<string> {
  const id = uuidv7();
  const drill = (name: string, turns: number) => ({
    drill: name,
    stage: 1,
    turns,
    minutesATurn: 1,
    load: 0,
  });
  await put(studio, `/api/log/${id}`, {
    id,
    studentId,
    setupId,
    madeAt: new Date(Date.now() - 6 * 86_400_000).toISOString(),
    kind: 'plan',
    replaces: null,
    called: 'Tam',
    lesson: dayFromNow(lessonIn),
    minutesADay: 6,
    withoutInstrument: [],
    has: [],
    causes: { thumbOnItsPad: 0.7 },
    stages: {},
    days: [-5, -4, -3, -2, -1].map((n) => ({
      on: dayFromNow(n),
      phase: 1,
      drills: [drill('thumb-release', 2), drill('shake-and-form', 1)],
    })),
  });
  return id;
}

/** Opens a card as a phone without any network does, at five in the afternoon of a day. */
export async function openCard(browser: Browser, file: string, day: string): Promise<Page> {
  const context = await browser.newContext({
    viewport: { width: 390, height: 844 },
    offline: true,
    hasTouch: true,
    reducedMotion: 'reduce',
  });
  const page = await context.newPage();
  const faults: string[] = [];
  page.on('pageerror', (error) => faults.push(error.message));
  page.on('console', (message) => message.type() === 'error' && faults.push(message.text()));
  page.on('request', (request) => {
    if (!/^(file|data|blob):/.test(request.url())) faults.push(request.url());
  });
  page.on('close', () => expect(faults).toEqual([]));
  await page.clock.setFixedTime(new Date(`${day}T17:00:00`));
  await page.goto(`file://${file}`);
  return page;
}

/** Keeps the card that is given, as a file of its own. */
export async function givenCard(page: Page, button: string, file: string): Promise<void> {
  const given = page.waitForEvent('download');
  await page.getByRole('button', { name: button, exact: true }).click();
  await (await given).saveAs(file);
}

/** What comes late in a hand file moves what is below it: nothing is pressed before it is there. */
export async function settled(page: Page): Promise<void> {
  await page.waitForLoadState('networkidle');
  await expect(page.getByTestId('drawing-waits').filter({ visible: true })).toHaveCount(0);
}

/** Opens a student's plan from the list. */
export const openPractice = async (page: Page, name: string) => {
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: `Open ${name}’s hand file` }).click();
  await openSection(page, 'Agreed');
  await button(page, /^(See the plan|Plan practice)$/).waitFor();
  await settled(page);
  await press(page, /^(See the plan|Plan practice)$/);
};
