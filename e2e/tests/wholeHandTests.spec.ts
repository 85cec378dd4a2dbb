import type { Page } from '@playwright/test';
import { lookByTap, press } from '../support/teacher';
import { expect, test } from '../support/test';

async function openTests(page: Page): Promise<void> {
  await lookByTap(page, 'Osric Tidewell');
  for (let station = 1; station < 5; station += 1) await press(page, 'All fine here');
  await press(page, 'Whole-hand tests');
}

const openTest = (page: Page, name: string) =>
  page.getByRole('button', { name: `Do the test: ${name}` }).click();

test('the metronome’s beats lie exactly apart on the audio clock, also when the page is held up', async ({
  page,
}) => {
  await page.evaluate(() => {
    const starts: number[] = [];
    (window as unknown as { beats: number[] }).beats = starts;
    const start = OscillatorNode.prototype.start;
    OscillatorNode.prototype.start = function (at?: number) {
      starts.push(at ?? 0);
      start.call(this, at);
    };
  });
  await openTests(page);
  await openTest(page, 'Release the thumb');
  for (let i = 0; i < 10; i += 1) await press(page, 'Faster');
  await expect(page.getByText('100 beats a minute')).toBeVisible();
  await press(page, 'Start the beat');
  const beats = () => page.evaluate(() => (window as unknown as { beats: number[] }).beats);
  await expect.poll(async () => (await beats()).length).toBeGreaterThan(4);
  // The page does nothing else for half a second: beats must not wait for it.
  await page.evaluate(() => {
    const until = performance.now() + 500;
    while (performance.now() < until);
  });
  await expect.poll(async () => (await beats()).length).toBeGreaterThan(9);
  const at = await beats();
  for (const [i, time] of at.entries()) {
    expect(Math.abs(time - (at[0]! + i * 0.6))).toBeLessThan(1e-6);
  }
  await press(page, 'Stop the beat');
  const before = (await beats()).length;
  await press(page, 'Clean');
  expect((await beats()).length).toBe(before);
});

test('the hold is formed five times: its placements and their scatter are kept', async ({
  page,
  studio,
}) => {
  await openTests(page);
  await openTest(page, 'Form it again, five times');
  for (let time = 1; time <= 5; time += 1) {
    await expect(page.getByText(`Shake loose, and form it: ${time} of 5`)).toBeVisible();
    await press(page, 'Start');
    await press(page, 'Stop');
    const stick = page.getByRole('slider', { name: 'Place of thumb' });
    await stick.focus();
    // The thumb lies 2 mm further up each time: 2, 4, 6, 8 and 10 mm beyond its first place.
    await page.keyboard.press('ArrowRight');
    await page.keyboard.press('ArrowRight');
    await press(page, time === 5 ? 'It is formed' : 'Keep, and once more');
  }
  // The sample SD of five places 2 mm apart is √10.
  await expect(page.getByText('Thumb ± 3.2 mm')).toBeVisible();
  await expect(page.getByText('Gaps ± 0.0 · 0.0 · 0.0 mm')).toBeVisible();
  await press(page, 'Keep this result');
  await expect(page.getByText(/^Thumb ± 3\.2 mm · today$/)).toBeVisible();
  const { students } = await (await fetch(`${studio.url}/api/students`)).json();
  const osric = students.find(
    (item: { student: { name: string } }) => item.student.name === 'Osric Tidewell',
  );
  const kept = async () =>
    (await (await fetch(`${studio.url}/api/students/${osric.student.id}`)).json()).log;
  await expect.poll(async () => (await kept()).length).toBe(1);
  const [{ test: name, result }] = await kept();
  expect(name).toBe('re-form');
  expect(
    result.placements.map((placement: { xMm: { thumb: number } }) => placement.xMm.thumb),
  ).toEqual([4, 6, 8, 10, 12]);
});

test('clean tries are counted out of eight, and a beginner is not asked to carry the bow free', async ({
  page,
  studio,
}) => {
  await openTests(page);
  await openTest(page, 'Lift the fingers');
  for (const name of ['Clean', 'Clean', 'Not clean', 'Clean', 'Clean', 'Clean', 'Not clean']) {
    await press(page, name);
  }
  await expect(page.getByRole('button', { name: 'Keep this result' })).toBeDisabled();
  await press(page, 'Clean');
  await page.getByRole('radio', { name: 'ring', exact: true }).click();
  await press(page, 'Keep this result');
  await expect(page.getByText(/^clean 6\/8 · ring · today$/)).toBeVisible();
  await expect(page.getByText('Carry it free')).toBeVisible();
  await page.goto(studio.url);
  await lookByTap(page, 'Tilda Brannock');
  for (let station = 1; station < 5; station += 1) await press(page, 'All fine here');
  await press(page, 'Whole-hand tests');
  await expect(page.getByText('Lift the fingers')).toBeVisible();
  await expect(page.getByText('Carry it free')).toHaveCount(0);
});
