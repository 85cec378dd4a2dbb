import { mkdirSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, expect, type Page } from '@playwright/test';
import { openBalance } from './support/balance';
import { answerHeel, clipFile, clipTruth, markForearms, openClip, readCurve } from './support/clip';
import { asUsedBefore } from './support/device';
import { asked, confirmCarefully, finderIsDone, guesses, onZoomed } from './support/finder';
import { changedInTwoPlaces } from './support/twoPlaces';
import { choosePicture, demoPicture, openLook, placePoints } from './support/lookAtHold';
import { begin } from './support/ownStudio';
import {
  CHROMIUM,
  CHROMIUM_FLAGS_IN_SPACE,
  ROOT,
  startOwnStudio,
  startStudio,
} from './support/studio';
import { openPart, openSection, openTool } from './support/teacher';

/** Takes the pictures of docs/screenshots from a fresh demo studio, on a phone and on a wide screen. */
const folder = process.argv[2] ?? join(ROOT, 'docs/screenshots');
mkdirSync(folder, { recursive: true });
const studio = await startStudio();
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS_IN_SPACE });

async function open(
  width: number,
  height: number,
  colorScheme: 'light' | 'dark',
  url = studio.url,
): Promise<Page> {
  const context = await browser.newContext({
    viewport: { width, height },
    colorScheme,
    hasTouch: width < 900,
    reducedMotion: 'reduce',
    serviceWorkers: 'block',
  });
  const page = await context.newPage();
  page.on('pageerror', (error) => console.error(error.message));
  page.on('console', (m) => m.type() === 'error' && console.error(m.text()));
  await asUsedBefore(page);
  await page.goto(url);
  if (url === studio.url) await page.getByRole('heading', { name: 'Today' }).waitFor();
  return page;
}

async function shoot(page: Page, name: string): Promise<void> {
  await page.evaluate(() => document.fonts.ready);
  await page.waitForLoadState('networkidle');
  await expect(page.getByTestId('drawing-waits').filter({ visible: true })).toHaveCount(0);
  await page.screenshot({ path: join(folder, `${name}.png`) });
  console.log(name);
}

/** A look half-way and to its end, with one guess being dragged under the magnifier. */
async function lookThrough(page: Page, prefix: string): Promise<void> {
  const picture = demoPicture('deep-index.finger-side');
  await openLook(page, 'Osric Tidewell');
  await choosePicture(page, picture.file);
  await page.getByTestId('canvas').waitFor();
  await finderIsDone(page);
  await placePoints(page, picture, ['stickHandEnd', 'stickTipEnd', 'frogFront', 'frogBack']);
  await asked(page).waitFor();
  await page.getByRole('button', { name: 'Right' }).click();
  await page.getByText('Middle finger', { exact: true }).waitFor();
  const tip = await onZoomed(page, picture, (await guesses(page))['Middle finger: tip']!);
  const to = await onZoomed(page, picture, picture.points2d.middleTip!);
  await page.mouse.move(tip.x, tip.y);
  await page.mouse.down();
  await page.mouse.move(to.x, to.y, { steps: 4 });
  await shoot(page, `${prefix}-measure`);
  await page.mouse.up();
  await confirmCarefully(page, picture);
  await page.getByRole('button', { name: 'Read the result' }).click();
  await page.getByRole('heading', { name: 'What was measured' }).waitFor();
  await page.getByText('Fitting a hand to the points').waitFor({ state: 'hidden' });
  await shoot(page, `${prefix}-result`);
}

/** The weeks of a student's hold, all of them painted. */
async function openWeeks(page: Page, name: string): Promise<void> {
  await page.getByRole('link', { name: 'Students' }).click();
  await page.getByRole('link', { name: new RegExp(`Open ${name}`) }).click();
  await openSection(page, 'Weeks');
  await page.getByRole('button', { name: 'Over the weeks' }).click();
  await page.getByRole('heading', { name: /its checkpoints/ }).waitFor();
}

const phone = await open(390, 844, 'light');
await shoot(phone, 'phone-today');
await phone.getByRole('link', { name: 'Students' }).click();
await phone.getByRole('heading', { name: 'Students' }).waitFor();
await phone.getByRole('link', { name: 'Groups' }).click();
await phone.getByRole('link', { name: 'Open Wednesday strings' }).click();
await phone.getByRole('heading', { name: 'What they share' }).waitFor();
await shoot(phone, 'phone-group');
await phone.getByRole('button', { name: 'Walk the row' }).click();
await phone.getByText('1 of 22').waitFor();
await shoot(phone, 'phone-walk');
await phone.goto(`${studio.url}/students`);
await phone.getByRole('link', { name: /Open Noor/ }).click();
await phone.getByRole('button', { name: 'Look at the hold' }).waitFor();
await shoot(phone, 'phone-hand-file');
await phone.goto(studio.url);
await openWeeks(phone, 'Ravn');
await phone.getByText('Then and now').scrollIntoViewIfNeeded();
await phone.getByRole('slider', { name: 'Then' }).scrollIntoViewIfNeeded();
await shoot(phone, 'phone-weeks');
await phone.getByRole('button', { name: 'A term on a page' }).click();
await expect(phone.getByRole('region', { name: /^The page/ }).getByRole('img')).toHaveCount(2, {
  timeout: 45_000,
});
await shoot(phone, 'phone-term');
await phone.goto(studio.url);
await phone.getByRole('link', { name: 'Students' }).click();
await phone.getByRole('link', { name: /Open Tobin/ }).click();
await openSection(phone, 'Agreed');
await phone.getByRole('button', { name: 'See the plan' }).click();
await phone.getByText('What was done').waitFor();
await shoot(phone, 'phone-practice');
const given = phone.waitForEvent('download');
await phone.getByRole('button', { name: 'Give the card' }).click();
const cardFile = join(mkdtempSync(join(tmpdir(), 'card-')), 'card.html');
await (await given).saveAs(cardFile);
const card = await open(390, 844, 'light', `file://${cardFile}`);
// A plan begins on the day after it is made.
await card.clock.setFixedTime(Date.now() + 2 * 24 * 3600 * 1000);
await card.reload();
await shoot(card, 'phone-card');
await card.context().close();
await phone.goto(studio.url);
await lookThrough(phone, 'phone');

await phone.goto(studio.url);
await openLook(phone, 'Bram Osterlind');
await phone.getByRole('button', { name: 'By tap' }).click();
await openPart(phone, 'Bend of the thumb');
await phone.getByRole('radio', { name: 'bent backward' }).click();
await shoot(phone, 'phone-station');

await phone.goto(`${studio.url}/holds`);
await phone.getByRole('heading', { name: 'Holds' }).waitFor();
await shoot(phone, 'phone-holds');

await phone.goto(studio.url);
await openBalance(phone, 'Ines');
await shoot(phone, 'phone-balance');

await phone.getByRole('button', { name: 'Back to the student' }).click();
await openTool(phone, 'Wrist over a stroke');
const filmed = clipTruth('supple');
await openClip(phone, clipFile('supple.webm'));
await answerHeel(phone, filmed);
await markForearms(phone, filmed, { frames: 22, noise: 0.004 });
await readCurve(phone);
await phone.getByText(/The wrist is supple/).waitFor();
const time = phone.getByRole('slider', { name: 'Time in the clip' });
await time.focus();
for (let i = 0; i < 7; i += 1) await phone.keyboard.press('Shift+ArrowRight');
await phone.getByText(/^At 1\.40 s/).waitFor();
// The clip follows the slider: what is shown must be the frame that is told.
await phone.waitForFunction(() => {
  const video = document.querySelector('video')!;
  return !video.seeking && Math.abs(video.currentTime - 1.4) < 0.02;
});
await phone.waitForTimeout(500);
await shoot(phone, 'phone-stroke');

const dark = await open(390, 844, 'dark');
await changedInTwoPlaces(dark, studio.url, 'Osric Tidewell');
await shoot(dark, 'phone-waiting-dark');

const wide = await open(1280, 800, 'light');
await wide.getByRole('link', { name: 'Students' }).click();
await wide.getByRole('link', { name: /Open Edda/ }).click();
await wide.getByRole('button', { name: 'Look at the hold' }).waitFor();
// What to work on is thought out in a worker, and comes a moment later.
await wide.getByRole('heading', { name: 'The index is deep.' }).waitFor();
await shoot(wide, 'wide-hand-file');
await wide.goto(studio.url);
await wide.getByRole('link', { name: 'Students' }).click();
await wide.getByRole('link', { name: /Open Tobin/ }).click();
await openSection(wide, 'Looks');
await wide
  .getByRole('link', { name: /Open the look of/ })
  .first()
  .click();
await wide.getByRole('button', { name: 'Write feedback' }).click();
await wide.getByLabel('Point 1', { exact: true }).waitFor();
await shoot(wide, 'wide-feedback');
await wide.goto(studio.url);
await openWeeks(wide, 'Marit');
await shoot(wide, 'wide-weeks');

// A studio of one's own, into which a phone is let.
const own = await startOwnStudio();
const ownScreen = await open(1280, 800, 'light', own.url);
await begin(ownScreen.context(), own);
await ownScreen.goto(`${own.url}/studio/phones`);
await ownScreen.getByRole('button', { name: 'Let phones in' }).click();
await ownScreen.getByRole('button', { name: 'Show the first code' }).click();
await ownScreen.getByText('It is open until').waitFor();
await ownScreen.getByRole('button', { name: 'It does already' }).click();
await ownScreen.getByRole('button', { name: 'Show the second code' }).click();
await ownScreen.getByText('It works once.').waitFor();
await shoot(ownScreen, 'wide-phones');

await browser.close();
await own.stop();
await studio.stop();
