import { groupListSchema, studentListSchema } from '@open-palm/contract';
import { ask } from './client';
import { paths } from './paths';

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

/** Reads every group and hand file once somebody is in, so that a row can be walked and a look taken of any student when the network is gone. */
export async function rememberStudio(): Promise<void> {
  await takenOver;
  const { groups } = await ask(groupListSchema, paths.groups);
  for (const { group } of groups) await fetch(paths.group(group.id));
  const { students } = await ask(studentListSchema, paths.students);
  for (const { student } of students) {
    await fetch(paths.handFile(student.id));
    for (const { id } of student.setups) await fetch(paths.handFile(student.id, id));
  }
}
