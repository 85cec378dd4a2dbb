import { rememberSchema } from '@open-palm/contract/remember';
import { post } from './access';
import { paths } from './paths';
import { isRemembered, rememberAnswers, rememberedVersions } from './rememberedAnswers';

/**
 * Lets the app open without a network after the first visit: a service worker keeps the app's own files, and the
 * studio's last answers to be read (not pictures: students' photographs stay with the studio).
 */
export function registerOfflineApp(): void {
  if (!('serviceWorker' in navigator) || process.env.NODE_ENV !== 'production') return;
  takenOver = navigator.serviceWorker.register('/sw.js').then(hasTakenOver);
  // Where nothing may be kept, the app still works while the studio answers.
  takenOver.catch(() => undefined);
}

/** Resolves once answers are kept; never where they are not. */
let takenOver: Promise<void> = new Promise(() => undefined);

/** Resolves once answers go through the service worker, which they do not while it is only being set up. */
const hasTakenOver = () =>
  new Promise<void>((resolve) => {
    const { serviceWorker } = navigator;
    if (serviceWorker.controller) resolve();
    else serviceWorker.addEventListener('controllerchange', () => resolve(), { once: true });
  });

/** How long the app is left to whoever opened it, ms. */
const QUIET_MS = 4000;

/**
 * Fetches what changed of every group and hand file since this device last asked, once nobody waits for anything, so that a row can be walked
 * and a look taken of any student when the network is gone.
 */
export async function rememberStudio(): Promise<void> {
  await takenOver;
  await quiet();
  for (const path of [paths.students, paths.groups, paths.holds]) {
    // Through the service worker, which keeps it.
    if (!(await isRemembered(path))) await fetch(path);
  }
  for (let asksOn = true; asksOn;) {
    const known = await rememberedVersions();
    const { answers, more } = await rememberAnswers(() =>
      post(rememberSchema, paths.remember, { known }),
    );
    // A browser that keeps nothing would be told the same for ever.
    asksOn = more && answers.length > 0 && (await isRemembered(answers[0]!.paths[0]!));
  }
}

const quiet = () =>
  new Promise<void>((resolve) => {
    setTimeout(() => {
      if ('requestIdleCallback' in window) requestIdleCallback(() => resolve(), { timeout: 4000 });
      else resolve();
    }, QUIET_MS);
  });
