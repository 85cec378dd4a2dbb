import { readFileSync, writeFileSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import {
  choosePicture,
  demoPicture,
  FINGER_SIDE_ORDER,
  markPicture,
  openLook,
  openSetup,
  THUMB_SIDE_ORDER,
} from '../support/lookAtHold';
import { expect, test } from '../support/test';
import { answerCheckpoint, openSection, press } from '../support/teacher';

const fingerSide = demoPicture('settled.finger-side');
const thumbSide = demoPicture('settled.thumb-side');
const profile = demoPicture('settled.profile');
const PROFILE_ORDER = [
  'wrist',
  'middleMcp',
  'littleMcp',
  'littlePip',
  'littleDip',
  'littleTip',
  'forearm',
];

const rowOf = (page: Page, name: string) =>
  page
    .getByText(name, { exact: true })
    .filter({ visible: true })
    .first()
    .locator('..')
    .locator('..');

test('three pictures make one look, with the wrist at heel and point', async ({ page }) => {
  await openLook(page, 'Osric Tidewell');
  await markPicture(page, 'Finger side', fingerSide, FINGER_SIDE_ORDER);
  await page.getByRole('button', { name: 'Read the result' }).click();
  for (const place of ['At the heel', 'At the point']) {
    await page.getByRole('button', { name: 'Picture', exact: true }).click();
    await openSetup(page);
    await page.getByRole('radio', { name: place }).click();
    await markPicture(page, 'Profile with forearm', profile, PROFILE_ORDER);
    await page.getByRole('button', { name: 'Read the result' }).click();
  }
  await expect(page.getByText('Wrist up or down, at the heel')).toBeVisible();
  await expect(page.getByText('Wrist up or down, at the point')).toBeVisible();
  // The same picture twice: the wrist did not move, which is locked.
  await expect(rowOf(page, 'Wrist from heel to point')).toContainText('locked');
  await page.getByRole('button', { name: /^Remove: Profile with forearm, at the point/ }).click();
  await expect(page.getByText('Wrist up or down, at the point')).toHaveCount(0);
  await page.getByRole('button', { name: 'Save this look' }).click();
  await openSection(page, 'Looks');
  await expect(
    page.getByText('Free in the air · Finger side · Profile with forearm'),
  ).toBeVisible();
});

test('what an eye and a picture see differently is told, and nothing is believed alone', async ({
  page,
}) => {
  await openLook(page, 'Osric Tidewell');
  await markPicture(page, 'Thumb side', thumbSide, THUMB_SIDE_ORDER);
  await page.getByRole('button', { name: 'Read the result' }).click();
  await expect(rowOf(page, 'Bend of the last joint')).toContainText('good');
  await page.getByRole('button', { name: 'Answer the rest by tap' }).click();
  await answerCheckpoint(page, 'Bend of the last joint', 'bent backward');
  await press(page, 'Back');
  const row = rowOf(page, 'Bend of the last joint');
  await expect(row).toContainText('unsure');
  await expect(row).toContainText('what was seen does not agree');
  await expect(row).toContainText(/Thumb side: (39|4\d)° ± \d°/);
  await expect(row).toContainText('answered by tap: −20° ± 8°');
});

test('a thumb that points at the camera gets advice instead of a firm number', async ({ page }) => {
  const [ip, tip] = [thumbSide.points2d.thumbIp!, thumbSide.points2d.thumbTip!];
  const half = (a: number, b: number) => a + (b - a) * 0.5;
  const oblique = {
    ...thumbSide,
    points2d: { ...thumbSide.points2d, thumbTip: [half(ip[0], tip[0]), half(ip[1], tip[1])] },
  } as typeof thumbSide;
  await openLook(page, 'Osric Tidewell');
  await markPicture(page, 'Thumb side', oblique, THUMB_SIDE_ORDER);
  const advice = 'take the camera lower, and look up at the hand';
  await expect(page.getByRole('note').filter({ hasText: advice })).toBeVisible();
  await page.getByRole('button', { name: 'Read the result' }).click();
  const row = rowOf(page, 'Bend of the last joint');
  await expect(row).toContainText('unsure');
  await expect(row).toContainText(advice);
});

test('points are saved as a file and brought back from it, row by row', async ({ page }) => {
  await openLook(page, 'Osric Tidewell');
  await markPicture(page, 'Finger side', fingerSide, FINGER_SIDE_ORDER);
  await page.getByRole('button', { name: 'Read the result' }).click();
  await page.getByRole('button', { name: 'Save this look' }).click();
  await openSection(page, 'Looks');
  await page.getByRole('link', { name: /Open the look of/ }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the points as a file' }).click();
  const file = await (await download).path();
  const coco = JSON.parse(readFileSync(file, 'utf8'));
  expect(coco.categories[0].name).toBe('hand_bow');
  expect(coco.annotations[0].num_keypoints).toBe(20);

  // A second row that cannot be used stands beside the first, which can.
  coco.annotations.push({ ...coco.annotations[0], num_keypoints: 3 });
  const both = join(mkdtempSync(join(tmpdir(), 'coco-')), 'points.json');
  writeFileSync(both, JSON.stringify(coco));
  const bad = join(mkdtempSync(join(tmpdir(), 'coco-')), 'bad.json');
  writeFileSync(bad, JSON.stringify({ ...coco, categories: [{ id: 1, name: 'person' }] }));

  await page.getByRole('button', { name: 'Back to the student' }).click();
  await page.getByRole('button', { name: 'Look at the hold' }).click();
  await choosePicture(page, fingerSide.file);
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  const load = async (path: string) => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Points from a file' }).click();
    await (await chooser).setFiles(path);
  };
  await load(bad);
  await expect(page.getByRole('alert')).toContainText('expected one named "hand_bow"');
  await load(both);
  await expect(page.getByText(/2\. cannot be used: .*is 3, but 20 are marked/)).toBeVisible();
  await page.getByRole('button', { name: /^1\. .*finger side, 20 points/ }).click();
  await expect(page.getByText('Everything this view can tell is marked.')).toBeVisible();
  await page.getByRole('button', { name: 'Read the result' }).click();
  await expect(rowOf(page, 'Index: depth')).toContainText(/1\.[34] ± 0\.2\)/);
});
