import { useSyncExternalStore } from 'react';
import useSWR from 'swr';
import { v7 as uuidv7 } from 'uuid';
import type { BinItem, Removal } from '@open-palm/contract';
import { binItemSchema, binSchema, removableSchema } from '@open-palm/contract/bin';
import { post } from './access';
import { ask, put } from './client';
import { forgetErased } from './forgetErased';
import { paths } from './paths';
import { refreshAll } from './refresh';
import { forgetAnswersAbout } from './rememberedAnswers';
import { sync } from './sync';
import { studentOf } from './sync/entry';

let last: BinItem | null = null;
const listeners = new Set<() => void>();
const note = (item: BinItem | null) => {
  last = item;
  listeners.forEach((listener) => listener());
};

/** What was removed on this page and not brought back: what still shows it need not ask the studio to know. */
const removedHere = new Set<string>();

/** Whether something was removed on this page. */
export const useIsRemoved = (ofId: string): boolean =>
  useSyncExternalStore(onRemoved, () => removedHere.has(ofId));

/** What was removed last on this page, as long as it can be taken back with one touch. */
export const lastRemoved = (): BinItem | null => last;
export const dismissRemoved = (): void => note(null);
export function onRemoved(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** What there is to be removed, and what goes with it. */
export const useRemovable = (removal: Removal | null) =>
  useSWR(removal && paths.removable(removal.kind, removal.ofId), (path: string) =>
    ask(removableSchema, path),
  );

/** How soon it is asked again while backups are written anew, ms. */
const REWRITING_MS = 2000;

/** What was removed and can be brought back. */
export function useBin() {
  const { data, error, mutate } = useSWR(paths.bin, (path: string) => ask(binSchema, path), {
    refreshInterval: (latest) => (latest && latest.backupsHolding > 0 ? REWRITING_MS : 0),
  });
  return { data, error: error as Error | undefined, retry: () => void mutate() };
}

/** Removes something: it can be brought back for a week. */
export async function remove(removal: Removal): Promise<BinItem> {
  const item = await put(binItemSchema, paths.inBin(uuidv7()), removal);
  const isOf = (id: string | null) => id === removal.ofId;
  // What this page knows of it newer than the studio's answers is not shown any more either.
  if (removal.kind !== 'letter') sync.forgetArrived((one) => isOf(one.id) || isOf(studentOf(one)));
  await forgetAnswersAbout((path) => path.includes(removal.ofId));
  removedHere.add(item.ofId);
  note(item);
  await refreshAll();
  return item;
}

export async function bringBack(id: string): Promise<void> {
  const item = await post(binItemSchema, paths.backFromBin(id));
  removedHere.delete(item.ofId);
  note(last?.id === id ? null : last);
  await refreshAll();
}

/** Erases something that was removed, for good. */
export async function eraseForGood(id: string): Promise<void> {
  await post(binSchema, paths.eraseFromBin(id));
  if (last?.id === id) note(null);
  await forgetErased();
  await refreshAll();
}
