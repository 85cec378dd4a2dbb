import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { openStroke } from '../support/clip';
import { expectAccessible } from '../support/expectAccessible';
import { ROOT } from '../support/studio';
import { button, press } from '../support/teacher';
import { expect, test } from '../support/test';

const SUPPLE = join(ROOT, 'docs/examples/stroke.csv');

async function openFile(page: Page, file: string): Promise<void> {
  const add = button(page, 'Add a take');
  // After a file that was refused one is still at the choice.
  if (await add.isVisible()) await add.click();
  const chooser = page.waitForEvent('filechooser');
  await press(page, 'Open a CSV file');
  await (await chooser).setFiles(file);
}

/** Four strokes of a second, the wrist and fingers going evenly from one angle to another and back. */
function takeFile(
  path: string,
  angles: { wrist: [number, number]; thumb: [number, number]; little: [number, number] },
): string {
  const rows = Array.from({ length: 121 }, (_, i) => {
    const place = (1 - Math.cos((Math.PI * i) / 30)) / 2;
    const at = ([from, to]: [number, number]) => (from + (to - from) * place).toFixed(2);
    const cells = [i / 30, at(angles.wrist), at(angles.thumb), at(angles.little), place];
    return cells.join(',');
  });
  const head = 't_s,wrist_flexion_deg,thumb_ip_deg,little_pip_deg,bow_place';
  writeFileSync(path, [head, ...rows].join('\r\n'));
  return path;
}

const said = (page: Page) => page.getByRole('status', { name: 'Wrist over a stroke' });

test('a take from a file is read, kept, found again, and compared with one from the end of the lesson', async ({
  page,
}, testInfo) => {
  await openStroke(page);
  await expect(page.getByText(/^No take yet/)).toBeVisible();
  await openFile(page, SUPPLE);
  await expect(said(page)).toContainText('The wrist is supple: it goes through 24° ± 1°');
  await expect(said(page)).toContainText('Toward the point it bends back, as it should.');
  await expect(page.getByRole('img', { name: /^The wrist at the heel: 15°/ })).toBeVisible();
  await press(page, 'Keep this take');
  await expect(button(page, 'Add a take')).toBeVisible();

  await page.reload();
  await expect(said(page)).toContainText('The wrist is supple');

  const locked = takeFile(testInfo.outputPath('locked.csv'), {
    wrist: [3, 1],
    thumb: [40, 30],
    little: [55, 35],
  });
  await openFile(page, locked);
  await expect(said(page)).toContainText('The wrist is locked: it goes through only 2° ± 1°');
  await page.getByRole('radio', { name: 'at the end' }).click();
  await press(page, 'Keep this take');
  await page.getByRole('radio', { name: 'today · playing, start of lesson' }).last().click();
  await expect(page.getByText('The range went from 24° to 2°: 22° less.')).toBeVisible();
});

test('a wrist that does the fingers’ work is told from one that is only wide', async ({
  page,
}, testInfo) => {
  await openStroke(page);
  const compensating = takeFile(testInfo.outputPath('compensating.csv'), {
    wrist: [38, -24],
    thumb: [6, 4],
    little: [4, 3],
  });
  await openFile(page, compensating);
  // From the 5th to the 95th percentile: sin 81° of 62°.
  await expect(said(page)).toContainText('The wrist does too much: it goes through 61°');
  await expect(said(page)).toContainText('Thumb and little finger hardly move');
  await press(page, 'Leave it');
  await expect(page.getByText(/^No take yet/)).toBeVisible();
});

test('a turn is dragged to where the bow turns, and kept there', async ({ page }) => {
  await openStroke(page);
  await openFile(page, SUPPLE);
  const turn = page.getByRole('slider', { name: 'Turn 1' });
  const before = (await turn.getAttribute('aria-valuetext'))!;
  expect(before).toMatch(/^(0\.9|1\.0)\d s$/);
  await turn.scrollIntoViewIfNeeded();
  const box = (await turn.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 25, box.y + box.height / 2, { steps: 4 });
  await page.mouse.up();
  const after = (await turn.getAttribute('aria-valuetext'))!;
  expect(parseFloat(after)).toBeGreaterThan(parseFloat(before) + 0.1);
  await press(page, 'Keep this take');
  await expect(button(page, 'Add a take')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('slider', { name: 'Turn 1' })).toHaveAttribute(
    'aria-valuetext',
    after,
  );
});

test('a file that is no take is refused with row and column, and nothing is lost by it', async ({
  page,
}, testInfo) => {
  await openStroke(page);
  for (const [name, text, sentence] of [
    ['radians.csv', 't_s,wrist_flexion_rad\n0,0.2\n', /wrist_flexion_rad.*wrist_flexion_deg/],
    [
      'unordered.csv',
      't_s,wrist_flexion_deg\n0,1\n0.2,2\n0.1,3\n',
      /row 4, t_s: the time 0\.1 s comes after 0\.2 s/,
    ],
    [
      'repeated.csv',
      't_s,wrist_flexion_deg\n0,1\n0.1,2\n0.1,3\n',
      /row 4, t_s: the time 0\.1 s stands there twice/,
    ],
    ['letter.csv', 'Dear student,\nplease practise.\n', /the column t_s is missing/],
  ] as const) {
    const file = testInfo.outputPath(name);
    writeFileSync(file, text);
    await openFile(page, file);
    await expect(page.getByRole('alert')).toContainText(sentence);
    await expect(page.getByRole('alert')).toContainText(`${name} cannot be read`);
  }
  await press(page, 'Leave it');
  await expect(page.getByText(/^No take yet/)).toBeVisible();
});

test('a take that is kept without a network waits on the device and is sent later', async ({
  page,
  context,
  studio,
}) => {
  await openStroke(page);
  await openFile(page, SUPPLE);
  await context.setOffline(true);
  await press(page, 'Keep this take');
  await expect(said(page)).toContainText('The wrist is supple');
  await context.setOffline(false);
  await expect
    .poll(async () => {
      const id = new URL(page.url()).searchParams.get('setup');
      const answer = await page.request.get(`${studio.url}/api/takes?setup=${id}`);
      return (await answer.json()).takes.length;
    })
    .toBe(1);
});

for (const [colorScheme, viewport] of [
  ['light', { width: 390, height: 844 }],
  ['dark', { width: 1280, height: 800 }],
] as const) {
  test.describe(`${colorScheme}, ${viewport.width} px wide`, () => {
    test.use({ colorScheme, viewport });

    test('the wrist over a stroke passes axe', async ({ page }) => {
      await openStroke(page);
      await expectAccessible(page, 'no take');
      await openFile(page, SUPPLE);
      await expect(said(page)).toBeVisible();
      await press(page, 'As a table: From heel to point');
      await expectAccessible(page, 'a take');
    });
  });
}
