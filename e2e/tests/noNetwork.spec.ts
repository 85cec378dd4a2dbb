import { execFileSync } from 'node:child_process';
import { expect, test, type BrowserContext, type Page } from '@playwright/test';
import { freshProfile, openBrowser } from '../support/ownBrowser';
import { asked, callAllRight, finderIsDone } from '../support/finder';
import { choosePicture, demoPicture, openLook, placePoints } from '../support/lookAtHold';
import { portOf, startStudio, type RunningStudio } from '../support/studio';
import { answerCheckpoint, button, lookByTap, press, restIsFine } from '../support/teacher';

const BOW = ['stickHandEnd', 'stickTipEnd', 'frogFront', 'frogBack'];

let studio: RunningStudio;
test.beforeEach(async () => {
  studio = await startStudio();
});
test.afterEach(() => studio.stop());

async function openApp(context: BrowserContext): Promise<Page> {
  const page = await context.newPage();
  await page.goto(studio.url);
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  return page;
}

/** Until the service worker has kept the app, and every hand file has been read once. */
async function isRemembered(page: Page): Promise<void> {
  const known = () =>
    page.evaluate(async () => {
      const cache = await caches.open('studio-answers');
      return (await cache.keys()).filter(({ url }) => url.includes('?setup=')).length;
    });
  // Thirty-six students with thirty-seven instruments.
  await expect.poll(known, { timeout: 60_000 }).toBe(37);
}

const students = async (): Promise<{ student: { id: string; name: string } }[]> =>
  (await (await fetch(`${studio.url}/api/students`)).json()).students;

async function looksOf(id: string): Promise<string[]> {
  const { history } = await (await fetch(`${studio.url}/api/students/${id}`)).json();
  return history.map((check: { id: string }) => check.id);
}

test('ten looks without the studio, the tab closed and opened again: all ten arrive, once each', async () => {
  test.setTimeout(240_000);
  const context = await openBrowser(freshProfile());
  const page = await openApp(context);
  await isRemembered(page);
  const names = (await students()).map(({ student }) => student.name);
  const before = new Map<string, number>();
  for (const { student } of await students()) {
    before.set(student.id, (await looksOf(student.id)).length);
  }
  await studio.stop('SIGKILL');

  // Nine students, one of them twice.
  const looked = [...names.slice(0, 9), names[0]!];
  for (const [i, name] of looked.entries()) {
    await lookByTap(page, name);
    await restIsFine(page);
    if (await button(page, 'The look is done').isVisible()) await press(page, 'The look is done');
    await press(page, 'Save this look');
    await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
    const told = i === 0 ? '1 thing waits to be sent' : `${i + 1} things wait to be sent`;
    await expect(page.getByRole('status')).toContainText(told);
  }
  await page.close();

  // Without the studio the app still opens, and knows what waits.
  const again = await openApp(context);
  await expect(again.getByRole('status')).toContainText('10 things wait to be sent');
  await expect(again.getByText(`${names[0]}: 2 looks`)).toBeVisible();
  await again.close();

  studio = await startStudio(studio.dataDir, portOf(studio));
  const last = await openApp(context);
  const added = async () => {
    const all: [string, number][] = [];
    for (const { student } of await students()) {
      const now = (await looksOf(student.id)).length;
      all.push([student.name, now - before.get(student.id)!]);
    }
    return all;
  };
  const expected = names.map((name, i) => [name, i === 0 ? 2 : i < 9 ? 1 : 0]);
  await expect.poll(added, { timeout: 120_000 }).toEqual(expected);
  // Sending again adds nothing.
  await last.reload();
  await expect(last.getByRole('heading', { name: 'Today' })).toBeVisible();
  await expect(last.getByRole('status')).toHaveCount(0);
  expect(await added()).toEqual(expected);
  await context.close();
});

test('a look half-way is there again after the browser was killed, picture and marks included', async () => {
  const profile = freshProfile();
  const context = await openBrowser(profile);
  const page = await openApp(context);
  const picture = demoPicture('deep-index.finger-side');
  await lookByTap(page, 'Osric Tidewell');
  await answerCheckpoint(page, 'Bend of the last joint', 'bent backward');
  await restIsFine(page);
  await press(page, 'Picture');
  await choosePicture(page, picture.file);
  await expect(page.getByTestId('canvas')).toBeVisible();
  await finderIsDone(page);
  await placePoints(page, picture, BOW);
  await press(page, 'Right');
  await expect(asked(page)).toHaveText('A guess: is it right? · 8 of 20 points');
  // Until the last mark is on disk: it is written a moment after it was set.
  const kept = () =>
    page.evaluate(
      () =>
        new Promise<number>((resolve) => {
          const open = indexedDB.open('open-palm-drafts');
          open.onsuccess = () => {
            const all = open.result.transaction('looks').objectStore('looks').getAll();
            all.onsuccess = () =>
              resolve(Object.keys(all.result[0]?.content.shot.marks?.placed ?? {}).length);
          };
        }),
    );
  await expect.poll(kept).toBe(8);
  execFileSync('pkill', ['-9', '-f', profile]);
  await context.close().catch(() => undefined);

  const after = await openBrowser(profile);
  const again = await openApp(after);
  await again.getByRole('link', { name: 'Go on with the look at Osric Tidewell’s hold' }).click();
  await expect(again.getByText('Your unfinished look is back.')).toBeVisible();
  await press(again, 'Go on with it');
  // What was called right counts, and the other fingers are still guesses.
  await expect(asked(again)).toHaveText('A guess: is it right? · 8 of 20 points');
  await callAllRight(again);
  await press(again, 'Read the result');
  // The answer by tap is there too, beside what the picture tells.
  await expect(again.getByText('too straight').filter({ visible: true }).first()).toBeVisible();
  await expect(again.getByText('answered by tap: looked good').first()).toBeVisible();
  await expect(again.getByText(/^Finger side: .*\(2\.\d ± 0\.2\)$/)).toBeVisible();
  await press(again, 'Save this look');
  await expect(again.getByText(/looked at today/)).toBeVisible();
  await again.goto(studio.url);
  await expect(again.getByRole('heading', { name: 'Today' })).toBeVisible();
  await expect(again.getByText('Not finished')).toHaveCount(0);
  await after.close();
});

test('the hand is found without the studio, once the finder was used', async () => {
  const context = await openBrowser(freshProfile());
  const page = await openApp(context);
  await isRemembered(page);
  const picture = demoPicture('settled.finger-side');
  const measure = async (student: string) => {
    await openLook(page, student);
    await choosePicture(page, picture.file);
    await finderIsDone(page);
    await placePoints(page, picture, BOW);
    await expect(page.getByText('Index finger', { exact: true })).toBeVisible();
  };
  await measure('Edda Marlowe-Quist');
  await studio.stop();
  await page.goto(studio.url);
  await measure('Osric Tidewell');
  await context.close();
});
