import { expect, test as plain, type BrowserContext, type Page } from '@playwright/test';
import { freshProfile, openBrowser } from '../support/ownBrowser';
import { portOf, startStudio, type RunningStudio } from '../support/studio';
import { button, openSection, press } from '../support/teacher';
import { test } from '../support/test';

const seen = (page: Page, text: string | RegExp) =>
  page.getByText(text).filter({ visible: true }).first();

async function openGroup(page: Page): Promise<void> {
  await page.getByRole('link', { name: 'Groups' }).filter({ visible: true }).click();
  await page.getByRole('link', { name: 'Open Wednesday strings' }).click();
  await expect(page.getByRole('heading', { name: 'What they share' })).toBeVisible();
}

/** The one that is passed now, by the head of the screen. */
const passes = (page: Page, n: number) =>
  expect(seen(page, new RegExp(`^${n} of 22`))).toBeVisible();

plain.describe('without the studio', () => {
  let studio: RunningStudio;
  let context: BrowserContext;
  plain.beforeEach(async () => {
    studio = await startStudio();
    context = await openBrowser(freshProfile());
  });
  plain.afterEach(async () => {
    await context.close();
    await studio.stop();
  });

  const asked = async (path: string) => (await fetch(`${studio.url}${path}`)).json();

  plain(
    'twenty-two players are walked both ways; back with the studio, their files show it',
    async ({ browserName: _ }, info) => {
      plain.setTimeout(240_000);
      const page = await context.newPage();
      await page.goto(studio.url);
      await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
      const { groups } = await asked('/api/groups');
      const groupId = groups[0].group.id as string;
      const isRemembered = () =>
        page.evaluate(async (path) => {
          const cache = await caches.open('studio-answers');
          return (await cache.keys()).some(({ url }) => url.endsWith(path));
        }, `/api/groups/${groupId}`);
      await expect.poll(isRemembered, { timeout: 30_000 }).toBe(true);
      await studio.stop('SIGKILL');

      await openGroup(page);
      await press(page, 'Walk the row');
      await passes(page, 1);
      let taps = 0;
      const tap = async (name: string) => {
        taps += 1;
        await press(page, name);
      };
      const heading = () =>
        page.getByRole('heading', { level: 1 }).filter({ visible: true }).innerText();
      // The first has a straight thumb, the second is not there, the others are fine in one tap each.
      const straight = await heading();
      await page.getByTestId('touch-thumbBend').click();
      await page.getByRole('radio', { name: 'straight', exact: true }).first().click();
      taps += 2;
      await passes(page, 2);
      const absent = await heading();
      await tap('Absent');
      for (let n = 3; n <= 22; n += 1) {
        await passes(page, n);
        await tap('Fine');
      }
      await expect(page.getByRole('heading', { name: 'Everybody was passed' })).toBeVisible();
      await expect(seen(page, '21 players looked at, 1 absent.')).toBeVisible();
      expect(taps).toBe(23);
      // One clean player is one tap: so many of the largest group of the issue fit into four minutes at one tap a second.
      const cleanTaps = (taps - 3) / 20;
      info.annotations.push({
        type: 'figure',
        description: `a walk: ${cleanTaps} tap a clean player, 35 players in ${35 * cleanTaps} s at a tap a second (at most 240)`,
      });
      expect(35 * cleanTaps).toBeLessThanOrEqual(240);

      // And fault by fault: two wrists, and everybody was looked at.
      await press(page, 'Back');
      await page.getByRole('radio', { name: 'By fault' }).click();
      await page.getByRole('radio', { name: 'The hand is rolled out' }).click();
      const seat = (name: string) => page.getByRole('checkbox', { name: new RegExp(`^${name}: `) });
      await seat('Isla').click();
      await expect(seat('Isla')).toBeChecked();
      await seat('Tove').click();
      // A slip is taken back with another touch.
      await seat('Una').click();
      await seat('Una').click();
      await expect(seat('Una')).not.toBeChecked();
      await press(page, 'Looked at everyone');
      await expect(button(page, 'Next')).toBeVisible();
      await expect(page.getByRole('status')).toContainText('1 thing waits to be sent');

      // The room shows it before anything was sent.
      await press(page, 'Back');
      await expect(page.getByRole('heading', { name: 'What they share' })).toBeVisible();
      await expect(seen(page, /Walked today/)).toBeVisible();

      studio = await startStudio(studio.dataDir, portOf(studio));
      const walked = async () => {
        const { walks } = await asked(`/api/groups/${groupId}?walks=all`);
        return [walks.length, walks[0].players.length] as number[];
      };
      await expect.poll(walked, { timeout: 60_000 }).toEqual([23, 22]);
      const file = await asked(`/api/groups/${groupId}`);
      const { students } = await asked('/api/students');
      const called = (first: string) =>
        students.find(({ student }: { student: { name: string } }) =>
          student.name.startsWith(`${first} `),
        ).student.id as string;
      const history = async (first: string) =>
        (await asked(`/api/students/${called(first)}`)).history.filter(
          ({ takenAt }: { takenAt: string }) => takenAt.slice(0, 10) === file.walks[0].day,
        );
      expect(await history(absent)).toEqual([]);
      for (const name of [straight, 'Isla', 'Tove']) {
        expect((await history(name)).map(({ context: how }: { context: string }) => how)).toEqual([
          'row',
        ]);
      }
      // Three of them are opened: what was seen, and that it was seen in the row.
      for (const [name, family, state] of [
        [straight, 'thumb', 'out'],
        ['Isla', 'wrist', 'out'],
        ['Finn', 'thumb', 'in'],
      ] as const) {
        const id = called(name);
        expect((await asked(`/api/students/${id}`)).standings[family]).toBe(state);
        await page.goto(`${studio.url}/students/${id}`);
        await openSection(page, 'Looks');
        await expect(seen(page, /In the row/)).toBeVisible();
      }
    },
  );
});

test('a group is written down, seated by touch and by drag, and two never sit on one seat', async ({
  page,
}) => {
  await page.getByRole('link', { name: 'Groups' }).click();
  await press(page, 'Add a group');
  await press(page, 'Keep this group');
  await expect(seen(page, 'A group needs a name.')).toBeVisible();
  await page.getByRole('textbox', { name: 'Name of the group' }).fill('Trio');
  await press(page, 'Add players');
  for (const name of ['Alva Thornby', 'Benno Quill', 'Ines Halvorn']) {
    await page.getByRole('checkbox', { name: new RegExp(`^${name}, `) }).click();
  }
  await press(page, 'Done');
  // Ines plays two instruments: she is here with her viola.
  await page.getByRole('radio', { name: /^Viola · / }).click();
  const map = page.getByRole('group', { name: 'Where they sit' });
  await map.getByRole('button', { name: 'Alva Thornby: Row 1, seat 1' }).click();
  await expect(seen(page, 'Alva Thornby is chosen: now the seat.')).toBeVisible();
  await map.getByRole('button', { name: /^Benno Quill: / }).click();
  await expect(map.getByRole('button', { name: 'Alva Thornby: Row 1, seat 2' })).toBeVisible();
  await expect(map.getByRole('button', { name: 'Benno Quill: Row 1, seat 1' })).toBeVisible();
  // By drag, to a free seat behind.
  const from = (await map.getByRole('button', { name: /^Ines Halvorn: / }).boundingBox())!;
  const to = (await map.getByRole('button', { name: 'Row 2, seat 4: free' }).boundingBox())!;
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(from.x + 20, from.y - 10, { steps: 4 });
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect(map.getByRole('button', { name: 'Ines Halvorn: Row 2, seat 4' })).toBeVisible();
  await press(page, 'Keep this group');
  await expect(page.getByRole('heading', { name: 'Trio' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Ines, Viola: not looked at' })).toBeVisible();
  await expect(seen(page, 'Walk the row, and what most of them share stands here.')).toBeVisible();
  // Names are hidden from whoever looks on, and with them what is private.
  await press(page, 'Tools');
  await press(page, 'Hide names');
  await expect(page.getByRole('button', { name: 'Seat 1, Violin: not looked at' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'A minute alone' })).toHaveCount(0);
  // The group goes and comes back.
  await press(page, 'Remove this group');
  await press(page, 'Remove it');
  await expect(page.getByRole('heading', { name: 'Removed groups' })).toBeVisible();
  await press(page, 'Bring back');
  await expect(page.getByRole('link', { name: 'Open Trio' })).toBeVisible();
});
