import { chromium, type Page } from '@playwright/test';
import { v7 as uuidv7 } from 'uuid';
import { put } from '../support/putStudent';
import { CHROMIUM, CHROMIUM_FLAGS, type RunningStudio } from '../support/studio';

const PLAYERS = 35;
const WALKS = 52;
const INSTRUMENTS = [
  ['violin', 'violin-shallow'],
  ['viola', 'violin-shallow'],
  ['cello', 'cello'],
  ['bass', 'french-bass-ring'],
] as const;

/** A group of so many players with a year of walks, by the studio's own addresses; returns its id. */
async function largeGroup(studio: RunningStudio): Promise<string> {
  const players = Array.from({ length: PLAYERS }, (_, i) => {
    const [instrument, holdId] = INSTRUMENTS[i % INSTRUMENTS.length]!;
    const setup = {
      ...{ id: uuidv7(), instrument, holdId, bowSize: '4/4', settings: {} },
      ...{ frogLengthMm: null, bowMassG: null, bowBalanceMm: null },
    };
    return { id: uuidv7(), i, setup };
  });
  for (const { id, i, setup } of players) {
    await put(studio, `/api/students/${id}`, {
      ...{ name: `Player ${i}`, side: 'right', birthYear: null, middleFingerMm: null },
      ...{ skinTone: 'clay', level: 'beginner', setups: [setup] },
    });
  }
  const groupId = uuidv7();
  const members = players.map(({ id, i, setup }) => [
    id,
    { setupId: setup.id, seat: { row: Math.floor(i / 7), place: i % 7 } },
  ]);
  await put(studio, `/api/groups/${groupId}`, {
    ...{ name: 'Large group', meets: null, layout: 'rows' },
    members: Object.fromEntries(members),
  });
  const straight = { kind: 'value', value: 0, sd: 8 };
  for (let week = WALKS; week > 0; week -= 1) {
    const day = new Date(Date.now() - week * 7 * 24 * 3600 * 1000).toISOString().slice(0, 10);
    const marks = players.flatMap(({ id, i, setup }) => {
      const mark = { at: `${day}T14:30:00.000Z`, studentId: id, setupId: setup.id };
      const tap = { measure: 'thumbIpFlexion', answer: straight };
      return [
        { ...mark, id: uuidv7(), kind: 'fine' },
        ...((i + week) % 3 === 0 ? [{ ...mark, id: uuidv7(), kind: 'tap', tap }] : []),
      ];
    });
    await put(studio, `/api/walks/${uuidv7()}`, { groupId, day, fromMemory: false, marks });
  }
  return groupId;
}

/** What a large group costs: its answer, opening its screen, and a tap in its walk, all in ms. */
export interface RowTimes {
  askedMs: number[];
  openedMs: number[];
  tapMs: number[];
}

/** Measures a group of 35 with a year of walks. */
export async function rowTimes(studio: RunningStudio): Promise<RowTimes> {
  const groupId = await largeGroup(studio);
  const askedMs: number[] = [];
  for (let i = 0; i < 20; i += 1) {
    const from = performance.now();
    await (await fetch(`${studio.url}/api/groups/${groupId}`)).text();
    askedMs.push(performance.now() - from);
  }
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  // What runs in the page is compiled with names, and this is how they are given.
  await page.addInitScript('globalThis.__name = (named) => named');
  await page.goto(`${studio.url}/groups`);
  const openedMs: number[] = [];
  for (let i = 0; i < 8; i += 1) openedMs.push(await openingMs(page));
  await page
    .getByRole('button', { name: 'Walk the row of Large group' })
    .filter({ visible: true })
    .click();
  await page.getByRole('button', { name: 'Fine', exact: true }).waitFor();
  const tapMs: number[] = [];
  for (let i = 0; i < 20; i += 1) {
    // A teacher passes a player a second at most.
    await page.waitForTimeout(1000);
    tapMs.push(await tapMsOf(page));
  }
  await browser.close();
  // The first time its part of the app is loaded.
  return { askedMs, openedMs: openedMs.slice(1), tapMs };
}

/** From the touch on a group in the list to its screen, and back again. */
async function openingMs(page: Page): Promise<number> {
  const link = page.getByRole('link', { name: 'Open Large group' }).filter({ visible: true });
  await link.waitFor();
  const ms = await page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const from = performance.now();
        const links = [
          ...document.querySelectorAll<HTMLElement>('[aria-label="Open Large group"]'),
        ];
        links.find((one) => one.getClientRects().length > 0)!.click();
        const look = () => {
          const heads = [...document.querySelectorAll<HTMLElement>('[role=heading],h1,h2')];
          const isThere = heads.some(
            (one) => one.getClientRects().length > 0 && one.textContent === 'A minute alone',
          );
          if (isThere) resolve(performance.now() - from);
          else requestAnimationFrame(look);
        };
        requestAnimationFrame(look);
      }),
  );
  await page.getByRole('button', { name: 'Back' }).filter({ visible: true }).click();
  await link.waitFor();
  return ms;
}

/** From "Fine" to the frame that names the next player. */
const tapMsOf = (page: Page): Promise<number> =>
  page.evaluate(
    () =>
      new Promise<number>((resolve) => {
        const head = () =>
          [...document.querySelectorAll<HTMLElement>('h1')].find(
            (one) => one.getClientRects().length > 0,
          )?.textContent;
        const before = head();
        const fine = [...document.querySelectorAll<HTMLElement>('button,[role=button]')].find(
          (one) => one.getClientRects().length > 0 && one.textContent?.trim() === 'Fine',
        )!;
        const from = performance.now();
        fine.click();
        const look = () => {
          if (head() === before) return void requestAnimationFrame(look);
          const after = new MessageChannel();
          after.port1.onmessage = () => resolve(performance.now() - from);
          after.port2.postMessage(0);
        };
        requestAnimationFrame(look);
      }),
  );
