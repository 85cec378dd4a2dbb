import { join } from 'node:path';
import { expectAccessible } from '../support/expectAccessible';
import { openStroke } from '../support/clip';
import { expect, test } from '../support/test';
import { changedInTwoPlaces, studentOf, uuid } from '../support/twoPlaces';
import { ROOT } from '../support/studio';
import { button, lookByTap, openSection, press, restIsFine } from '../support/teacher';
import { saveLook, isPut, studioSays, refusal, looksOf } from '../support/saveLook';

test('a passing 403 and answers that nobody can read refuse nothing: the look waits and arrives', async ({
  page,
  studio,
}) => {
  const answers = [
    { status: 403, body: '<html>Sign in to this network</html>', type: 'text/html' },
    { status: 200, body: '<html>Welcome</html>', type: 'text/html' },
    { status: 200, body: JSON.stringify({ id: uuid() }) },
    { status: 500, body: refusal('internal', 'Something went wrong.') },
  ];
  await studioSays(page, () => answers.shift() ?? null);
  await saveLook(page, 'Osric Tidewell');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await press(page, 'Look at it');
  await expect(page.getByText('A look: Osric Tidewell')).toBeVisible();
  await expectAccessible(page, 'what waits');
  // However often it is tried before the studio itself answers.
  await expect(async () => {
    if (await button(page, 'Send now').isVisible()) await press(page, 'Send now');
    await expect(page.getByText('Nothing waits')).toBeVisible({ timeout: 1000 });
  }).toPass();
  expect(answers).toEqual([]);
  expect(await looksOf(studio.url, 'Osric Tidewell')).toBe(1);
});

test('a look that the studio refuses can be read, saved, discarded, taken back, and taken up again', async ({
  page,
  studio,
}) => {
  let refuses = true;
  await studioSays(page, () =>
    refuses ? { status: 400, body: refusal('malformed', 'The third point is off.') } : null,
  );
  await saveLook(page, 'Osric Tidewell');
  await expect(page.getByText('Needs you', { exact: true })).toBeVisible();
  await press(page, 'Look at it');
  await expect(page.getByText('The studio said: The third point is off.')).toBeVisible();
  await expectAccessible(page, 'a stopped look');
  const file = page.waitForEvent('download');
  await press(page, 'Save as a file');
  expect((await file).suggestedFilename()).toMatch(/^unsent-check-.*\.json$/);
  await press(page, 'Discard');
  await expect(page.getByText('was discarded.')).toBeVisible();
  await press(page, 'Take it back');
  await expect(page.getByText('The studio said: The third point is off.')).toBeVisible();
  refuses = false;
  await press(page, 'Take this look up again');
  await expect(page.getByText('Your unfinished look is back.')).toBeVisible();
  await press(page, 'Go on with it');
  await press(page, 'Save this look');
  await expect(page.getByText(/looked at today/)).toBeVisible();
  expect(await looksOf(studio.url, 'Osric Tidewell')).toBe(1);
  // The page is left once what stopped is gone, which the look itself does not wait for.
  await expect(page.getByText('1 thing needs you')).toBeHidden();
  // What was taken up again does not wait a second time.
  await page.goto(`${studio.url}/waiting`);
  await expect(page.getByText('Nothing waits')).toBeVisible();
});

test('a note that the studio does not take is put right in place, and arrives', async ({
  page,
  studio,
}) => {
  const { id } = await studentOf(studio.url, 'Osric Tidewell');
  await page.goto(`${studio.url}/students/${id}`);
  let refuses = true;
  await page.route('**/api/log/*', (route) => {
    if (!refuses || !isPut(route)) return route.fallback();
    const error = { code: 'malformed', message: 'The word cannot be read.', where: 'words' };
    return route.fulfill({ status: 400, json: { error } });
  });
  await openSection(page, 'Agreed');
  await press(page, 'Agree on something');
  await page.getByLabel('What is agreed?').fill('Short nails by then');
  await press(page, 'Keep it');
  await page.goto(`${studio.url}/waiting`);
  await press(page, 'Put it right');
  await expectAccessible(page, 'a stopped note');
  await page.getByLabel('Due (year-month-day)').fill('someday');
  await press(page, 'Send it like this');
  await expect(page.getByRole('alert').filter({ hasText: 'Due:' })).toBeVisible();
  await page.getByLabel('Due (year-month-day)').fill('2026-12-20');
  await page.getByLabel('Words').fill('Shorter nails');
  refuses = false;
  await press(page, 'Send it like this');
  await expect(page.getByText('Nothing waits')).toBeVisible();
  const file = await (await fetch(`${studio.url}/api/students/${id}`)).json();
  expect(file.log).toContainEqual(
    expect.objectContaining({ kind: 'promise', words: 'Shorter nails', due: '2026-12-20' }),
  );
});

test('what was changed in two places is shown side by side, and one is chosen', async ({
  page,
  studio,
}) => {
  const id = await changedInTwoPlaces(page, studio.url, 'Osric Tidewell');
  await expectAccessible(page, 'a conflict');
  await expect(
    page.getByRole('radio', { name: 'In the studio: Osric Tidewell the Younger' }),
  ).toBeVisible();
  await page.getByRole('radio', { name: 'Here: Osric T.' }).click();
  await press(page, 'Keep what I chose');
  await expect(page.getByText('Nothing waits')).toBeVisible();
  const after = await (await fetch(`${studio.url}/api/students/${id}`)).json();
  expect(after.student).toMatchObject({ name: 'Osric T.', birthYear: 2011 });
});

test('a turn that is dragged on a kept take stays where it was let go, ten times out of ten', async ({
  page,
  studio,
}) => {
  await openStroke(page);
  const chooser = page.waitForEvent('filechooser');
  await press(page, 'Add a take');
  await press(page, 'Open a CSV file');
  await (await chooser).setFiles(join(ROOT, 'docs/examples/stroke.csv'));
  await press(page, 'Keep this take');
  await expect(button(page, 'Add a take')).toBeVisible();
  const setup = (await studentOf(studio.url, 'Ines Halvorn')).setups[0]!.id;
  const takesOf = async (): Promise<{ cuts: { toS: number }[] | null }[]> =>
    (await (await fetch(`${studio.url}/api/takes?setup=${setup}`)).json()).takes;
  await expect.poll(async () => (await takesOf()).length).toBe(1);
  let writes = 0;
  // Every answer is slow, so that the next drag comes while an earlier one is being sent.
  await page.route('**/api/takes/*', async (route) => {
    if (isPut(route)) {
      writes += 1;
      await new Promise((resolve) => setTimeout(resolve, 150));
    }
    await route.fallback();
  });
  const turn = page.getByRole('slider', { name: 'Turn 1', exact: true });
  for (let i = 0; i < 10; i += 1) {
    // Not under the buttons at the foot of the screen, which would be pressed instead.
    await turn.evaluate((element) => element.scrollIntoView({ block: 'center' }));
    const box = (await turn.boundingBox())!;
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    for (const by of [2, 4, 6]) await page.mouse.move(x + (i % 2 === 0 ? by : -by), y);
    await page.mouse.up();
  }
  const shown = (await turn.getAttribute('aria-valuetext'))!;
  const kept = async () => {
    const at = (await takesOf())[0]!.cuts?.[0]?.toS;
    return at === undefined ? '' : `${at.toFixed(2)} s`;
  };
  await expect.poll(kept).toBe(shown);
  // Once a drag at most, at its end.
  expect(writes).toBeLessThanOrEqual(10);
});

test('what the app before left in the browser is taken over: what waits, what was refused, an unfinished look', async ({
  page,
  studio,
}) => {
  const student = await studentOf(studio.url, 'Osric Tidewell');
  const ids = { studentId: student.id, setupId: student.setups[0]!.id };
  const entry = (words: string) => {
    const id = uuid();
    const body = {
      ...ids,
      id,
      kind: 'promise',
      madeAt: '2026-03-01T10:00:00Z',
      words,
      due: '2026-03-08',
    };
    return { kind: 'log', id, studentName: student.name, pictures: [], body };
  };
  await page.evaluate(
    async ({ waits, refused, draft }) => {
      const put = (name: string, pairs: [string, unknown][]) =>
        new Promise<void>((resolve) => {
          const open = indexedDB.open(name);
          open.onupgradeneeded = () => open.result.createObjectStore('looks');
          open.onsuccess = () => {
            const change = open.result.transaction('looks', 'readwrite');
            for (const [key, value] of pairs) change.objectStore('looks').put(value, key);
            change.oncomplete = () => {
              open.result.close();
              resolve();
            };
          };
        });
      await put('open-palm-unsent', [
        ['01', waits],
        ['02', refused],
      ]);
      await put('open-palm-drafts', [[`${draft.studentId} ${draft.setupId}`, draft]]);
    },
    {
      waits: entry('Shorter nails'),
      refused: { ...entry('Longer nails'), refused: 'This id already belongs to another entry.' },
      draft: {
        ...ids,
        studentName: student.name,
        at: new Date().toISOString(),
        content: {
          version: 2,
          checkId: uuid(),
          step: 'stations',
          station: 1,
          state: {
            context: 'heel',
            shots: [],
            taps: [{ measure: 'thumbIpFlexion', answer: { kind: 'fine' } }],
            signs: {},
            readiness: [],
          },
          shot: {
            id: uuid(),
            view: 'finger-side',
            place: null,
            picture: null,
            marks: null,
            marksOf: '',
          },
          watching: false,
          isDone: false,
        },
      },
    },
  );
  await page.reload();
  await expect(page.getByText('Needs you', { exact: true })).toBeVisible();
  const open = async () => {
    const list = await (await fetch(`${studio.url}/api/students`)).json();
    return list.students
      .find((one: { student: { id: string } }) => one.student.id === student.id)
      .open.map((one: { words: string }) => one.words);
  };
  await expect.poll(open).toEqual(['Shorter nails']);
  await press(page, 'Look at it');
  await expect(
    page.getByText('The studio said: This id already belongs to another entry.'),
  ).toBeVisible();
  await page.goto(studio.url);
  await page.getByRole('link', { name: 'Go on with the look at Osric Tidewell’s hold' }).click();
  await expect(page.getByText('Your unfinished look is back.')).toBeVisible();
  await press(page, 'Go on with it');
  await expect(page.getByText('Station 2 of 5')).toBeVisible();
});

test('a page that is older than the studio is loaded anew where nothing is in hand, and only then', async ({
  page,
  studio,
}) => {
  let build: string | null = null;
  await page.route('**/api/**', async (route) => {
    if (build === null) return route.fallback();
    const response = await route.fetch();
    await route.fulfill({ response, headers: { ...response.headers(), 'open-palm-build': build } });
  });
  let loads = 0;
  page.on('load', () => (loads += 1));
  await lookByTap(page, 'Osric Tidewell');
  build = 'newer';
  // The look asks the studio nothing by itself: the next answer tells.
  await page.evaluate(() => window.dispatchEvent(new Event('online')));
  await restIsFine(page);
  expect(loads).toBe(0);
  await press(page, 'Save this look');
  await expect(page.getByText(/looked at today/)).toBeVisible();
  await expect(page.getByText('Open Palm was renewed.')).toBeVisible();
  expect(loads).toBe(0);
  await press(page, 'Back');
  await expect.poll(() => loads).toBe(1);
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  expect(await looksOf(studio.url, 'Osric Tidewell')).toBe(1);
});
