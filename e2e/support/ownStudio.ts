import type { BrowserContext } from '@playwright/test';
import { startOwnStudio, type RunningStudio } from './studio';
import { expect, test as withStudio } from './test';

export const PASSPHRASE = 'four quiet herons wade';

const SETTINGS = {
  name: 'Lantern Street Strings',
  dateStyle: 'dayFirst',
  timeZone: 'Europe/Berlin',
  instruments: ['violin', 'cello'],
  units: 'metric',
};

/** Begins a studio in a browser, which is signed in as its owner then; returns the owner's id. */
export async function begin(
  context: Pick<BrowserContext, 'request'>,
  studio: RunningStudio,
): Promise<string> {
  const [, code] = studio.firstRunLink!.split('#');
  const answer = await context.request.post(`${studio.url}/api/access/first`, {
    headers: { Origin: studio.url, 'Open-Palm-Build': 'test' },
    data: { code, name: 'Maren Solveig', passphrase: PASSPHRASE, settings: SETTINGS },
  });
  expect(answer.status()).toBe(200);
  return ((await answer.json()) as { me: { id: string } }).me.id;
}

/** A teacher's own studio instead of the demo's, with its owner signed in. */
export const test = withStudio.extend<{ studio: RunningStudio; context: BrowserContext }>({
  // eslint-disable-next-line no-empty-pattern
  studio: async ({}, provide) => {
    const studio = await startOwnStudio();
    await provide(studio);
    await studio.stop();
  },
  context: async ({ context, studio }, provide) => {
    await begin(context, studio);
    await provide(context);
  },
});

export { expect };
