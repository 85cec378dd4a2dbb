import { useSyncExternalStore } from 'react';

/** Which build of the app this page is; it stands in the page that the studio served. */
export const APP_BUILD: string =
  (typeof document !== 'undefined' &&
    document.querySelector?.('meta[name="open-palm-build"]')?.getAttribute('content')) ||
  'unbuilt';

/** Why this page is to be loaded anew: the studio has a newer app, or another studio answers. */
export type Outdated = 'renewed' | 'otherStudio';

let outdated: Outdated | null = null;
const listeners = new Set<() => void>();

/** Compares the build that answers with this page's: another one means that this page is to be loaded anew. */
export function noteStudioBuild(build: string | null): void {
  if (build === null || build === APP_BUILD || outdated) return;
  noteRenewed();
}

/** A part of the program is gone that this page still asks for, or the studio says that it was renewed or is another. */
export function noteRenewed(why: Outdated = 'renewed'): void {
  outdated = why;
  listeners.forEach((listener) => listener());
}

/** Why this page is to be loaded anew; null where it is not. */
export const useOutdated = (): Outdated | null =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => outdated,
  );
