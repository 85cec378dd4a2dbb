import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import { press } from './teacher';

/** A UUID of version 7, as the app makes them. */
export const uuid = () => randomUUID().replace(/^(.{8}-.{4}-)./, '$17');

/** A student of the demo as the studio has it. */
export async function studentOf(
  url: string,
  name: string,
): Promise<{ id: string; version: number; setups: { id: string }[] } & Record<string, unknown>> {
  const { students } = await (await fetch(`${url}/api/students`)).json();
  return students.find((one: { student: { name: string } }) => one.student.name === name).student;
}

/** Changes a student's name on this page, after another device has changed it too: both then wait to be chosen from. */
export async function changedInTwoPlaces(page: Page, url: string, name: string): Promise<string> {
  const { id, version, ...body } = await studentOf(url, name);
  await page.goto(`${url}/students/${id}/edit`);
  await page.getByLabel('Name', { exact: true }).fill('Osric T.');
  const elsewhere = await fetch(`${url}/api/students/${id}`, {
    method: 'PUT',
    headers: {
      'Content-Type': 'application/json',
      'Open-Palm-Build': 'another-device',
      Origin: url,
      'Open-Palm-Edit': uuid(),
      'Open-Palm-Based-On': String(version),
    },
    body: JSON.stringify({ ...body, name: `${name} the Younger`, birthYear: 2011 }),
  });
  if (!elsewhere.ok) throw new Error(await elsewhere.text());
  await press(page, 'Save');
  await page.getByText('Changed in two places').waitFor();
  return id;
}
