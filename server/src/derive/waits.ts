import type { Deriver } from './deriver';

/** How long whoever opens one thing waits for what is still worked out of it, ms. */
export const READ_WAIT_MS = 3000;

/** A list waits this long for a change or two that were just made; many are told as still worked out. */
const LIST_WAIT_MS = 250;
const FEW = 2;

/** Lets a list that is read right after a look was kept show it, and makes nobody wait while a whole studio is worked out. */
export async function soon(deriver: Deriver): Promise<void> {
  const waiting = deriver.waiting();
  if (waiting.length === 0 || waiting.length > FEW || deriver.backlog() > FEW) return;
  await deriver.settled(waiting, LIST_WAIT_MS);
}
