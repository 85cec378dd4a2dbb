import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BrowserContext, Page } from '@playwright/test';
import { expectAccessible } from '../support/expectAccessible';
import { demoPicture, FINGER_SIDE_ORDER, placePoints } from '../support/lookAtHold';
import { expect, test } from '../support/ownStudio';
import { openPhone } from '../support/phone';
import { PHONES_AT, startOwnStudio, type RunningStudio } from '../support/studio';
import { button, lookByTap, press, restIsFine } from '../support/teacher';

const picture = demoPicture('settled.finger-side');
const film = join(mkdtempSync(join(tmpdir(), 'film-')), 'camera.mjpeg');
const jpeg = readFileSync(picture.file);
writeFileSync(film, Buffer.concat([jpeg, jpeg, jpeg]));

const secureUrl = ({ phonePorts }: RunningStudio) =>
  `https://${PHONES_AT.name}:${phonePorts.PHONES_PORT}`;
const plainUrl = ({ phonePorts }: RunningStudio) =>
  `http://${PHONES_AT.host}:${phonePorts.TRUST_PORT}`;

/** On the studio's own screen: phones are let in, and the page with the certificate is open. */
async function letPhonesIn(page: Page): Promise<void> {
  await page.goto(new URL('/studio/phones', page.url()).href);
  await press(page, 'Let phones in');
  await press(page, 'Show the first code');
  await expect(page.getByText(/^It is open until \d\d:\d\d\.$/)).toBeVisible();
}

/** The link that the second code holds. */
async function secondCode(page: Page): Promise<string> {
  const answer = page.waitForResponse('**/api/access/codes');
  await press(page, 'Show the second code');
  return ((await (await answer).json()) as { url: string }).url;
}

async function addStudent(page: Page, studio: RunningStudio, name: string): Promise<void> {
  await page.goto(`${studio.url}/students/new`);
  await page.getByLabel('Name', { exact: true }).fill(name);
  await press(page, 'Save');
  await expect(page.getByRole('heading', { name })).toBeVisible();
}

const historyOf = async (owner: BrowserContext, studio: RunningStudio): Promise<unknown[]> => {
  const list = await owner.request.get(`${studio.url}/api/students`);
  const [{ student }] = ((await list.json()) as { students: [{ student: { id: string } }] })
    .students;
  const file = await owner.request.get(`${studio.url}/api/students/${student.id}`);
  return ((await file.json()) as { history: unknown[] }).history;
};

test('a phone learns to trust the studio, comes in, takes a picture, saves it without the studio, and is put out', async ({
  page,
  context,
  studio,
}) => {
  await addStudent(page, studio, 'Nora Ashgrove');
  await letPhonesIn(page);
  await expectAccessible(page, 'letting phones in');

  // A phone that trusts nobody is warned off by its own browser.
  const stranger = await openPhone({ trusts: null });
  await expect((await stranger.newPage()).goto(secureUrl(studio))).rejects.toThrow(
    /ERR_CERT_AUTHORITY_INVALID/,
  );
  await stranger.close();

  // The plain page: the same fingerprint stands on both screens.
  const html = await (await fetch(plainUrl(studio))).text();
  const fingerprint = /class="print">([0-9A-F ]+)</.exec(html)![1]!;
  await expect(page.getByText(fingerprint)).toBeVisible();
  const certificate = await (await fetch(`${plainUrl(studio)}/open-palm.crt`)).arrayBuffer();
  const phone = await openPhone({ trusts: Buffer.from(certificate), film });
  const screen = await phone.newPage();
  const faults: string[] = [];
  // Nothing is asked of anybody but the studio.
  const hosts = new Set<string>();
  phone.on('request', (asked) => hosts.add(new URL(asked.url()).hostname));
  screen.on('pageerror', (error) => faults.push(error.message));
  await screen.goto(`${secureUrl(studio)}/pair`);
  await expect(screen.getByText('This device was not let in yet')).toBeVisible();
  expect(await screen.evaluate(() => isSecureContext)).toBe(true);
  await expectAccessible(screen, 'a device that is not in');
  // The studio's screen has noticed, and offers the second code.
  await expect(page.getByText('it trusts the studio')).toBeVisible();

  // From the second code: one tap on the phone.
  const link = await secondCode(page);
  await screen.goto(link);
  // No trace of the code in the address.
  await expect.poll(() => screen.url()).toBe(`${secureUrl(studio)}/pair`);
  await press(screen, 'Ask to come in');
  const sign = page.getByText(/^\d{3}$/);
  await expect(sign).toBeVisible();
  await expect(screen.getByText((await sign.textContent())!)).toBeVisible();
  await expectAccessible(page, 'a device that asks');
  await press(page, 'Let it in');
  await expect(screen.getByRole('heading', { name: 'Today' })).toBeVisible();
  const cookies = await phone.cookies();
  expect(cookies.map(({ name }) => name.replace(/[0-9a-f-]{36}$/, ''))).toEqual(
    expect.arrayContaining(['__Host-open-palm-device-', '__Host-open-palm-session-']),
  );
  for (const cookie of cookies) {
    expect(cookie).toMatchObject({ secure: true, httpOnly: true, sameSite: 'Strict' });
  }

  // It remembers the studio, takes a picture with its own camera, and saves it while the studio is away.
  await expect
    .poll(() =>
      screen.evaluate(async () => (await (await caches.open('studio-answers')).keys()).length),
    )
    .toBeGreaterThan(2);
  await screen.getByRole('link', { name: 'Students' }).click();
  await screen.getByRole('link', { name: /Open Nora Ashgrove/ }).click();
  await press(screen, 'Look at the hold');
  await expect(screen.getByRole('button', { name: 'Take it', exact: true })).toBeEnabled();
  await screen.waitForFunction(() => (document.querySelector('video')?.videoWidth ?? 0) > 0);
  await press(screen, 'Take it');
  await studio.stop('SIGKILL');
  await expect(screen.getByTestId('canvas')).toBeVisible();
  await placePoints(screen, picture, FINGER_SIDE_ORDER);
  await press(screen, 'Read the result');
  await press(screen, 'Save this look');
  await expect(screen.getByText('1 thing waits to be sent')).toBeVisible();
  await expect(screen.getByRole('heading', { name: 'Today' })).toBeVisible();

  // Why it may not answer is told, each with a drawing, and one can go on.
  await press(screen, 'Why?');
  await expect(screen.getByRole('heading', { name: 'The studio does not answer' })).toBeVisible();
  await expect(screen.getByRole('img', { name: 'The wrong Wi-Fi' })).toBeVisible();
  await expect(screen.getByRole('img', { name: 'The clock is wrong' })).toBeVisible();
  await expectAccessible(screen, 'why the studio does not answer');
  await press(screen, 'Try again');
  await press(screen, 'Back');

  // The studio is back under the same certificate, the phone is still in, and the look arrives.
  const again = await startOwnStudio(studio);
  await screen.reload();
  await expect.poll(() => historyOf(context, again), { timeout: 30_000 }).toHaveLength(1);
  await expect(screen.getByText('waits to be sent')).toHaveCount(0);

  // Put out: refused at its next request; what it has not sent stays on it, and goes once it is let in again.
  await page.goto(`${studio.url}/studio/phones`);
  await expect(page.getByText('Maren Solveig · here today')).toBeVisible();
  await lookByTap(screen, 'Nora Ashgrove');
  await press(page, 'Put out');
  await expect(page.getByText('put out', { exact: true })).toBeVisible();
  await restIsFine(screen);
  if (await button(screen, 'The look is done').isVisible()) await press(screen, 'The look is done');
  await press(screen, 'Save this look');
  await expect(screen.getByText('This device was put out of the studio')).toBeVisible();
  await expect(screen.getByText('1 thing waits on this device to be sent.')).toBeVisible();
  await expectAccessible(screen, 'a device that was put out');
  expect(
    await screen.evaluate(async () => (await (await caches.open('studio-answers')).keys()).length),
  ).toBe(0);
  await press(page, 'Let back in');
  await expect(page.getByRole('button', { name: 'Put out' })).toBeVisible();
  await screen.goto(secureUrl(studio));
  await expect(screen.getByRole('heading', { name: 'Today' })).toBeVisible();
  await expect.poll(() => historyOf(context, again), { timeout: 30_000 }).toHaveLength(2);
  expect(faults).toEqual([]);
  hosts.delete('');
  expect([...hosts]).toEqual([PHONES_AT.name]);
  await phone.close();
  await page.goto(`${studio.url}/api/holds`);
  await again.stop();
});
