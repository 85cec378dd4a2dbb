import { mkdirSync } from 'node:fs';
import { chromium } from '@playwright/test';
import {
  choosePicture,
  demoPicture,
  FINGER_SIDE_ORDER,
  openLook,
  placePoints,
} from './support/lookAtHold';
import { CHROMIUM, CHROMIUM_FLAGS, startStudio } from './support/studio';
const folder = '/tmp/shots';
mkdirSync(folder, { recursive: true });
const studio = await startStudio();
const browser = await chromium.launch({ executablePath: CHROMIUM, args: CHROMIUM_FLAGS });
const context = await browser.newContext({
  viewport: { width: 390, height: 844 },
  hasTouch: true,
  reducedMotion: 'reduce',
});
const page = await context.newPage();
page.on('pageerror', (e) => console.error('PAGEERROR', e.message));
page.on('console', (m) => m.type() === 'error' && console.error('CONSOLE', m.text()));
await page.goto(studio.url);
const shoot = async (n: string) => {
  await page.evaluate(() => document.fonts.ready);
  await page.waitForTimeout(250);
  await page.screenshot({ path: `${folder}/${n}.png` });
};
const part = process.argv[2] ?? 'all';
const is = (p: string) => part === 'all' || part === p;
try {
  if (is('taps')) {
    await openLook(page, 'Osric Tidewell');
    await shoot('t1-setup');
    await page.getByRole('button', { name: 'By tap' }).click();
    await shoot('t2-station');
    await page.getByRole('button', { name: 'Look closer' }).click();
    await shoot('t3-thumbip');
    await page.getByRole('radio', { name: 'about 40°' }).click();
    await shoot('t4-mcp');
    await page.getByRole('button', { name: 'Can’t tell' }).click();
    await shoot('t5-contact');
    await page.getByRole('radio', { name: 'the pad' }).click();
    await shoot('t6-place');
    await page.getByRole('slider').click({ position: { x: 180, y: 100 } });
    await shoot('t7-approach');
    await page.getByRole('button', { name: 'Looks fine' }).click();
    await shoot('t8-oppo');
    await page.getByRole('button', { name: 'Looks fine' }).click();
    await shoot('t9-over');
    await page.getByRole('button', { name: 'Go on' }).click();
    await shoot('t10-fingers');
    await page.getByRole('button', { name: 'Look closer' }).click();
    await shoot('t11-index');
    const box = (await page.getByRole('slider').boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + box.height * 0.55);
    await page.mouse.down();
    await shoot('t12-index-down');
    await page.mouse.up();
    await shoot('t13-lead');
    await page.getByRole('button', { name: 'Back' }).click();
    await page.getByRole('button', { name: 'The rest is fine' }).click();
    await page.getByRole('button', { name: 'Look closer' }).click();
    await shoot('t14-little');
    await page.getByRole('button', { name: 'Back' }).click();
    await page.getByRole('button', { name: 'All fine here' }).click();
    await shoot('t15-wrist');
    await page.getByRole('button', { name: 'All fine here' }).click();
    await shoot('t16-result');
  }
  if (is('photo')) {
    await page.goto(studio.url);
    await openLook(page, 'Ines Halvorn');
    await shoot('p1-setup');
    await page.getByRole('button', { name: 'Take a picture' }).click();
    await shoot('p2-view');
    await page.getByRole('button', { name: 'Back' }).click();
    const fs = demoPicture('settled.finger-side');
    await choosePicture(page, fs.file);
    await shoot('p3-chosen');
    await page.getByRole('button', { name: 'Place the points' }).click();
    await placePoints(page, fs, FINGER_SIDE_ORDER);
    await shoot('p4-marked');
    await page.getByRole('button', { name: 'Read the result' }).click();
    await page.waitForTimeout(500);
    await shoot('p5-result');
    await page.getByRole('button', { name: 'Picture', exact: true }).click();
    await shoot('p6-further');
    const ts = demoPicture('settled.thumb-side');
    await choosePicture(page, ts.file);
    await page.getByRole('button', { name: 'Place the points' }).click();
    await placePoints(page, ts, [
      'stickHandEnd',
      'stickTipEnd',
      'frogFront',
      'frogBack',
      'thumbCmc',
      'thumbMcp',
      'thumbIp',
      'thumbTip',
    ]);
    await shoot('p7-thumb');
    await page.getByRole('button', { name: 'Read the result' }).click();
    await page.waitForTimeout(500);
    await page.getByText('What this rests on').scrollIntoViewIfNeeded();
    await shoot('p8-sources');
    await page.getByRole('button', { name: 'Save this look' }).click();
    await page.getByText('looked at today').waitFor();
    await shoot('p9-file');
    await page
      .getByRole('link', { name: /Open the look of/ })
      .first()
      .click();
    await page.waitForTimeout(500);
    await shoot('p10-kept');
  }
  if (is('holds')) {
    await page.goto(`${studio.url}/holds`);
    await page.getByRole('heading', { name: 'Holds' }).waitFor();
    await shoot('h1');
    await page.getByText('Where schools differ').scrollIntoViewIfNeeded();
    await shoot('h2-schools');
    await page.getByText('How it is built').scrollIntoViewIfNeeded();
    await shoot('h3-built');
    await page.getByRole('button', { name: 'Copy: Violin: shallow index' }).click();
    await page.waitForTimeout(400);
    await shoot('h4-edit');
    await page.getByRole('radio', { name: 'Thumb', exact: true }).click();
    await shoot('h5-edit-thumb');
    await page.getByRole('radio', { name: 'Place on the stick' }).click();
    await shoot('h6-edit-place');
    await page.getByLabel(/^from/).fill('99');
    await shoot('h7-refused');
  }
  if (is('form')) {
    await page.goto(studio.url);
    await page.getByRole('link', { name: 'Students' }).click();
    await shoot('f0-list');
    await page.getByRole('link', { name: /Open Ines/ }).click();
    await page.waitForTimeout(400);
    await shoot('f1-file');
    await page.getByRole('radio', { name: /Viola/ }).click();
    await page.waitForTimeout(400);
    await shoot('f2-viola');
    await page.getByRole('button', { name: 'Edit' }).click();
    await page.waitForTimeout(400);
    await shoot('f3-form');
    await page.getByRole('button', { name: 'Where schools differ' }).first().click();
    await page.getByText('Where does the thumb sit?').scrollIntoViewIfNeeded();
    await shoot('f4-schools');
  }
  if (is('nine')) {
    await page.setViewportSize({ width: 1280, height: 900 });
    await page.goto(`${studio.url}/holds`);
    await page.getByRole('heading', { name: 'Holds' }).waitFor();
    const first = page.getByRole('radiogroup', { name: 'This hold' });
    const names = await first.getByRole('radio').allInnerTexts();
    for (const [i, name] of names.entries()) {
      await first.getByRole('radio', { name, exact: true }).click();
      await page
        .getByRole('img', { name: `${name}: the hold as it is wanted` })
        .first()
        .screenshot({ path: `${folder}/n${i}.png` });
    }
    await shoot('w-holds');
    await page.getByRole('button', { name: 'Copy: Violin: deep index' }).click();
    await page.waitForTimeout(400);
    await page.getByRole('radio', { name: 'Little finger' }).click();
    await page.getByRole('radio', { name: 'Bend of the middle joint' }).click();
    await page.waitForTimeout(200);
    await shoot('w-edit');
  }
} finally {
  await shoot('zz-last');
  await browser.close();
  await studio.stop();
}
